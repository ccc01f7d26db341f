@php $names = Fescue\Core\Text\Speech::NAMED; @endphp
<x-layout :title="__('Count a pattern')">
    <div class="page-head">
        <h1>{{ __('Count a pattern') }}</h1>
    </div>
    <form class="counting" method="post" action="{{ route('count') }}" enctype="multipart/form-data" data-pattern-text>
        <input type="hidden" name="_token" value="{{ csrf_token() }}" autocomplete="off">
        <div class="text">
            <label for="text">{{ __('The pattern, as it is written') }}</label>
            <textarea
                class="form-control" id="text" name="text" rows="15" maxlength="24000" spellcheck="false"
                    autocomplete="off"
                placeholder="{{ __('Round 1: 6 sc in magic ring (6)') }}"
                aria-describedby="text-wrong">{{ "\n".$text }}</textarea>
            <p class="wrong" id="text-wrong">{{ $wrong }}</p>
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
            <p><button class="btn btn-primary">{{ __('Count it') }}</button></p>
        </div>
        <section class="proof" aria-labelledby="proof">
            <h2 id="proof">{{ __('What each row takes and leaves') }}</h2>
            <div data-proof aria-live="polite">@include('count.proof')</div>
        </section>
    </form>
</x-layout>
