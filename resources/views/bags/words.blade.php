@use(Fescue\Core\Measure\Decimal)
@use(Fescue\Core\Instruction\Vocabulary)
@use(Fescue\Core\Stitch\Terms)
@php
    $plan = $sheet->plan;
    $material = $plan->spec->strands->own;
@endphp
<x-layout :title="$bag->name().', in words'">
    @include('bags.head')
    <div class="words-page">
        <section aria-label="Pattern">
            <div class="acts tabs">
                @foreach (Terms::cases() as $terms)
                    <a href="{{ route('bags.words', [$bag, 'terms' => $terms->value]) }}" @if ($sheet->terms === $terms) aria-current="true" @endif>{{ Vocabulary::of($terms)->called }}</a>
                @endforeach
                <a href="{{ route('bags.pdf', [$bag, 'terms' => $sheet->terms->value]) }}">PDF</a>
                <a href="{{ route('bags.export', $bag) }}">Bag file</a>
                <button type="button" class="plain" data-print hidden>Print</button>
            </div>
            @include('bags.pattern')
        </section>
        <aside aria-label="What you need">
            <div class="section-rule"><h2>You need</h2>
                <ul class="list-plain">
                    @foreach ($sheet->needs() as [$what, $much])
                        <li><span>{{ $what }}</span><b>{{ $much }}</b></li>
                    @endforeach
                </ul>
            </div>
            <div class="section-rule"><h2>Comes out</h2>
                <p>{{ $sheet->figure($plan->comesOut->flatWidth) }} × {{ $sheet->say($plan->comesOut->height) }} {{ $sheet->foot() }}.</p>
            </div>
            @if ($sheet->cautions() !== [])
            <div class="section-rule"><h2>Take care</h2>
                <ul class="notes">
                    @foreach ($sheet->cautions() as $note)
                        <li class="{{ $note->tone->value }}"><b>{{ $note->lead }}</b> {{ $note->rest }}</li>
                    @endforeach
                </ul>
            </div>
            @endif
        </aside>
    </div>
</x-layout>
