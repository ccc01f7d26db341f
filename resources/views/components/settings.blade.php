{{-- A field for each thing that a maker is told. --}}
@props(['at', 'maker', 'values', 'solved' => [], 'of' => '', 'none' => null, 'id' => ''])
@use(Fescue\Core\Piece\Asked)
@use(Fescue\Core\Piece\Choice)
@use(Fescue\Core\Piece\Flag)
@use(Fescue\Core\Piece\Setting)
@use(Fescue\Core\Piece\Wording)
@foreach ($maker->settings() as $one)
    @php
        $name = "{$at}[{$one->name}]";
        $label = $of === '' ? __($one->label) : $of.', '.lcfirst(__($one->label));
        $open = $none !== null && $one->isAsked();
        $value = $one->showing($values[$one->name] ?? ($one instanceof Choice && ! $open ? $one->value
            : ($one instanceof Flag ? $one->value : '')));
    @endphp
    @if ($one instanceof Flag)
        <x-tiles :$name :$label :$value :options="[Flag::NO => array_map(__(...), $one->no), Flag::YES =>
            array_map(__(...), $one->yes)]" />
    @elseif ($one instanceof Wording)
        <div class="field wording"><label for="{{ $one->name }}">{{ $label }}</label><textarea class="form-control"
            id="{{ $one->name }}" name="{{ $name }}" rows="12" maxlength="{{ $one->longest }}"
            lang="{{ $one->tongue }}" spellcheck="false" autocomplete="off">{{ "\n".$value }}</textarea></div>
    @elseif (! $one instanceof Choice)
        <x-count :$name :$label :$value :solved="$solved[$name] ?? ($one instanceof Setting
            ? (string) $one->unsaid->else : '')" :$id :whole="$one instanceof Setting" />
    @elseif ($one->isMotif())
        <x-motif :$name :$label :$value :$none :only="$one->values()" :$id />
    @elseif (count($one->options) === 2 && ! $open)
        <x-tiles :$name :$label :$value :options="array_map(fn (array $said): array => array_map(__(...), $said),
            $one->options)" />
    @else
        <x-pick :$name :$label :$value :options="($open ? ['' => $none] : []) + array_map(fn (array $said): string
            => implode(': ', array_map(__(...), array_filter($said))), $one->options)" :$id />
    @endif
@endforeach
