@use(App\Drawing\CutDrawing)
@use(App\Stash\CuttingForm)
@use(Fescue\Core\Measure\Decimal)
@use(Fescue\Core\Measure\Length)
@use(Fescue\Core\Measure\LengthUnit)
@php
    $examples = $unit === LengthUnit::Inch ? ['18 in', '16 in', '1 in', '1 in', '3 in', '1 in'] : ['46 cm', '40 cm', '2.5 cm', '2.5 cm', '8 cm', '3 cm'];
    $fields = [
        'width' => ['Width lying flat', $form->kind === 'bag' ? 'With the side folds pulled out.' : null, $examples[0]],
        'height' => ['Height', $form->kind === 'tube' ? 'Below the sleeves, hem cut off.' : ($form->kind === 'bag' ? 'Of the whole bag.' : null), $examples[1]],
        'strip' => ['Strip', $form->kind === 'tube' ? 'Before the pull.' : null, $form->kind === 'bag' ? ($unit === LengthUnit::Inch ? '2 in' : '5 cm') : $examples[2]],
    ] + match ($form->kind) {
        'tube' => ['spine' => ['Spine left uncut', 'Empty is 2.5 cm.', $examples[3]], 'pull' => ['Pull', 'How much longer it is after the pull, in percent.', '30']],
        'bag' => ['handles' => ['Handles cut off', null, $examples[4]], 'seam' => ['Bottom seam cut off', null, $examples[5]]],
        default => [],
    } + ['mass' => ['The whole piece weighs', 'Empty if you have not weighed it.', '180 g'], 'pieces' => ['Pieces alike', null, '1']];
@endphp
@php
    $how = [
        'tube, one strand' => 'Slits go through both layers, from the fold at the left to the spine. Then open the spine at the right and cut aslant from each slit to the next one over; the first and the last run out to the edge.',
        'tube, joined' => 'Cut up the fold at the right first, so that every ring is open; then through both layers. Sew or knot each strip to the next, never where it is thin.',
        'panel, one strand' => 'Slit from alternate sides and leave a strip’s width uncut at each turn. Round the corners off, or they work up as lumps.',
        'panel, joined' => 'Cut right across, and join strip to strip.',
        'bag, one strand' => 'Keep turning the bag: each cut slants half a strip down on the front and half on the back, and goes on as the next.',
        'bag, joined' => 'Slip each loop through the last, and draw it up to the thick of the hook.',
    ];
