{{-- The corners of the swatches. --}}
<nav class="tabs" aria-label="{{ __('Swatches') }}">
    <a href="{{ route('swatches.index') }}" @if (request()->routeIs('swatches.index')) aria-current="page"
        @endif>{{ __('All') }}</a>
    <a href="{{ route('swatches.trial') }}" @if (request()->routeIs('swatches.trial')) aria-current="page"
        @endif>{{ __('Hook trial') }}</a>
    <a href="{{ route('swatches.pictures') }}" @if (request()->routeIs('swatches.picture*')) aria-current="page"
        @endif>{{ __('From a picture') }}</a>
    <a href="{{ route('swatches.import') }}" @if (request()->routeIs('swatches.import')) aria-current="page"
        @endif>{{ __('CSV') }}</a>
</nav>
