@use(App\Tongue\Tongues)
@use(Fescue\Core\Measure\Duration)
@use(Fescue\Core\Estimate\MaterialEstimate)
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
    <div class="figure-row"><p><span class="large">{{ Tongues::figure($grams->likely) }}</span>
        {{ __('g of {material}', ['material' => __($begun->kind->noun())]) }}</p>
        <p class="sub">{{ __('{low} to {high} in 9 of 10, {from}', [
            'low' => Tongues::figure($grams->low()),
            'high' => Tongues::figure($grams->high()),
            'from' => $begun->material !== null ? __('from your stash’s weight')
                : __('guessed: weigh a metre and it narrows'),
        ]) }}</p></div>
    @php $chance = $begun->enough($plan); @endphp
    @if ($chance !== null)<div class="figure-row"><p><span @class(['large', 'good' => $chance >= MaterialEstimate::SURE,
        'bad' => $chance < MaterialEstimate::SURE])>{{ MaterialEstimate::hundred($chance) }}</span>
        {{ __('in 100: enough') }}</p>
        <p class="sub">{{ $sheet->reaches($plan) }}</p></div>@endif
    @php
        $stitches = $plan->work->stitches()->total();
        $start = $plan->work->start;
        $tabs = $plan->assembly()?->tabs;
    @endphp
    <div class="figure-row"><p><span class="large">{{ Tongues::figure($stitches) }}</span>
        {{ __('{n, plural, one {stitch} other {stitches} }', ['n' => $stitches]) }}</p>
        <p class="sub">{{ __('{n, plural, one {# round or row} other {# rounds and rows} }',
            ['n' => count($plan->work->rows)]) }}, {{ match (true) {
                $tabs !== null => __('{n, plural, one {# tab} other {# tabs} }', ['n' => $tabs->total]),
                $start->isChain() => __('first chain {n}', ['n' => $start->works()]),
                default => __('{n, plural, one {# hole} other {# holes} }', ['n' => $start->chain]),
            } }}</p></div>
    <div class="figure-row"><p><span class="large">{{ rtrim($sheet->say($out->flatWidth), ' cmin') }} ×
        {{ rtrim($sheet->say($out->height), ' cmin') }}</span> {{ $begun->unit()->value }}
        {{ $plan->assembly() === null ? __('flat') : __('closed') }}</p>
        <p class="sub">@if ($out->litres > 0.05){{ __('{litres} litres', ['litres' => $out->litres]) }},
            @endif{{ $begun->isMeasured() ? __('by your swatches')
                : __('a guessed gauge: work a swatch and it is yours') }}</p></div>
    <div class="figure-row"><p><span class="large">{{ Duration::about($minutes->likely) }}</span></p>
        <p class="sub">{{ auth()->guest() ? __('at a common pace') : __('at your pace') }}</p></div>
@endif
