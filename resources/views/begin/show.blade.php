@use(App\Bags\Beginning)
@use(App\Bags\BeginningSheet)
@use(Fescue\Core\Material\Kind)
@php $begun = $sheet->begun; @endphp
<x-layout :title="__('What shall it be?')">
    <form class="beginning" method="get" action="/begin" data-begin novalidate>
        <section class="in-hand">
            @guest<p class="what-it-is">{{ __('Fescue plans the bag that you can crochet of the strand you have: how '
                .'much it takes, how many stitches, round by round.') }}</p>@endguest
            <h1>{{ __('In your hand') }}</h1>
            @if ($materials !== [])
                <div class="part">
                    <label for="material_id">{{ __('From the stash') }}</label>
                    <select class="form-select" id="material_id" name="material_id">
                        <option value="">{{ __('none of it') }}</option>@foreach ($materials as $id => $name)
                        <option value="{{ $id }}" @selected($begun->material?->id === $id)>{{ $name }}</option>
                        @endforeach</select>
                </div>
            @endif
            <fieldset class="part strands">
                <legend>{{ __('Strand') }} <span data-region="strand">{{ __($begun->kind->name()) }}</span></legend>
                @foreach (Kind::strands() as $kind)
                    <label><input type="radio" name="kind" value="{{ $kind->value }}"
                        @checked($begun->kind === $kind)>{{ $kind === Kind::Strand ? __('several')
                        : __($kind === Kind::Ribbon ? $kind->noun() : $kind->name()) }}</label>
                @endforeach
            </fieldset>
            <fieldset class="part bars">
                <legend>{{ __('As thick as this') }} <span>{{ __('life size') }}</span></legend>
                <div data-region="bars">@include('begin.bars')</div>
            </fieldset>
            @foreach (['thick' => [__('Yours'), ''], 'hook' => [__('Hook'), $sheet->tried()]] as $field => [$label,
                $said])
                <div class="line">
                    <label for="{{ $field }}">{{ $label }} @if ($field === 'hook')<span
                        data-region="hook">{{ $said }}</span>@endif</label>
                    <input class="form-control" id="{{ $field }}" name="{{ $field }}"
                        value="{{ $field === 'hook' ? \App\Rules\Typed::text(request(), 'hook')
                            : $begun->shown('thick') }}"
                        placeholder="{{ $field === 'hook' ? $begun->hook->exact() : '' }}" maxlength="20"
                        autocomplete="off" aria-describedby="{{ $field }}-wrong">
                    <p class="wrong" id="{{ $field }}-wrong" data-wrong="{{ $field }}">{{ $begun->wrong[$field]
                        ?? '' }}</p>
                </div>
            @endforeach
            <div class="line" data-have @if ($begun->material !== null) hidden @endif>
                <label for="have">{{ __('I have') }}</label>
                <input class="form-control" id="have" name="have" value="{{ \App\Rules\Typed::text(request(), 'have')
                    }}" placeholder="450 g" maxlength="40" autocomplete="off" aria-describedby="have-wrong have-how">
                <p class="hint" id="have-how">{{ __('g, m, or balls: 3 × 250 g') }}</p>
                <p class="wrong" id="have-wrong" data-wrong="have">{{ $begun->wrong['have'] ?? '' }}</p>
            </div>
            @if ($swatches !== [])
                <div class="part">
                    <label for="swatch_id">{{ __('Gauge') }}</label>
                    <select class="form-select" id="swatch_id" name="swatch_id">
                        <option value="">{{ __('as all my swatches teach') }}</option>
                        @foreach ($swatches as $group => $names)
                            @foreach ((array) $names as $id => $name)
                                <option value="{{ is_array($names) ? $id : $group }}"
                                    @selected($begun->swatch?->id === (is_array($names) ? $id : $group))>{{ $name
                                    }}</option>
                            @endforeach
                        @endforeach
                    </select>
                </div>
            @endif
            <h2>{{ __('How large') }} <span>{{ $begun->unit()->value }}</span></h2>
            @foreach (Beginning::sides() as $side => $label)
                <div class="line">
                    <label for="{{ $side }}">{{ $label }}</label>
                    <input class="form-control" id="{{ $side }}" name="{{ $side }}" value="{{ $begun->shown($side) }}"
                        maxlength="20" autocomplete="off" aria-describedby="{{ $side }}-wrong">
                    <p class="wrong" id="{{ $side }}-wrong" data-wrong="{{ $side }}">{{ $begun->wrong[$side]
                        ?? '' }}</p>
                </div>
            @endforeach
            <noscript><button class="btn btn-primary">{{ __('Show it') }}</button></noscript>
        </section>
        <section class="all-kinds" aria-labelledby="kinds">
            <h1 id="kinds">{{ __('What shall it be?') }}</h1>
            <p class="soft">{{ __('All drawn at one scale.') }} @if ($brought !== null) · <a
                href="{{ route('count') }}">{{ __('Another pattern') }}</a> · <button
                class="plain" form="put-away">{{ __('Put yours away') }}</button>@endif @auth · <a
                href="{{ route('bags.create') }}">{{ __('From a swatch, by name and size') }}</a>@endauth</p>
            <div class="ways">
                @php $chosen = $begun->chosen()->key; @endphp
                @if ($brought === null)<a class="way-tile door" href="{{ route('count') }}"><span class="figure">{!!
                    App\Bags\PatternDoor::svg() !!}<b>{{ __('I have a pattern') }}</b><span class="said">{{
                    __('paste it: it is proven, then yours') }}</span></span></a>@endif
                @foreach ($sheet->kinds() as $key => $drawn)
                    <label class="way-tile"><input type="radio" name="bag" value="{{ $key }}"
                        @checked($chosen === $key)><span class="figure"
                        data-region="way-{{ $key }}">{!! $drawn !!}</span></label>
                @endforeach
            </div>
        </section>
        <section class="answer" aria-label="{{ __('The answer') }}" aria-live="polite"
            data-region="answer">@include('begin.answer')</section>
    </form>
    @if ($brought !== null)<form id="put-away" method="post" action="{{ route('count.bag') }}">@csrf
        @method('delete')</form>@endif
    @auth<form id="keep" method="post" action="/begin">{{ csrf_field() }}</form>@endauth
</x-layout>
