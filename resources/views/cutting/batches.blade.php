@use(App\Drawing\SwatchChip)
@use(App\Stash\BatchEnd)
@use(App\Tongue\Tongues)
@use(Fescue\Core\Measure\Length)
<x-layout :title="__('Batches')">
    <div class="page-head">
        <h1>{{ __('Cutting table') }}</h1>
        @include('cutting.tabs')
    </div>
    @if ($batches->isEmpty())
        <div class="teach"><div>
            <h2>{{ __('No batch is being cut') }}</h2>
            <p>{{ __('Lay a piece on the table, or say what strand you need, and press “Cut it so”: the steps '
                .'become a list to tick off, the same on every device, and what was cut goes into the stash as '
                .'strand.') }}</p>
            <p><a class="btn btn-primary" href="{{ route('cutting.index') }}">{{ __('To the table') }}</a></p>
        </div></div>
    @else
        <ul class="rows">
            @foreach ($batches as $batch)
                @php $plan = $batch->plan(); $steps = count($batch->steps()); $done = count($batch->ticked());
                    @endphp
                <li>
                    {!! SwatchChip::of($batch->colour, BatchEnd::kind($batch), null, Length::mm(6)) !!}
                    <div class="what">
                        <h2><a href="{{ route('cutting.batch', $batch) }}">{{ $batch->name }}</a></h2>
                        <p class="sub">{{ __('{n, plural, one {one piece} other {# pieces} }', ['n' =>
                            $plan->spec->pieces]) }},
                            {{ __($plan->cutting->school->name()) }}</p>
                    </div>
                    <p class="figure first">@if ($batch->finished_at)<b>{{ __('in the stash') }}</b><span>{{
                        $batch->material?->name }}</span>@else<b>{{ $done }}</b>
                        {{ __('of {n}', ['n' => $steps]) }}<span>{{ __('steps done') }}</span>@endif</p>
                    <p class="figure"><b>{{ Tongues::figure($plan->pulled->mm / 1000, 1) }}</b>
                        m<span>{{ __('expected') }}</span></p>
                    <p class="figure">@if ($plan->density())<b>{{ Tongues::figure($plan->density()->gramsPerMetre,
                        1) }}</b> g/m<span>{{ __('about') }}</span>@endif</p>
                    <p class="figure"><b>{{ $plan->joins }}</b><span>{{ __('{n, plural, one {join} other {joins} }',
                        ['n' => $plan->joins]) }}</span></p>
                    <form class="acts" method="post" action="{{ route('cutting.batch', $batch) }}">
                        @csrf @method('delete')<button class="plain" aria-label="{{ __('Put away {name}', ['name' =>
                            $batch->name]) }}">{{
                            __('Put away') }}</button></form>
                </li>
            @endforeach
        </ul>
    @endif
</x-layout>
