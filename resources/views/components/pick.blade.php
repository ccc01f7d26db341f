{{-- One labelled choice from a list; a list within it is a group under its name. --}}
@props(['name', 'label', 'options', 'value' => null, 'hint' => null, 'id' => '', 'langs' => []])
@use(App\Rules\Typed)
@php
    $dotted = str_replace(['[', ']'], ['.', ''], $name);
    $id = str_replace('.', '-', $dotted).$id;
    $wrong = $errors->first($dotted);
    $chosen = Typed::before($dotted, $value);
@endphp
<div class="field">
    <label for="{{ $id }}">{{ $label }}</label>
    @if ($hint !== null)
        <p class="hint" id="{{ $id }}-hint">{{ $hint }}</p>
    @endif
    <select id="{{ $id }}"
        {{ $attributes->merge(['name' => $name])->class(['form-select', 'is-invalid' => $wrong !== '']) }}
        @if ($hint !== null) aria-describedby="{{ $id }}-hint" @endif @if ($wrong !== '') aria-invalid="true" @endif>
        @foreach ($options as $option => $said)
            @if (is_array($said))
                <optgroup label="{{ $option }}">@foreach ($said as $one => $named)
                    <option value="{{ $one }}" @selected((string) $one === $chosen)>{{ $named }}</option>
                    @endforeach</optgroup>
            @else
                <option value="{{ $option }}" @selected((string) $option === $chosen) @isset($langs[$option])
                    lang="{{ $langs[$option] }}" @endisset>{{ $said }}</option>
            @endif
        @endforeach
    </select>
    <p class="wrong" data-wrong="{{ $dotted }}">{{ $wrong }}</p>
</div>
