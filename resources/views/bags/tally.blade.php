@use(App\Drawing\EnoughBand)
@use(Fescue\Core\Estimate\MaterialEstimate)
@use(Fescue\Core\Measure\Decimal)
@use(Fescue\Core\Measure\Duration)
@use(Fescue\Core\Tally\Notes)
@php
    $hung = $sheet->hung();
    $plan = $sheet->plan;
    $estimate = $sheet->estimate;
    $out = $plan->comesOut;
    $chance = $estimate->inHundred();
    $minutes = $sheet->minutes();
@endphp
<dl>
    <div class="figure-row"><dt>stitches</dt><dd class="large">{{ Decimal::print($plan->pattern->stitches()->total()) }}</dd><dd class="sub">in {{ count($plan->pattern->rows) }} rounds</dd></div>
    <div class="figure-row">
        <dt>{{ $sheet->plan->spec->material->kind->noun() }}</dt><dd><span class="large">{{ Decimal::print($estimate->grams->likely) }}</span> g</dd>
        <dd class="band">{!! EnoughBand::of($estimate, $plan->spec->material->onHand) !!}</dd>
        <dd class="sub">{{ Decimal::print($estimate->metres->likely) }} m, {{ $estimate->origin->value }}</dd>
    </div>
    @if ($estimate->second)
        <div class="figure-row">
            <dt>then {{ $sheet->bag->second()?->name ?? 'the second' }}</dt><dd><span class="large">{{ Decimal::print($estimate->second->grams->likely) }}</span> g</dd>
            <dd class="sub">from {{ $estimate->second->from }}@if ($estimate->second->enough !== null), enough in {{ MaterialEstimate::hundred($estimate->second->enough) }} of 100 @endif</dd>
        </div>
    @endif
    <div class="figure-row">
        <dt>enough</dt>
        @if ($chance === null)
            <dd>ball not weighed</dd>
        @else
            <dd><span @class(['large', 'good' => $estimate->isSure(), 'bad' => ! $estimate->isSure()])>{{ $chance }}</span> in 100</dd>
            @if ($estimate->runsOut)<dd class="sub">runs out near {{ $estimate->runsOut->row }}, stitch {{ $estimate->runsOut->stitch }}</dd>@endif
        @endif
    </div>
    <div class="figure-row">
        <dt>comes out</dt><dd><b>{{ $sheet->figure($out->flatWidth) }} × {{ $sheet->say($out->height) }}</b> flat</dd>
        <dd class="sub">base {{ $sheet->figure($out->baseLength) }} × {{ $sheet->say($out->baseWidth) }} · {{ Decimal::print($out->litres, 1) }} l</dd>
        @if ($hung !== '')<dd class="sub">{{ $hung }}</dd>@endif
        @if ($sheet->againstWish() !== '')<dd class="sub">against the wish: {{ $sheet->againstWish() }}</dd>@endif
    </div>
    <div class="figure-row"><dt>time</dt><dd><b>{{ Duration::about($minutes->likely) }}</b></dd><dd class="sub">{{ Duration::about($minutes->low()) }} to {{ Duration::about($minutes->high()) }}, {{ $sheet->pace() }}</dd></div>
</dl>
<ul class="notes" aria-label="Watch out">
    @foreach ($sheet->notes as $note)
        @continue($note->code === Notes::AGAINST_WISH)
        <li class="{{ $note->tone->value }}" data-note="{{ $note->code }}"><b>{{ $note->lead }}</b> {{ $note->rest }}</li>
    @endforeach
</ul>
