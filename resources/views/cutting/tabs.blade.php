{{-- The corners of the cutting table. --}}
<nav class="tabs" aria-label="{{ __('Cutting table') }}">
    @foreach (['cutting.index' => __('Table'), 'cutting.pieces' => __('Raw pieces'), 'cutting.choose' => __('I need…'),
        'cutting.batches' => __('Batches')] as $route => $name)
        <a href="{{ route($route) }}" @if (request()->routeIs($route,
            "$route.*") || ($route === 'cutting.batches' && request()->routeIs('cutting.batch'))) aria-current="page"
            @endif>{{ $name }}</a>
    @endforeach
</nav>
