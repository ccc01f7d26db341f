{{-- What is to be watched: its first words, and what more is said of it. --}}
@use(App\Tongue\Tongues)
@php $rest = Tongues::say($note->rest); @endphp
<li class="{{ $note->tone->value }}" data-note="{{ $note->code }}">@if ($rest === '' || $isOpen)<b>{{
    Tongues::say($note->lead) }}</b> {{ $rest }}@else<details><summary><b>{{ Tongues::say($note->lead)
    }}</b></summary> {{ $rest }}</details>@endif</li>
