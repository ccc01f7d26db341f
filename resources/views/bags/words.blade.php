@use(App\Tongue\Tongues)
@use(Fescue\Core\Tongue\Tongue)
<x-layout :title="__('{bag}, in words', ['bag' => $bag->name()])">
    @include('bags.head')
    <div class="words-page">
        <section aria-label="{{ __('Pattern') }}">
            <div class="acts tabs">
                @foreach (Tongues::ofPatterns() as $tongue => $named)
                    <a href="{{ route('bags.words', [$bag, 'terms' => Tongue::terms($tongue)->value]) }}"
                        lang="{{ $tongue }}" @if ($sheet->terms === Tongue::terms($tongue)) aria-current="true"
                        @endif>{{ $named }}</a>
                @endforeach
                <a href="{{ route('bags.pdf', [$bag, 'terms' => $sheet->terms->value,
                    'beside' => $other?->terms->value]) }}">{{ __('PDF') }}</a>
                <a href="{{ route('bags.export', $bag) }}">{{ __('Bag file') }}</a>
                <button type="button" class="plain" data-print hidden>{{ __('Print') }}</button>
                <a href="{{ route('how-to') }}">{{ __('How it is worked') }}</a>
            </div>
            <form class="beside-which" method="get" action="{{ route('bags.words', $bag) }}">
                <input type="hidden" name="terms" value="{{ $sheet->terms->value }}">
                <label for="beside">{{ __('Beside it') }}</label> <select class="form-select" id="beside" name="beside">
                    <option value="">{{ __('no other language') }}</option>
                    @foreach (Tongues::ofPatterns() as $tongue => $named)
                        @if ($sheet->terms !== Tongue::terms($tongue))<option lang="{{ $tongue }}"
                            value="{{ Tongue::terms($tongue)->value }}"
                            @selected($other?->terms === Tongue::terms($tongue))>{{ $named }}</option>@endif
                    @endforeach
                </select> <button class="plain">{{ __('Set it so') }}</button>
            </form>
            @if ($other === null) @include('bags.pattern') @else @include('bags.pair') @endif
        </section>
        <aside aria-label="{{ __('Drawings') }}" lang="{{ $sheet->tongue()->locale() }}">
            @foreach ($sheet->words()->drawings() as [$title, $canvas, $said])
                <div class="table-head"><h2>{{ $title }}</h2>@if ($said !== '')<span>{{ $said }}</span>@endif</div>
                <div class="sheet" tabindex="0" role="group"
                    aria-label="{{ __('{drawing}, drawn', ['drawing' => $title]) }}">{!! $canvas->inline() !!}</div>
            @endforeach
        </aside>
    </div>
</x-layout>
