@use(Fescue\Core\Measure\Decimal)
@php
    $plan = $sheet->plan;
    $estimate = $sheet->estimate;
    $chance = $estimate->inHundred();
    $onHand = $plan->spec->material->onHand;
    $noun = $plan->spec->material->kind->noun();
    $rows = array_map(fn ($row) => $row->name, $plan->pattern->rows);
    $out = $estimate->runsOut;
    $rest = $onHand === null ? null : $onHand->grams - $estimate->grams->likely;
    $price = $bag->material?->priceOfOne();
    $last = $plan->spec->weighIns === [] ? null : $plan->spec->weighIns[count($plan->spec->weighIns) - 1]->after;
    $next = $last === null ? ($rows[min(4, count($rows) - 1)]) : ($rows[min(count($rows) - 1, (int) array_search($last, $rows, true) + 3)]);
@endphp
<x-layout :title="$bag->name().', enough?'">
    @include('bags.head')
    @if ($errors->any())<div class="flash trouble" role="alert" tabindex="-1" data-focus><p><b>Not entered.</b> {{ $errors->first() }}</p></div>@endif
    <div class="card-page">
        <section aria-label="Whether it is enough">
            <div class="figures">
                <p class="figure @if ($estimate->isSure()) good @elseif ($chance !== null) bad @endif"><b>{{ $chance ?? '?' }}</b>@if ($chance !== null) in 100 @endif<span>{{ $chance === null ? 'ball not weighed' : 'that it is enough' }}</span></p>
                <p class="figure"><b>{{ Decimal::print($estimate->grams->likely) }}</b> g<span>{{ Decimal::print($estimate->grams->low()) }} to {{ Decimal::print($estimate->grams->high()) }} in 9 of 10</span></p>
                <p class="figure"><b>{{ Decimal::print($estimate->metres->likely) }}</b> m<span>{{ $estimate->origin->value }}</span></p>
                @if ($plan->spec->weighIns !== [])<p class="figure"><b>{{ Decimal::print($estimate->remaining->likely) }}</b> g<span>still to come</span></p>@endif
            </div>
            @if ($out)
                <p class="section-rule"><b>Runs out in {{ $out->row }}, near stitch {{ $out->stitch }}:</b> not before {{ $out->earliest }}@if ($out->latest !== null) and not after {{ $out->latest }}@else , or not at all @endif, in nine of ten bags.</p>
            @elseif ($rest !== null && $rest > 0)
                <p class="section-rule">It is likely to reach, with about {{ Decimal::print($rest) }} g ({{ Decimal::print($rest / $plan->spec->material->density->gramsPerMetre) }} m) left over.</p>
            @endif
            <div class="sheet narrowing" tabindex="0" role="group" aria-label="How the estimate narrows">{!! $bands !!}</div>
            @if ($mends !== [])
                <section class="section-rule" aria-labelledby="mends">
                    <h2 id="mends">Making it fit</h2>
                    <ol class="mends">
                        @foreach ($mends as $mend)
                            <li><b>{{ $mend->do }}.</b> {{ ucfirst($mend->costs) }}.@if ($mend->chance !== null) Then {{ max(1, min(99, (int) round(100 * $mend->chance))) }} in 100.@endif</li>
                        @endforeach
                    </ol>
                </section>
            @endif
            <section class="section-rule" aria-labelledby="parts">
                <h2 id="parts">Where it goes</h2>
                <table class="compare">
                    <thead><tr><th scope="col">part</th><th scope="col">metres</th><th scope="col">grams</th></tr></thead>
                    <tbody>@foreach ($estimate->parts as $part)<tr><th scope="row">{{ $part->part }}</th><td>{{ Decimal::print($part->metres, 1) }}</td><td>{{ Decimal::print($part->grams) }}</td></tr>@endforeach</tbody>
                </table>
                @if ($estimate->unit)
                    <p>In balls of {{ $estimate->unit->print() }}: {{ $estimate->balls(0.8) }} to be 80 % sure, {{ $estimate->balls(0.95) }} for 95 %, {{ $estimate->balls(0.99) }} for 99 %.</p>
                @endif
                @if ($price !== null)<p>At its price the {{ $noun }} of it comes to {{ Decimal::print($price * $estimate->grams->likely, 2) }}.</p>@endif
            </section>
        </section>
        <section aria-label="Weigh-ins">
            <h2>Weigh what is left</h2>
            <p>Lay the ball on the scale between two rounds, the work hanging beside it. Each weigh-in says how much your hands really take.</p>
            <form method="post" action="{{ route('bags.enough', $bag) }}" novalidate>
                @csrf
                <div class="pair">
                    <x-pick name="after" label="After" :options="array_combine($rows, $rows)" :value="$next" />
                    <x-field name="left" label="is left" placeholder="640 g" autocomplete="off" />
                </div>
                <button class="btn btn-primary">Enter it</button>
            </form>
            @if ($plan->spec->weighIns !== [])
                <ul class="list-plain weigh-ins">
                    @foreach ($plan->spec->weighIns as $place => $weighIn)
                        <li><span>after {{ $weighIn->after }}</span><b>{{ $weighIn->left->print() }}</b>
                            <form method="post" action="{{ route('bags.enough.remove', [$bag, $place]) }}">@csrf @method('delete')<button class="plain" aria-label="Take out the weigh-in after {{ $weighIn->after }}">Take out</button></form>
                        </li>
                    @endforeach
                </ul>
            @elseif ($onHand === null)
                <p class="soft">What was on hand at the start is not known: the first weigh-in only begins.</p>
            @endif
        </section>
    </div>
</x-layout>
