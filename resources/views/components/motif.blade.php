{{-- What a fabric is worked in, by the maker's own names. --}}
@props(['name' => 'stitch', 'label' => null, 'value' => null, 'none' => null, 'only' => [], 'id' => ''])
@use(Fescue\Core\Instruction\Motif)
@php
    $terms = auth()->user()->terms;
    $options = $none === null ? [] : ['' => $none];
    $all = $only !== [] ? array_map(Motif::named(...), $only)
        // Her own, and one that came with this bag.
        : Motif::all() + auth()->user()->ownFabrics()
            + array_filter([$value => is_string($value) ? Motif::find($value) : null]);
    foreach ($all as $motif) {
        $options[$motif->key] = $motif->fullName($terms).($motif->isOwn() ? ''
            : ' ('.$motif->abbreviation($terms).')');
    }
@endphp
<x-pick :$name :label="$label ?? __('Stitch')" :$options :$value :$id />
