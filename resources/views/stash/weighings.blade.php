{{-- A field for one or more weighings, a line each; the scale can be read into it. --}}
@php $wrong = $errors->first($name); @endphp
<div class="field">
    <label for="{{ $name }}">{{ $label }}</label>
    <textarea id="{{ $name }}" name="{{ $name }}" rows="3" spellcheck="false" placeholder="{{ __('one a line') }}"
        @class(['form-control', 'is-invalid' => $wrong !== '']) @if ($wrong !== '') aria-invalid="true"
        aria-describedby="{{ $name }}-wrong" @endif>{{ $form->typed($name) }}</textarea>
    <button class="plain" type="button" data-take="{{ $name }}" hidden>{{ __('Take the scale’s reading') }}</button>
    @if ($wrong !== '')<p class="wrong" id="{{ $name }}-wrong">{{ $wrong }}</p>@endif
</div>
