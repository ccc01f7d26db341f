{{-- The ways to make a part, and the fields of each; those of a way that is not chosen are sent by nobody. --}}
@props(['at', 'label', 'of', 'values', 'solved' => [], 'none' => null])
@use(App\Bags\BagForm)
@use(App\Rules\Typed)
@use(Fescue\Core\Bag\Makers)
@php
    $makers = Makers::byKey($of);
    $chosen = Typed::before("{$at}.type", $values['type'] ?? array_key_first($makers));
    $options = array_map(fn (string $maker): array => array_map(__(...), $maker::called()),
        $makers) + ($none === null ? [] : [BagForm::NONE => [__('None'), $none]]);
@endphp
@if (count($options) > 1)
    <x-tiles :name="$at.'[type]'" :$label :value="$chosen" :$options data-ways="{{ $at }}" />
@endif
<p class="wrong" data-wrong="{{ $at }}.type"></p>
@foreach ($makers as $key => $maker)
    <fieldset class="way" data-way-of="{{ $at }}" data-way="{{ $key }}" aria-label="{{ __($maker::called()[0]) }}"
        @if ($key !== $chosen) disabled hidden @endif>
        <x-settings :$at :maker="$maker::open()" :values="($values['type'] ?? $key) === $key ? $values : []"
            :solved="$key === $chosen ? $solved : []" :id="$loop->first ? '' : '-'.$key" />
    </fieldset>
@endforeach
