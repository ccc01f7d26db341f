{{-- In the place of what follows the page (later.js): that it is on its way, or the page with all of it. --}}
@props(['href'])
<span class="soft" data-coming hidden>{{ __('being reckoned …') }}</span><a href="{{ $href }}">{{ $slot }}</a>
