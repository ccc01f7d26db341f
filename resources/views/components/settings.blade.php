{{-- A field for each choice and count of a maker. --}}
@props(['at', 'maker', 'values', 'solved' => [], 'of' => '', 'none' => null, 'id' => ''])
@use(Fescue\Core\Piece\Choice)
@foreach ($maker->settings() as $one)
    @php
        $name = "{$at}[{$one->name}]";
        $label = $of === '' ? $one->label : $of.lcfirst($one->label);
        $value = $values[$one->name] ?? ($one instanceof Choice && ! ($one->isMotif() && $none !== null) ? $one->value : '');
    @endphp
    @if (! $one instanceof Choice)
        <x-count :$name :$label :$value :solved="$solved[$name] ?? (string) $one->else" :$id />
    @elseif ($one->isMotif())
        <x-motif :$name :$label :$value :$none :only="$one->values()" :$id />
    @elseif (count($one->options) === 2)
        <x-tiles :$name :$label :$value :options="$one->options" />
    @else
        <x-pick :$name :$label :$value :options="array_map(fn (array $said): string => implode(': ', array_filter($said)), $one->options)" />
    @endif
@endforeach
