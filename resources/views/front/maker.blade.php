@use(Fescue\Core\Pattern\RowId)
@php
    $short = array_filter($listed, fn (App\Bags\Listed $one): bool => $one->plan?->isSure === false);
@endphp
<x-layout :title="__('Your worktable')">
    <div class="page-head">
        <h1>{{ __('Your worktable') }}</h1>
        @if ($listed !== [])
            <div class="acts">@if ($inHand !== null)<a class="btn btn-primary"
                href="{{ route('bags.work', $inHand[0]) }}">{{ __('Go on: {name}, {inHand}', [
                    'name' => $inHand[0]->name(),
                    'inHand' => RowId::read($inHand[1]) ?? $inHand[1],
                ]) }}</a>@endif
                <a @class(['btn', 'btn-primary' => $inHand === null, 'btn-quiet' => $inHand !== null])
                href="{{ route('begin') }}">{{ __('Plan a bag') }}</a></div>
        @endif
    </div>
    @if ($listed === [])
        <div class="teach">
            <div>
                <h2>{{ __('Three things make a plan') }}</h2>
                <ol>
                    <li @class(['done' => $materials > 0])><a
                        href="{{ route('stash.create') }}">{{ __('Weigh a material') }}</a>:
                        {{ __('a measured metre and the ball.') }}@if ($materials > 0) {{ __('Done.') }}@endif</li>
                    <li @class(['done' => $swatches > 0])><a
                        href="{{ route('swatches.create') }}">{{ __('Measure a swatch') }}</a>:
                        {{ __('ten stitches and ten rows under the tape.') }}@if ($swatches > 0)
                        {{ __('Done.') }}@endif</li>
                    <li><a href="{{ route('begin') }}">{{ __('Plan a bag') }}</a>:
                        {{ __('say how long, wide and high.') }}</li>
                </ol>
                <p><a href="{{ route('begin') }}">{{ __('Or begin at once') }}</a>
                    {{ __('from what is in the hand: it is guessed until you weigh and measure.') }}</p>
                <p><a href="{{ route('bags.import') }}">{{ __('Or read a bag file') }}</a>
                    {{ __('somebody sent you;') }}
                    <a href="{{ route('count') }}">{{ __('or count a pattern') }}</a> {{ __('that you have.') }}</p>
            </div>
        </div>
    @else
        <h2 class="visually-hidden">{{ __('Bags in hand') }}</h2>
        @include('bags.wall')
        @if ($short !== [])
            <h2>{{ __('Running short') }}</h2>
            <ul class="notes">
                @foreach ($short as $one)
                    <li class="trouble">@told('<a><b>{name}</b></a>: enough in {inHundred} of 100. {short}.', [
                        'name' => $one->name,
                        'inHundred' => $one->plan->inHundred,
                        'short' => $one->plan->short,
                    ], [route('bags.enough', $one->id)])</li>
                @endforeach
            </ul>
        @endif
        <p>@told('<a>Count a pattern</a> that you have: row by row, as you type.', [], [route('count')])</p>
        @if ($more > 0)<p><a href="{{ route('bags.index') }}">{{ __('All bags: {more} more', ['more' => $more])
            }}</a></p>@endif
    @endif
</x-layout>
