{{-- The measures of a piece, those its kind asks for. --}}
@use(Fescue\Core\Measure\Length)
@use(Fescue\Core\Measure\LengthUnit)
@use(Fescue\Core\Strip\JoinMethod)
@use(Fescue\Core\Strip\Tube)
@php
    $inch = $unit === LengthUnit::Inch;
    $kind = $form->kind;
    // What an empty field is taken as stands in it; of one that must be filled in, an example that says so.
    $none = '0 '.$unit->value;
    $like = fn (string $metric, string $imperial = ''): string => __('like {much}', [
        'much' => $inch && $imperial !== '' ? $imperial : $metric,
    ]);
    $fields = [
        'flat_width' => [match ($kind) { 'ribbon' => __('Width'), default => __('Width lying flat') }, match ($kind) {
            'bag' => __('With the sides folded in.'), 'tube' => __('At its upper edge.'), default => null }, match
                ($kind) {
            'bag' => $like('30 cm', '12 in'), 'ribbon' => $like('18 mm', '3/4 in'), default => $like('46 cm',
            '18 in') }],
        'flat_width_end' => [__('Width at its lower edge'), __('Empty if it does not taper, as a sleeve or skirt '
            .'does.'),
            __('as above')],
        'side_fold' => [__('Each side is folded in by'), __('Empty if it has no folds.'), $none],
        'height' => [$kind === 'ribbon' ? __('Length') : __('Height'), match ($kind) {
            'tube' => __('Of the whole piece, below the sleeves.'), 'bag' =>
                __('Of the whole bag, handles and seam too.'),
            'ribbon' => __('Only what the round needs: the base’s edge, two and a half to three times.'), default =>
                null },
            match ($kind) { 'ribbon' => $like('2.2 m'), default => $like('42 cm', '16 in') }],
        'trim_top' => [$kind === 'bag' ? __('Handles cut off') : __('Cut off above'), __('Empty cuts nothing off.'),
            $none],
        'trim_bottom' => [match ($kind) { 'bag' => __('Bottom seam cut off'), 'tube' => __('Hem cut off'),
            default => __('Cut off below') }, __('Empty cuts nothing off.'), $none],
        'strip' => [__('Strip'), $kind === 'bag' ? null : __('Before the pull.'), $kind === 'bag' ? $like('5 cm',
            '2 in') : $like('2.5 cm', '1 in')],
        'spine' => [__('Spine left uncut'), __('Empty leaves what stands here.'),
            Length::mm(Tube::SPINE_MM)->print($unit)],
        'hitch_loss' => [__('A hitch takes'), __('Of each loop; empty is what stands here, from memory.'),
            JoinMethod::CowHitch->loss()->print($unit)],
        'pull' => [__('Pull'), __('How much longer it stays, in percent. Empty is not at all.'), '0'],
        'mass' => [__('One whole piece weighs'), __('Empty if you have not weighed it.'),
            $like($kind === 'bag' ? '9 g' : '180 g')],
        'areal' => [$kind === 'bag' ? __('or its film weighs') : __('or its cloth weighs'),
            __('Of a square metre, in place of that.'), $like($kind === 'bag' ? '24 g/m²' : '160 g/m²')],
        'pieces' => [__('Pieces alike'), null, '1'],
    ];
    $terms = ['spine' => 'spine', 'hitch_loss' => 'hitch'];
@endphp
@foreach ($form->asked() as $name)
    @php [$label, $hint, $example] = $fields[$name]; $wrong = $errors->first($name); @endphp
    <div class="field">
        <label for="{{ $name }}">{{ $label }}</label>@isset($terms[$name]) <x-term :of="$terms[$name]" asked />@endisset
        @if ($hint)<p class="hint" id="{{ $name }}-hint">{{ $hint }}</p>@endif
        <input id="{{ $name }}" name="{{ $name }}" autocomplete="off" value="{{ $form->typed($name) }}"
            placeholder="{{ $example }}" @class(['form-control', 'is-invalid' => $wrong !== ''])
            aria-describedby="{{ ($hint ? "$name-hint " : '')}}{{ $name }}-wrong cutting-units"
            @if ($wrong !== '') aria-invalid="true" @endif>
        <p class="wrong" id="{{ $name }}-wrong" data-wrong="{{ $name }}">{{ $wrong }}</p>
    </div>
@endforeach
@if ($form->joins() !== [])
    <div class="field">
        <label for="join_by">{{ __('Joined by') }}</label>
        <select id="join_by" name="join_by" class="form-select">@foreach ($form->joins() as $join)
            <option value="{{ $join->value }}" @selected($form->typed('join_by') === $join->value)>{{
                __('{name}, takes {loss}', ['name' => __($join->name()), 'loss' => $join->loss()])
                    }}</option>@endforeach</select>
    </div>
@endif
<p class="hint" id="cutting-units">{{ __('Numbers alone are {unit}.', ['unit' => $unit->value]) }}</p>
