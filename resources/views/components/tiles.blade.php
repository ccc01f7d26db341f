{{-- A choice between schools as plain tiles with the difference in words. --}}
@props(['name', 'label', 'options', 'value', 'term' => null])
@use(App\Rules\Typed)
@php $dotted = str_replace(['[', ']'], ['.', ''], $name); @endphp
<fieldset {{ $attributes->class(['tiles']) }}>
    <legend>{{ $label }}@if ($term !== null) <x-term :of="$term" asked />@endif</legend>
    @foreach ($options as $option => [$strong, $rest])
        <label><input type="radio" name="{{ $name }}" value="{{ $option }}"
            @checked(Typed::before($dotted, $value) === (string) $option)><b>{{ $strong }}</b>
            <span>{{ $rest }}</span></label>
    @endforeach
</fieldset>
@error($dotted)<p class="wrong">{{ $message }}</p>@enderror
