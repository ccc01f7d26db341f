{{-- The corners of the swatches. --}}
<nav class="tabs" aria-label="Swatches">
    <a href="{{ route('swatches.index') }}" @if (request()->routeIs('swatches.index')) aria-current="page"
        @endif>All</a>
    <a href="{{ route('swatches.trial') }}" @if (request()->routeIs('swatches.trial')) aria-current="page"
        @endif>Hook trial</a>
    <a href="{{ route('swatches.pictures') }}" @if (request()->routeIs('swatches.picture*')) aria-current="page"
        @endif>From a picture</a>
    <a href="{{ route('swatches.import') }}" @if (request()->routeIs('swatches.import')) aria-current="page"
        @endif>CSV</a>
</nav>
