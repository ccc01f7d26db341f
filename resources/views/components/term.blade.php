{{-- A word that opens what it means, in place. --}}
@props(['of'])
@php
    $term = App\Glossary\Glossary::term($of);
    $id = "term-{$term->key}";
@endphp
<button type="button" class="term" popovertarget="{{ $id }}" aria-describedby="{{ $id }}">{{ $slot }}</button><span
    id="{{ $id }}" popover class="term-said">{!! $term->drawing !!}<b>{{ $term->name }}</b> {{ $term->said }}
    <a href="{{ route('glossary') }}#{{ $term->key }}">{{ __('All words') }}</a></span>
