{{-- While a PDF is printed. With a script it follows by itself; without one the page looks again. --}}
<x-layout :title="$name" narrow>
    <h1>{{ $name }}</h1>
    <div data-paper="{{ $to }}">
        @if ($failed)
            <p class="flash trouble" role="alert"><b>{{ __('It could not be printed.') }}</b>
                {{ __('Try again in a moment.') }}</p>
        @else
            <noscript><meta http-equiv="refresh" content="2"></noscript>
            <p role="status" data-paper-said>{{
                __('{n, plural, =0 {It is being printed: a few seconds.} one {It is printed after one other.} '
                    .'other {It is printed after # others.} }', ['n' => $ahead]) }}</p>
            <progress data-paper-wait aria-label="{{ __('Printing') }}"></progress>
        @endif
    </div>
    <p><a href="{{ $to }}">{{ $failed ? __('Try again') : __('The PDF') }}</a> · <a
        href="{{ $back }}">{{ __('Back') }}</a></p>
</x-layout>
