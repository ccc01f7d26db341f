{{-- A number, a length or a list the maker may give or leave open; what the planner settled stands in the open
    field. --}}
@props(['name', 'label', 'value' => null, 'solved' => '', 'id' => '', 'whole' => true, 'term' => null])
@use(App\Rules\Typed)
@php
    $dotted = str_replace(['[', ']'], ['.', ''], $name);
    $id = str_replace('.', '-', $dotted).$id;
    $wrong = $errors->first($dotted);
@endphp
<div class="field line">
    <span><label for="{{ $id }}">{{ $label }}</label>@if ($term !== null) <x-term :of="$term" asked />@endif</span>
    <input id="{{ $id }}" name="{{ $name }}" inputmode="{{ $whole ? 'numeric' : 'text' }}" autocomplete="off"
        value="{{ Typed::before($dotted, $value) }}" placeholder="{{ $solved }}"
        @class(['form-control', 'is-invalid' => $wrong !== '']) aria-describedby="{{ $id }}-wrong" @if ($wrong !== '')
        aria-invalid="true" @endif>
    <p class="wrong" id="{{ $id }}-wrong" data-wrong="{{ $dotted }}">{{ $wrong }}</p>
</div>
