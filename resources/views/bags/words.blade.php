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
                <a href="{{ route('bags.pdf', [$bag, 'terms' => $sheet->terms->value]) }}">{{ __('PDF') }}</a>
                <a href="{{ route('bags.export', $bag) }}">{{ __('Bag file') }}</a>
                <button type="button" class="plain" data-print hidden>{{ __('Print') }}</button>
            </div>
            @include('bags.pattern')
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