@endphp
<x-layout title="Cutting table">
    <div class="page-head">
        <h1>Cutting table</h1>
        <nav class="tabs acts" aria-label="What to cut">
            @foreach (CuttingForm::KINDS as $kind => $name)
                <a href="{{ route('cutting.index', ['kind' => $kind]) }}" @if ($kind === $form->kind) aria-current="page" @endif>{{ $name }}</a>
            @endforeach
        </nav>
    </div>
    <div class="cutting">
        <form method="get" action="{{ route('cutting.index') }}" novalidate>
            <input type="hidden" name="kind" value="{{ $form->kind }}">
            @foreach ($fields as $name => [$label, $hint, $example])
                @php $wrong = $errors->first($name); @endphp
                <div class="field">
                    <label for="{{ $name }}">{{ $label }}</label>
                    @if ($hint)<p class="hint" id="{{ $name }}-hint">{{ $hint }}</p>@endif
                    <input id="{{ $name }}" name="{{ $name }}" autocomplete="off" value="{{ $form->typed($name) }}" placeholder="{{ $example }}" @class(['form-control', 'is-invalid' => $wrong !== '']) aria-describedby="{{ trim(($hint ? "$name-hint " : '').($wrong !== '' ? "$name-wrong" : '')) ?: 'cutting-units' }}" @if ($wrong !== '') aria-invalid="true" @endif>
                    @if ($wrong !== '')<p class="wrong" id="{{ $name }}-wrong">{{ $wrong }}</p>@endif
                </div>
            @endforeach
            <p class="hint" id="cutting-units">Numbers alone are {{ $unit->value }}.</p>
            <button class="btn btn-primary">Lay it out</button>
        </form>
        <div>
            @if ($form->piece === null)
                <div class="section-rule">
                    @if ($form->sent())
                        <p>Mend what is marked, and the cuts stand here.</p>
                    @else
                        <h2>{{ CuttingForm::KINDS[$form->kind] }}</h2>
                        <p>@switch($form->kind)
                            @case('tube') A tube is slit from its fold up to a spine left uncut; the spine is opened and cut aslant from each slit to the next: one strand without a join. Or it is cut into rings that are joined. @break
                            @case('panel') A panel is slit from alternate sides into a zigzag: one strand with a thick corner at each turn. Or it is cut into strips that are joined. @break
                            @case('bag') A bag lies flat with its folds out; handles and seam come off. Loops across it are joined by hitches into a double strand, or it is cut round and round into a single one. @break
                        @endswitch</p>
                    @endif
                </div>
            @else
                @php
                    $piece = $form->piece;
                    $schools = [$piece->oneStrand(), $piece->joined()];
                    $metres = fn (Length $length): string => Decimal::print($length->in(LengthUnit::Metre), 1).' m';
                    $rows = [
                        'strand from one' => fn ($cutting) => $metres($cutting->length),
                        ($form->pieces > 1 ? "from {$form->pieces}, joined" : null) => fn ($cutting) => $metres($cutting->lengthOf($form->pieces)),
                        ($form->pull > 0 ? 'after the pull' : null) => fn ($cutting) => $metres($cutting->lengthOf($form->pieces)->times(1 + $form->pull)),
                        ($form->mass ? ($form->pull > 0 ? 'weighs after the pull' : 'weighs') : null) => fn ($cutting) => $form->mass ? Decimal::print($cutting->density($piece, $form->mass)->gramsPerMetre / (1 + $form->pull), 1).' g/m' : '',
                        'the strand lies' => fn ($cutting) => $cutting->double ? 'double' : 'single',
                        'strips of one' => fn ($cutting) => $cutting->strips,
                        'joins in one' => fn ($cutting) => $cutting->joins,
                        'thick places' => fn ($cutting) => $cutting->lumps,
                        'becomes strand' => fn ($cutting) => Decimal::print(100 * min(1, $cutting->kept)).' %',
                        'minutes for one' => fn ($cutting) => Decimal::print($cutting->minutes(), 0).' (a guess)',
                    ];
                    unset($rows['']);
                @endphp
                <table class="compare">
                    <thead><tr><th scope="col">Both ways</th>@foreach ($schools as $cutting)<th scope="col">{{ $cutting->school === 'joined' && $form->kind === 'bag' ? 'loops, joined' : $cutting->school }}</th>@endforeach</tr></thead>
                    <tbody>
                        @foreach ($rows as $name => $say)
                            <tr><th scope="row">{{ $name }}</th>@foreach ($schools as $cutting)<td>{{ $say($cutting) }}</td>@endforeach</tr>
                        @endforeach
                    </tbody>
                </table>
                <ul class="notes">
                    <li class="care"><b>Cut away from you,</b> on a mat, with the blade’s guard closed whenever it lies down.@if ($form->kind === 'bag') <b>Plastic bags suffocate:</b> keep them and their scraps from children.@else Jersey sheds dust as it is cut; shake it outdoors and air the room.@endif</li>
                </ul>
                @foreach ($schools as $cutting)
                    @php $drawing = CutDrawing::of($piece, $cutting, $unit); @endphp
                    <div class="table-head"><h2>{{ ucfirst($cutting->school) }}</h2><span>drawn {{ $drawing->ratio() }}, {{ count($cutting->cuts) }} cuts in order</span></div>
                    <div class="sheet" tabindex="0" role="group" aria-label="Cuts, {{ $cutting->school }}">{!! $drawing->inline() !!}</div>
                    <p>{{ $how["{$form->kind}, {$cutting->school}"] }}</p>
                @endforeach
            @endif
        </div>
    </div>
</x-layout>
