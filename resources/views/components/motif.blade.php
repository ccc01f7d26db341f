{{-- What a fabric is worked in, by the maker's own names. --}}
@props(['name' => 'stitch', 'label' => null, 'value' => null, 'none' => null, 'only' => [], 'id' => ''])
@use(Fescue\Core\Instruction\Motif)
@php
    $terms = auth()->user()->terms;
    $options = $none === null ? [] : ['' => $none];
    foreach ($only === [] ? Motif::all() : array_map(Motif::named(...), $only) as $motif) {
        $options[$motif->key] = $motif->fullName($terms).' ('.$motif->abbreviation($terms).')';
    }
@endphp
<x-pick :$name :label="$label ?? __('Stitch')" :$options :$value :$id />
