{{-- One labelled field with its hint and its message. Dots in a name are brackets in the form. --}}
@props(['name', 'label', 'hint' => null, 'value' => null, 'type' => 'text', 'bag' => 'default', 'keep' => true])
@use(App\Rules\Typed)
@php
    $id = str_replace('.', '-', $name);
    $wrong = $errors->getBag($bag)->first($name);
    $described = trim(($hint === null ? '' : "{$id}-hint ").($wrong === '' ? '' : "{$id}-wrong"));
@endphp
<div class="field">
    <label for="{{ $id }}">{{ $label }}</label>
    @if ($hint !== null)
        <p class="hint" id="{{ $id }}-hint">{{ $hint }}</p>
    @endif
    <input id="{{ $id }}" type="{{ $type }}" name="{{ $name }}" value="{{ $keep ? Typed::before($name, $value) : '' }}"
        {{ $attributes->class(['form-control', 'is-invalid' => $wrong !== '']) }}
        @if ($described !== '') aria-describedby="{{ $described }}" @endif @if ($wrong !== '') aria-invalid="true"
            @endif>
    @if ($wrong !== '')
        <p class="wrong" id="{{ $id }}-wrong">{{ $wrong }}</p>
    @endif
</div>
