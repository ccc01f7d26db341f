@use(App\Drawing\EnoughBand)
@use(Fescue\Core\Estimate\MaterialEstimate)
@use(Fescue\Core\Measure\Decimal)
@use(Fescue\Core\Measure\Duration)
@use(Fescue\Core\Report\Notes)
@php
    $tally = $sheet->tally();
    [$pieced, $band, $against, $hung] = [$tally->pieced(), $tally->sizeBand(), $tally->againstWish(), $tally->hung()];
    $plan = $sheet->plan;
    $tabs = $plan->assembly()?->tabs;
    $estimate = $sheet->estimate;
    $size = $plan->comesOut;
    $out = $estimate->scarcest()->runsOut();
    $chance = $estimate->inHundred();
    $minutes = $tally->minutes();
@endphp
<dl>
    @if ($pieced !== '')
    <div class="figure-row"><dt>made of</dt><dd><b>{{ $pieced }}</b></dd>
        <dd class="sub">{{ match (true) {
            $tabs !== null => "{$tabs->total} tabs, {$tabs->perSquare} a square, {$tabs->bent} to bend",
            $plan->assembly()->seams === [] => 'worked in one, hung from its sides',
            default => 'every seam meets, stitch for stitch',
        } }}@if ($tabs !== null && isset($sheet->bag->id)) <a
            href="{{ route('stash.prepare') }}">Prepare them</a>@endif</dd></div>
    @endif
    <div class="figure-row"><dt>stitches</dt>
        <dd class="large">{{ Decimal::print($plan->work->stitches()->total()) }}</dd>
        <dd class="sub">in {{ count($plan->work->rows) }} {{ $plan->assembly() === null
            ? 'rounds'.($tally->hasRows() ? ' and rows' : '') : 'rows and seams' }}</dd></div>
    <div class="figure-row">
        <dt>{{ $plan->spec->facts->strands->own->kind->noun() }}</dt>
        <dd><span class="large">{{ Decimal::print($estimate->grams->likely) }}</span> g</dd>
        <dd class="band">{!! EnoughBand::of($estimate, $plan->spec->facts->strands->own->onHand) !!}</dd>
        <dd class="sub">{{ Decimal::print($estimate->metres->likely) }} m, {{ $estimate->origin->value }}</dd>
    </div>
    @foreach ($estimate->others as $place => $other)
        <div class="figure-row">
            <dt>then {{ $sheet->named($place + 1) }}</dt>
            <dd><span class="large">{{ Decimal::print($other->grams->likely) }}</span> g</dd>
            <dd class="sub">{{ $sheet->needs()->from($other) }}@if ($other->enough !== null), enough in
                {{ MaterialEstimate::hundred($other->enough) }} of 100 @endif</dd>
        </div>
    @endforeach
    <div class="figure-row">
        <dt>enough</dt>
        @if ($chance === null)
            <dd>ball not weighed</dd>
        @else
            <dd><span @class(['large', 'good' => $estimate->isSure(),
                'bad' => ! $estimate->isSure()])>{{ $chance }}</span> in 100</dd>
            @if ($out)<dd class="sub">{{ $estimate->others === [] ? ''
                : $sheet->named($estimate->scarcest()->which).' ' }}runs out near {{ $out->row }}, stitch
                {{ $out->stitch }}</dd>@endif
        @endif
    </div>
    <div class="figure-row">
        <dt>comes out</dt><dd><b>{{ $sheet->figure($size->flatWidth) }} × {{ $sheet->say($size->height) }}</b>
            {{ $plan->assembly() === null ? 'flat' : 'closed' }}</dd>
        <dd class="sub">{{ $plan->assembly() === null
            ? 'base '.$sheet->figure($size->baseLength).' × '.$sheet->say($size->baseWidth) : ($size->baseWidth->mm > 0
            ? $sheet->say($size->baseWidth).' deep' : 'lies flat') }}@if ($size->litres > 0.05) ·
            {{ Decimal::print($size->litres, 1) }} l @endif</dd>
        @if ($band !== '')<dd class="sub">{{ $band }}</dd>@endif
        @if ($hung !== '')<dd class="sub">{{ $hung }}</dd>@endif
        @if ($against !== '')<dd class="sub">against the wish:
            <span lang="{{ $sheet->tongue()->locale() }}">{{ $against }}</span></dd>@endif
    </div>
    <div class="figure-row"><dt>time</dt><dd><b>{{ Duration::about($minutes->likely) }}</b></dd>
        <dd class="sub">{{ Duration::about($minutes->low()) }} to {{ Duration::about($minutes->high()) }},
        {{ $tally->pace() }}</dd></div>
</dl>
<ul class="notes" aria-label="Watch out">
    @foreach ($sheet->notes as $note)
        @continue($note->code === Notes::AGAINST_WISH)
        <li class="{{ $note->tone->value }}" data-note="{{ $note->code }}"
            lang="{{ $sheet->tongue()->locale() }}"><b>{{
            $sheet->tongue()->say($note->lead) }}</b> {{ $sheet->tongue()->say($note->rest) }}</li>
    @endforeach
</ul>
