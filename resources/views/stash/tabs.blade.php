{{-- The corners of the stash. --}}
<nav class="tabs" aria-label="{{ __('Stash') }}">
    @foreach (['stash.index' => __('Materials'), 'stash.weigh' => __('Weighing desk'), 'stash.together' =>
        __('Held together'),
        'stash.prepare' => __('Tabs to prepare'), 'stash.ledger' => __('Ledger'), 'stash.import' => 'CSV'] as $route =>
            $name)
        <a href="{{ route($route) }}" @if (request()->routeIs($route)) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
</nav>
