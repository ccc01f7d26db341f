@use(App\Drawing\EnoughBand)
@use(Fescue\Core\Estimate\MaterialEstimate)
@use(App\Tongue\Tongues)
@use(Fescue\Core\Measure\Duration)
@use(Fescue\Core\Report\Notes)
@use(Fescue\Core\Piece\Tone)
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
    <div class="figure-row"><dt>{{ __('made of') }}</dt><dd><b>{{ $pieced }}</b></dd>
        <dd class="sub">{{ match (true) {
            $tabs !== null => __('{all} tabs, {square} a square, {bent} to bend', [
                'all' => $tabs->total, 'square' => $tabs->perSquare, 'bent' => $tabs->bent,
            ]),
            $plan->assembly()->seams === [] => __('worked in one, hung from its sides'),
            default => __('every seam meets, stitch for stitch'),
        } }}@if ($tabs !== null && isset($sheet->bag->id)) <a
            href="{{ route('stash.prepare') }}">{{ __('Prepare them') }}</a>@endif</dd></div>
    @endif
    <div class="figure-row"><dt>{{ __('stitches') }}</dt>
        <dd class="large">{{ Tongues::figure($plan->work->stitches()->total()) }}</dd>
        <dd class="sub">{{ __($plan->assembly() !== null ? 'in {n, plural, one {# row or seam} other {# rows and '
            .'seams} }'
            : ($tally->hasRows() ? 'in {n, plural, one {# round or row} other {# rounds and rows} }'
            : 'in {n, plural, one {# round} other {# rounds} }'), ['n' => count($plan->work->rows)]) }}</dd></div>
    <div class="figure-row">
        <dt>{{ __($plan->spec->facts->strands->own->kind->noun()) }}</dt>
        <dd><span class="large">{{ Tongues::figure($estimate->grams->likely) }}</span> g</dd>
        <dd class="band">{!! EnoughBand::of($estimate, $plan->spec->facts->strands->own->onHand) !!}</dd>
        <dd class="sub">{{ Tongues::figure($estimate->metres->likely) }} m, {{ __($estimate->origin->value) }}</dd>
    </div>
    @foreach ($estimate->others as $place => $other)
        <div class="figure-row">
            <dt>{{ __('then {named}', ['named' => $sheet->named($place + 1)]) }}</dt>
            <dd><span class="large">{{ Tongues::figure($other->grams->likely) }}</span> g</dd>
            <dd class="sub">{{ $sheet->needs()->from($other) }}@if ($other->enough !== null), {{
                __('enough in {hundred} of 100', ['hundred' => MaterialEstimate::hundred($other->enough)]) }}@endif</dd>
        </div>
    @endforeach
    <div class="figure-row">
        <dt>{{ __('enough') }}</dt>
        @if ($chance === null)
            <dd>{{ __('ball not weighed') }}</dd>
        @else
            <dd><span @class(['large', 'good' => $estimate->isSure(),
                'bad' => ! $estimate->isSure()])>{{ $chance }}</span> {{ __('in 100') }}</dd>
            @if ($out)<dd class="sub">{{ __($estimate->others === [] ? 'runs out near {row}, stitch {stitch}'
                : '{material} runs out near {row}, stitch {stitch}', [
                'material' => $sheet->named($estimate->scarcest()->which),
                'row' => $out->row, 'stitch' => $out->stitch,
            ]) }}</dd>@endif
        @endif
    </div>
    <div class="figure-row">
        <dt>{{ __('comes out') }}</dt><dd><b>{{ $sheet->figure($size->flatWidth) }} × {{ $sheet->say($size->height)
            }}</b>
            {{ $plan->assembly() === null ? __('flat') : __('closed') }}</dd>
        <dd class="sub">{{ $plan->assembly() === null
            ? __('base {long} × {wide}', [
                'long' => $sheet->figure($size->baseLength), 'wide' => $size->baseWidth,
            ]) : ($size->baseWidth->mm > 0 ? __('{deep} deep', ['deep' => $size->baseWidth]) : __('lies flat'))
                }}@if ($size->litres > 0.05) ·
            {{ Tongues::figure($size->litres, 1) }} l @endif</dd>
        @if ($band !== '')<dd class="sub">{{ $band }}</dd>@endif
        @if ($hung !== '')<dd class="sub">{{ $hung }}</dd>@endif
        @if ($against !== '')<dd class="sub">{{ __('Against the wish:') }} {{ $against }}</dd>@endif
    </div>
    <div class="figure-row"><dt>{{ __('time') }}</dt><dd><b>{{ Duration::about($minutes->likely) }}</b></dd>
        <dd class="sub">{{ __('{low} to {high}, {pace}', [
            'low' => Duration::about($minutes->low()),
            'high' => Duration::about($minutes->high()),
            'pace' => $tally->pace(),
        ]) }}</dd></div>
</dl>
@php
    $notes = array_filter($sheet->notes, fn ($one) => $one->code !== Notes::AGAINST_WISH);
    // What can hurt is never left out, and told whole where the hand is about to do it; of all else what comes first is
    // read at once.
    $care = array_filter($notes, fn ($one) => $one->tone === Tone::Care);
    $others = array_values(array_diff_key($notes, $care));
    $more = array_slice($others, 2);
@endphp
<ul class="notes" aria-label="{{ __('Watch out') }}">
    @foreach ([...array_slice($others, 0, 2), ...$care] as $nth => $note)
        @include('bags.note', ['isOpen' => $nth === 0])
    @endforeach
    @if (count($more) === 1)
        @include('bags.note', ['note' => $more[0], 'isOpen' => false])
    @elseif ($more !== [])
        <li class="more"><details><summary>{{ __('{n} more', ['n' => count($more)]) }}</summary><ul>
            @foreach ($more as $note)@include('bags.note', ['isOpen' => true])@endforeach
        </ul></details></li>
    @endif
</ul>
