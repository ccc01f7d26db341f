<div class="page-head">
    <h1 data-region="name">{{ $bag->name() }}</h1>
    <span class="saved" data-saved aria-live="polite"></span>
    <span class="steps" data-region="steps">@include('bags.steps')</span>
    <nav class="tabs acts" aria-label="{{ __('This bag') }}">
        <a href="{{ route('bags.plan', $bag) }}" @if (request()->routeIs('bags.plan')) aria-current="page"
            @endif>{{ __('Plan') }}</a>
        <a href="{{ route('bags.words', $bag) }}" @if (request()->routeIs('bags.words')) aria-current="page"
            @endif>{{ __('Words') }}</a>
        <a href="{{ route('bags.enough', $bag) }}" @if (request()->routeIs('bags.enough')) aria-current="page"
            @endif>{{ __('Enough?') }}</a>
        <a href="{{ route('bags.work', $bag) }}" @if (request()->routeIs('bags.work')) aria-current="page"
            @endif>{{ __('Work') }}</a>
        <a href="{{ route('bags.finish', $bag) }}" @if (request()->routeIs('bags.finish')) aria-current="page"
            @endif>{{ __('Finish') }}</a>
        <a href="{{ route('bags.what-if', $bag) }}" @if (request()->routeIs('bags.what-if')) aria-current="page"
            @endif>{{ __('What if') }}</a>
    </nav>
</div>
