{{-- Earlier and later pages of a list. --}}
@props(['of'])
@if ($of->hasPages())
    <nav class="pages" aria-label="Pages">
        @if ($of->previousPageUrl())<a href="{{ $of->previousPageUrl() }}" rel="prev">Earlier</a>@endif
        <span>{{ $of->firstItem() }} to {{ $of->lastItem() }} of {{ $of->total() }}</span>
        @if ($of->nextPageUrl())<a href="{{ $of->nextPageUrl() }}" rel="next">Further</a>@endif
    </nav>
@endif
