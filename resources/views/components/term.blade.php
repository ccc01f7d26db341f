{{-- A word that opens what it means, in place; asked: a mark beside the word does. --}}
@props(['of', 'asked' => false])
@php
    $term = App\Glossary\Glossary::term($of);
    $id = "term-{$term->key}";
@endphp
<button type="button" @class(['term', 'asked' => $asked]) popovertarget="{{ $id }}" aria-describedby="{{ $id }}"
    @if ($asked) aria-label="{{ __('What is meant: {word}', ['word' => $term->name]) }}" @endif>{{ $asked ? '?' : $slot
    }}</button><span
    id="{{ $id }}" popover class="term-said">{!! $term->drawing !!}<b>{{ $term->name }}</b> {{ $term->said }}
    <a href="{{ route('glossary') }}#{{ $term->key }}">{{ __('All words') }}</a></span>
