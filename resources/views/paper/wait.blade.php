{{-- While a PDF is printed. With a script it follows by itself; without one the page looks again. --}}
<x-layout :title="$name" narrow>
    <h1>{{ $name }}</h1>
    <div data-paper="{{ $to }}">
        @if ($failed)
            <p class="flash trouble" role="alert"><b>It could not be printed.</b> Try again in a moment.</p>
        @else
            <noscript><meta http-equiv="refresh" content="2"></noscript>
            <p role="status" data-paper-said>{{ $ahead === 0 ? 'It is being printed: a few seconds.'
                : "It is printed after {$ahead} others." }}</p>
            <progress data-paper-wait aria-label="Printing"></progress>
        @endif
    </div>
    <p><a href="{{ $to }}">{{ $failed ? 'Try again' : 'The PDF' }}</a> · <a href="{{ $back }}">Back</a></p>
</x-layout>
