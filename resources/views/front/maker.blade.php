@use(Fescue\Core\Measure\Decimal)
@php
    $short = array_values(array_filter($sheets, fn (array $one): bool => $one['sheet']?->estimate->isSure() === false));
@endphp
<x-layout title="Your worktable">
    <div class="page-head">
        <h1>Your worktable</h1>
        @if ($sheets !== [])
            <div class="acts">@if ($inHand !== null)<a class="btn btn-primary" href="{{ route('bags.work', $inHand[0]) }}">Go on: {{ $inHand[0]->name() }}, {{ $inHand[1] }}</a>@endif <a @class(['btn', 'btn-primary' => $inHand === null, 'btn-quiet' => $inHand !== null]) href="{{ route('bags.create') }}">Plan a bag</a></div>
        @endif
    </div>
    @if ($sheets === [])
        <div class="teach">
            <div>
                <h2>Three things make a plan</h2>
                <ol>
                    <li @class(['done' => $materials > 0])><a href="{{ route('stash.create') }}">Weigh a material</a>: a measured metre and the ball.@if ($materials > 0) Done.@endif</li>
                    <li @class(['done' => $swatches > 0])><a href="{{ route('swatches.create') }}">Measure a swatch</a>: ten stitches and ten rows under the tape.@if ($swatches > 0) Done.@endif</li>
                    <li><a href="{{ route('bags.create') }}">Plan a bag</a>: say how long, wide and high.</li>
                </ol>
                <p>Or <a href="{{ route('begin') }}">begin at once</a> from what is in the hand: it is guessed until you weigh and measure.</p>
                <p>Or <a href="{{ route('bags.import') }}">read a bag file</a> somebody sent you.</p>
            </div>
        </div>
    @else
        @if ($short !== [])
            <h2>Running short</h2>
            <ul class="notes">
                @foreach ($short as ['bag' => $bag, 'sheet' => $sheet])
                    @php $least = $sheet->estimate->scarcest(); @endphp
                    <li class="trouble"><a href="{{ route('bags.enough', $bag) }}"><b>{{ $bag->name() }}</b></a>: enough in {{ $sheet->estimate->inHundred() }} of 100. {{ ucfirst($sheet->named($least->which)) }}: {{ $sheet->onHand($least->which) }}, {{ Decimal::print($least->grams->likely) }} g likely{{ $least->runsOut ? ", runs out near {$least->runsOut->row}" : '' }}.</li>
                @endforeach
            </ul>
        @endif
        <h2>Bags in hand</h2>
        <ul class="rows">
            @foreach ($sheets as ['bag' => $bag, 'sheet' => $sheet])
                @include('bags.row')
            @endforeach
        </ul>
        @if ($more > 0)<p><a href="{{ route('bags.index') }}">All bags: {{ $more }} more</a></p>@endif
    @endif
</x-layout>
