{{-- Earlier and later pages of a list. --}}
@props(['of'])
@if ($of->hasPages())
    <nav class="pages" aria-label="{{ __('Pages') }}">
        @if ($of->previousPageUrl())<a href="{{ $of->previousPageUrl() }}" rel="prev">{{ __('Earlier') }}</a>@endif
        <span>{{ __('{firstItem} to {lastItem} of {total}', [
            'firstItem' => $of->firstItem(),
            'lastItem' => $of->lastItem(),
            'total' => $of->total(),
        ]) }}</span>
        @if ($of->nextPageUrl())<a href="{{ $of->nextPageUrl() }}" rel="next">{{ __('Further') }}</a>@endif
    </nav>
@endif
