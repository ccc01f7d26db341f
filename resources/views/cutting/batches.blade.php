@use(App\Drawing\SwatchChip)
@use(App\Stash\BatchEnd)
@use(Fescue\Core\Measure\Decimal)
@use(Fescue\Core\Measure\Length)
<x-layout title="Batches">
    <div class="page-head">
        <h1>Cutting table</h1>
        @include('cutting.tabs')
    </div>
    @if ($batches->isEmpty())
        <div class="teach"><div>
            <h2>No batch is being cut</h2>
            <p>Lay a piece on the table, or say what strand you need, and press “Cut it so”: the steps become a list to
                tick off, the same on every device, and what was cut goes into the stash as strand.</p>
            <p><a class="btn btn-primary" href="{{ route('cutting.index') }}">To the table</a></p>
        </div></div>
    @else
        <ul class="rows">
            @foreach ($batches as $batch)
                @php $plan = $batch->plan(); $steps = count($batch->steps($unit)); $done = count($batch->ticked());
                    @endphp
                <li>
                    {!! SwatchChip::of($batch->colour, BatchEnd::kind($batch), null, Length::mm(6)) !!}
                    <div class="what">
                        <h2><a href="{{ route('cutting.batch', $batch) }}">{{ $batch->name }}</a></h2>
                        <p class="sub">{{ $plan->spec->pieces === 1 ? 'one piece' : "{$plan->spec->pieces} pieces" }},
                            {{ $plan->cutting->school->name() }}</p>
                    </div>
                    <p class="figure first">@if ($batch->finished_at)<b>in the
                        stash</b><span>{{ $batch->material?->name }}</span>@else<b>{{ $done }}</b> of
                        {{ $steps }}<span>steps done</span>@endif</p>
                    <p class="figure"><b>{{ Decimal::print($plan->pulled->mm / 1000, 1) }}</b>
                        m<span>expected</span></p>
                    <p class="figure">@if ($plan->density())<b>{{ Decimal::print($plan->density()->gramsPerMetre,
                        1) }}</b> g/m<span>about</span>@endif</p>
                    <p class="figure"><b>{{ $plan->joins }}</b><span>{{ $plan->joins === 1 ? 'join'
                        : 'joins' }}</span></p>
                    <form class="acts" method="post" action="{{ route('cutting.batch', $batch) }}">
                        @csrf @method('delete')<button class="plain" aria-label="Put away {{ $batch->name }}">Put
                        away</button></form>
                </li>
            @endforeach
        </ul>
    @endif
</x-layout>
