{{-- One labelled choice from a list. --}}
@props(['name', 'label', 'options', 'value' => null, 'hint' => null])
@use(App\Http\Typed)
@php
    $dotted = str_replace(['[', ']'], ['.', ''], $name);
    $id = str_replace('.', '-', $dotted);
    $wrong = $errors->first($dotted);
    $chosen = Typed::before($dotted, $value);
@endphp
<div class="field">
    <label for="{{ $id }}">{{ $label }}</label>
    @if ($hint !== null)
        <p class="hint" id="{{ $id }}-hint">{{ $hint }}</p>
    @endif
    <select id="{{ $id }}" {{ $attributes->merge(['name' => $name])->class(['form-select', 'is-invalid' => $wrong !== '']) }}
        @if ($hint !== null) aria-describedby="{{ $id }}-hint" @endif @if ($wrong !== '') aria-invalid="true" @endif>
        @foreach ($options as $option => $said)
            <option value="{{ $option }}" @selected((string) $option === $chosen)>{{ $said }}</option>
        @endforeach
    </select>
    <p class="wrong" data-wrong="{{ $dotted }}">{{ $wrong }}</p>
</div>
