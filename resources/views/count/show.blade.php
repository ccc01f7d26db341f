@use(App\Rules\Typed)
@php $names = Fescue\Core\Text\Speech::NAMED; @endphp
<x-layout :title="$kept->name ?? __('Count a pattern')">
    <div class="page-head">
        <h1>{{ $kept->name ?? __('Count a pattern') }}</h1>
        @if ($kept !== null)<div class="acts"><a href="{{ route('count') }}">{{ __('Another') }}</a>
            <form method="post" action="{{ route('texts.show', $kept) }}">@csrf @method('delete')<button
                class="plain">{{ __('Put away') }}</button></form></div>@endif
    </div>
    <form class="counting" method="post" action="{{ route('count') }}" enctype="multipart/form-data" data-pattern-text>
        @csrf
        <input type="hidden" name="kept" value="{{ $kept?->id }}">
        <input type="hidden" name="revision" value="{{ $revision }}">
        <div class="text">
            <label for="text">{{ __('The pattern, as it is written') }}</label>
            <textarea
                class="form-control" id="text" name="text" lang="{{ $checked?->tongue }}" rows="15" maxlength="24000"
                spellcheck="false" autocomplete="off"
                placeholder="{{ __('Round 1: 6 sc in magic ring (6)') }}"
                aria-describedby="text-wrong">{{ "\n".$text }}</textarea>
            <p class="wrong" id="text-wrong">{{ $wrong !== '' ? $wrong : $errors->first('text') }}</p>
            <div class="choices">
                <p class="file"><label for="file">{{ __('Or a text file') }}</label> <input
                    class="form-control" id="file" name="file" type="file" accept=".txt,text/plain"></p>
                <p><label for="tongue">{{
                    __('It is in') }}</label> <select class="form-select" id="tongue" name="tongue">
                    <option value="">{{ __('the language it seems to be') }}</option>
                    @foreach ($names as $key => $name)<option lang="{{ $key }}"
                        value="{{ $key }}" @selected($tongue === $key)>{{ $name }}</option>@endforeach
                </select></p>
                <p><label for="to">{{ __('Write it in') }}</label> <select class="form-select" id="to" name="to">
                    <option value="">{{ __('the same') }}</option>
                    @foreach ($names as $key => $name)<option lang="{{ $key }}"
                        value="{{ $key }}" @selected($to === $key)>{{ $name }}</option>@endforeach
                </select></p>
            </div>
            <p class="acts"><button class="btn btn-primary">{{ __('Count it') }}</button> <button
                class="btn btn-quiet" data-keep formaction="{{ route('count.bag') }}">{{
                    __('Make a bag of it') }}</button></p>
            <details class="resize" id="resize" @if (($misfits ?? []) !== [] || ($changed ?? []) !== []) open @endif>
                <summary>{{ __('Another size') }}</summary>
                <p class="hint">{{ __('Straight runs and repeats stretch, all their counts with them; corners, '
                    .'increases and holes stay.') }}</p>
                @foreach (['across' => __('Stitches more across'), 'grows' => __('Rounds of increases more'),
                    'rounds' => __('Rows or rounds higher')] as $field => $label)
                    <div class="line"><label for="{{ $field }}">{{ $label }}</label><input class="form-control"
                        id="{{ $field }}" name="{{ $field }}" inputmode="numeric" autocomplete="off" maxlength="4"
                        value="{{ ($before ?? null) === null ? Typed::text(request(), $field) : '' }}"
                        aria-describedby="{{ $field }}-wrong">
                        <p class="wrong" id="{{ $field }}-wrong">{{ $misfits[$field] ?? '' }}</p></div>
                @endforeach
                <p class="acts"><button class="btn btn-quiet" data-keep
                    formaction="{{ route('count.resize') }}#resize">{{
                    __('Write it so') }}</button>@if (($before ?? null) !== null) <button class="plain" data-keep
                    name="back" value="1" formaction="{{ route('count.resize') }}#resize">{{
                        __('As it was') }}</button>@endif</p>
                @if (($before ?? null) !== null)<textarea name="before" hidden>{{ "\n".$before }}</textarea>@endif
                @if (($changed ?? []) !== [])
                    <ul class="changed" lang="{{ $checked?->tongue }}">@foreach ($changed as $one)<li>{{
                    $one }}</li>@endforeach</ul>@endif
                @if (($ways ?? []) !== [])
                    @foreach ($by as $field => $many)<input type="hidden" name="by[{{ $field }}]"
                        value="{{ $many }}">@endforeach
                    <p class="hint" id="ways">{{ __('It comes out in more ways than one:') }}</p>
                    <ul class="ways" aria-labelledby="ways">@foreach ($ways as $nth => $said)<li><button
                        class="plain" data-keep name="way" value="{{ $nth }}" aria-pressed="{{
                            $nth === $way ? 'true' : 'false' }}" lang="{{ $checked?->tongue }}"
                        formaction="{{ route('count.resize') }}#resize">{{ $said }}</button></li>@endforeach</ul>
                @endif
            </details>
            @auth
                <div class="keep">
                    <x-field name="name" :label="__('Name')" :value="$called" maxlength="80"
                        :hint="__('To find it again on your shelf of texts.')" />
                    <button class="btn btn-quiet" data-keep
                        formaction="{{ $kept === null ? route('texts.store') : route('texts.update', $kept) }}">{{
                        __('Keep it') }}</button>
                    @if ($kept !== null)<button class="plain" data-keep formaction="{{ route('texts.store') }}">{{
                        __('Keep as another') }}</button>@endif
                </div>
            @else
                <p class="soft">@told('<a>Sign in</a> to keep it.', [], [route('sign-in')])</p>
            @endauth
        </div>
        <section class="proof" aria-labelledby="proof">
            <div class="table-head"><h2 id="proof">{{ __('What each row takes and leaves') }}</h2><span><button
                type="button" class="plain" data-copy hidden>{{ __('Copy') }}</button> <button type="button"
                class="plain" data-print hidden>{{ __('Print') }}</button></span></div>
            <div data-proof aria-live="polite">@include('count.proof')</div>
        </section>
    </form>
    @if ($texts !== null && $texts->isNotEmpty())
        <section class="section-rule" aria-labelledby="shelf">
            <h2 id="shelf">{{ __('Texts you keep') }}</h2>
            <ul class="texts">
                @foreach ($texts as $one)
                    <li><a href="{{ route('texts.show', $one) }}" @if ($kept?->id === $one->id) aria-current="page"
                        @endif>{{ $one->name }}</a> <span class="soft">{{ $one->updated_at?->translatedFormat('j M Y')
                        }}</span></li>
                @endforeach
            </ul>
            <x-pages :of="$texts" />
        </section>
    @endif
</x-layout>
