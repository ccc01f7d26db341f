{{-- The measures of a piece, those its kind asks for. --}}
@use(Fescue\Core\Measure\LengthUnit)
@php
    $inch = $unit === LengthUnit::Inch;
    $kind = $form->kind;
    $fields = [
        'flat_width' => [match ($kind) { 'ribbon' => 'Width', default => 'Width lying flat' }, match ($kind) { 'bag' => 'With the sides folded in.', 'tube' => 'At its upper edge.', default => null }, match ($kind) { 'bag' => $inch ? '12 in' : '30 cm', 'ribbon' => $inch ? '3/4 in' : '18 mm', default => $inch ? '18 in' : '46 cm' }],
        'flat_width_end' => ['Width at its lower edge', 'Empty if it does not taper, as a sleeve or skirt does.', ''],
        'side_fold' => ['Each side is folded in by', 'Empty if it has no folds.', $inch ? '3 in' : '8 cm'],
        'height' => [$kind === 'ribbon' ? 'Length' : 'Height', match ($kind) { 'tube' => 'Of the whole piece, below the sleeves.', 'bag' => 'Of the whole bag, handles and seam too.', 'ribbon' => 'Only what the round needs: the base’s edge, two and a half to three times.', default => null }, match ($kind) { 'ribbon' => '2.2 m', default => $inch ? '16 in' : '42 cm' }],
        'trim_top' => [$kind === 'bag' ? 'Handles cut off' : 'Cut off above', null, $kind === 'bag' ? ($inch ? '3 in' : '8 cm') : '0'],
        'trim_bottom' => [match ($kind) { 'bag' => 'Bottom seam cut off', 'tube' => 'Hem cut off', default => 'Cut off below' }, null, $inch ? '1 in' : '2 cm'],
        'strip' => ['Strip', $kind === 'bag' ? null : 'Before the pull.', $kind === 'bag' ? ($inch ? '2 in' : '5 cm') : ($inch ? '1 in' : '2.5 cm')],
        'spine' => ['Spine left uncut', 'Empty is '.($inch ? '1 in, near enough' : '2.5 cm').'.', $inch ? '1 in' : '2.5 cm'],
        'hitch_loss' => ['A hitch takes', 'Of each loop; empty is '.($inch ? '3/4 in' : '2 cm').', from memory.', $inch ? '3/4 in' : '2 cm'],
        'pull' => ['Pull', 'How much longer it stays, in percent.', '30'],
        'mass' => ['One whole piece weighs', 'Empty if you have not weighed it.', $kind === 'bag' ? '9 g' : '180 g'],
        'areal' => [$kind === 'bag' ? 'or its film weighs' : 'or its cloth weighs', 'Of a square metre, in place of that.', $kind === 'bag' ? '24 g/m²' : '160 g/m²'],
        'pieces' => ['Pieces alike', null, '1'],
    ];
@endphp
@foreach ($form->asked() as $name)
    @php [$label, $hint, $example] = $fields[$name]; $wrong = $errors->first($name); @endphp
    <div class="field">
        <label for="{{ $name }}">{{ $label }}</label>
        @if ($hint)<p class="hint" id="{{ $name }}-hint">{{ $hint }}</p>@endif
        <input id="{{ $name }}" name="{{ $name }}" autocomplete="off" value="{{ $form->typed($name) }}" placeholder="{{ $example }}" @class(['form-control', 'is-invalid' => $wrong !== '']) aria-describedby="{{ trim(($hint ? "$name-hint " : '').($wrong !== '' ? "$name-wrong" : '')) ?: 'cutting-units' }}" @if ($wrong !== '') aria-invalid="true" @endif>
        @if ($wrong !== '')<p class="wrong" id="{{ $name }}-wrong">{{ $wrong }}</p>@endif
    </div>
@endforeach
@if ($form->joins() !== [])
    <div class="field">
        <label for="join_by">Joined by</label>
        <select id="join_by" name="join_by" class="form-select">@foreach ($form->joins() as $join)<option value="{{ $join->value }}" @selected($form->typed('join_by') === $join->value)>{{ $join->name() }}, takes {{ $join->loss()->print($unit) }}</option>@endforeach</select>
    </div>
@endif
<p class="hint" id="cutting-units">Numbers alone are {{ $unit->value }}.</p>
