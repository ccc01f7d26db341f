{{-- What a fabric is worked in, by the maker's own names. --}}
@props(['name' => 'stitch', 'label' => 'Stitch', 'value' => null, 'none' => null])
@use(Fescue\Core\Stitch\Motif)
@php
    $terms = auth()->user()->terms;
    $options = $none === null ? [] : ['' => $none];
    foreach (Motif::cases() as $motif) {
        $options[$motif->value] = $motif->fullName($terms).' ('.$motif->abbreviation($terms).')';
    }
@endphp
<x-pick :$name :$label :$options :$value />
