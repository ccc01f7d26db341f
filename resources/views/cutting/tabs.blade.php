{{-- The corners of the cutting table. --}}
<nav class="tabs" aria-label="Cutting table">
    @foreach (['cutting.index' => 'Table', 'cutting.pieces' => 'Raw pieces', 'cutting.choose' => 'I need…',
        'cutting.batches' => 'Batches'] as $route => $name)
        <a href="{{ route($route) }}" @if (request()->routeIs($route,
            "$route.*") || ($route === 'cutting.batches' && request()->routeIs('cutting.batch'))) aria-current="page"
            @endif>{{ $name }}</a>
    @endforeach
</nav>
