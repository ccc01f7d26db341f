@use(Fescue\Core\Measure\Decimal)
@use(Fescue\Core\Measure\Duration)
@php
    $begun = $sheet->begun;
    $way = $begun->chosen();
    $plan = $way->plan;
@endphp
@if ($plan === null)
    <div class="figure-row"><b>{{ $way->name }}</b><p class="sub">{{ $way->why }}</p></div>
@else
    @php
        $grams = $begun->grams($plan);
        $minutes = $begun->minutes($plan);
        $out = $plan->comesOut;
    @endphp
    <div class="figure-row"><p><span class="large">{{ Decimal::print($grams->likely) }}</span> g of
        {{ $begun->kind->noun() }}</p>
        <p class="sub">{{ Decimal::print($grams->low()) }} to {{ Decimal::print($grams->high()) }} in 9 of 10,
            {{ $begun->material !== null ? 'from your stash’s weight' : 'guessed: weigh a metre and it narrows' }}</p>
            </div>
    <div class="figure-row"><p><span class="large">{{ Decimal::print($plan->work->stitches()->total()) }}</span>
        stitches</p>
        <p class="sub">{{ count($plan->work->rows) }} rounds and rows,
            {{ $plan->assembly()?->tabs !== null ? "{$plan->assembly()->tabs->total} tabs"
            : ($plan->work->start->isChain() ? "first chain {$plan->work->start->works()}"
            : "{$plan->work->start->chain} holes") }}</p></div>
    <div class="figure-row"><p><span class="large">{{ rtrim($sheet->say($out->flatWidth), ' cmin') }} ×
        {{ rtrim($sheet->say($out->height), ' cmin') }}</span> {{ $begun->unit()->value }}
        {{ $plan->assembly() === null ? 'flat' : 'closed' }}</p>
        <p class="sub">@if ($out->litres > 0.05){{ Decimal::print($out->litres, 1) }} litres,
            @endif{{ $begun->isMeasured() ? 'by your swatches' : 'a guessed gauge: work a swatch and it is yours' }}</p>
            </div>
    <div class="figure-row"><p><span class="large">{{ Duration::about($minutes->likely) }}</span></p>
        <p class="sub">at {{ auth()->guest() ? 'a common' : 'your' }} pace</p></div>
@endif
