@use(Fescue\Core\Instruction\Vocabulary)
@use(Fescue\Core\Stitch\Terms)
<x-layout :title="$bag->name().', in words'">
    @include('bags.head')
    <div class="words-page">
        <section aria-label="Pattern">
            <div class="acts tabs">
                @foreach (Terms::cases() as $terms)
                    <a href="{{ route('bags.words', [$bag, 'terms' => $terms->value]) }}" @if ($sheet->terms === $terms)
                        aria-current="true" @endif>{{ Vocabulary::of($terms)->called }}</a>
                @endforeach
                <a href="{{ route('bags.pdf', [$bag, 'terms' => $sheet->terms->value]) }}">PDF</a>
                <a href="{{ route('bags.export', $bag) }}">Bag file</a>
                <button type="button" class="plain" data-print hidden>Print</button>
            </div>
            @include('bags.pattern')
        </section>
        <aside aria-label="Drawings">
            @foreach ($sheet->words()->drawings() as [$title, $canvas, $said])
                <div class="table-head"><h2>{{ ucfirst(substr($title, 4)) }}</h2>@if ($said !== '')<span>{{ ltrim($said,
                    ', ') }}</span>@endif</div>
                <div class="sheet" tabindex="0" role="group"
                    aria-label="Drawing of the {{ substr($title, 4) }}">{!! $canvas->inline() !!}</div>
            @endforeach
        </aside>
    </div>
</x-layout>
