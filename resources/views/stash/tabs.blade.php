{{-- The corners of the stash. --}}
<nav class="tabs" aria-label="Stash">
    @foreach (['stash.index' => 'Materials', 'stash.weigh' => 'Weighing desk', 'stash.together' => 'Held together',
        'stash.prepare' => 'Tabs to prepare', 'stash.ledger' => 'Ledger', 'stash.import' => 'CSV'] as $route => $name)
        <a href="{{ route($route) }}" @if (request()->routeIs($route)) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
</nav>
