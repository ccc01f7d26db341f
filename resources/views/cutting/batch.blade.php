@use(App\Drawing\CutDrawing)
@use(Fescue\Core\Measure\Decimal)
@use(Fescue\Core\Measure\LengthUnit)
@php
    $drawing = CutDrawing::of($plan->cutting, $unit);
    $done = count(array_intersect(array_map(fn ($step) => $step->key, $steps), $ticked));
@endphp
<x-layout :title="$batch->name">
    <div class="page-head">
        <h1>{{ $batch->name }}</h1>
        <span class="soft">{{ $plan->spec->pieces === 1 ? 'one piece' : "{$plan->spec->pieces} pieces" }},
            {{ $plan->cutting->school->name() }}</span>
        <div class="acts"><a href="{{ route('cutting.batches') }}">All batches</a> <a class="btn btn-quiet"
            href="{{ route('cutting.batch.print', $batch) }}">Print the drawing</a></div>
    </div>
    @if ($errors->any())<div class="flash trouble" role="alert" tabindex="-1" data-focus>
        <p><b>Not in the stash yet.</b> {{ $errors->first() }}</p></div>@endif
    <div class="batch-page">
        <section aria-label="Steps" data-ticks="{{ route('cutting.batch.ticks', $batch) }}">
            <p class="figure count"><b data-done>{{ $done }}</b> of {{ count($steps) }}<span>steps done</span></p>
            <ol class="steps">
                @foreach ($steps as $step)
                    @php $is = in_array($step->key, $ticked, true); @endphp
                    <li id="step-{{ $step->key }}" @class(['done' => $is])>
                        <form method="post" action="{{ route('cutting.batch.ticks', $batch) }}" data-tick>
                            @csrf
                            <input type="hidden" name="step" value="{{ $step->key }}">
                            <input type="hidden" name="done" value="{{ $is ? 0 : 1 }}">
                            <button aria-pressed="{{ $is ? 'true' : 'false' }}"><span class="box"
                                aria-hidden="true"></span><span><b>{{ $step->lead }}.</b>
                                {{ $step->do }}</span></button>
                        </form>
                        @if ($step->caution !== '')<p class="caution">{{ $step->caution }}</p>@endif
                    </li>
                @endforeach
            </ol>
            <p class="wrong" role="alert" data-tick-wrong></p>
        </section>
        <section aria-label="Drawing and outcome">
            <div class="table-head"><h2>{{ ucfirst($plan->cutting->school->name()) }}</h2><span>drawn
                {{ $drawing->ratio() }}</span></div>
            <div class="sheet" tabindex="0" role="group" aria-label="Cuts">{!! $drawing->inline() !!}</div>
            <div class="section-rule">
                <h2>Into the stash</h2>
                @if ($batch->finished_at)
                    <p>Cut and in the stash @if ($batch->material) as <a
                        href="{{ route('stash.show', $batch->material_id) }}">{{
                            $batch->material->name }}</a>@endif.</p>
                @else
                    <p>{{ Decimal::print($plan->pulled->mm / 1000, 1) }}
                        m{{ $plan->mass ? ' and '.$plan->mass->print() : '' }} are expected. What the scale and the tape
                        say is better.</p>
                    <form method="post" action="{{ route('cutting.batch.finish', $batch) }}" novalidate>
                        @csrf
                        <div class="pair">
                            <x-field name="mass" label="It weighs" :hint="$plan->mass ? 'Empty takes what is expected.'
                                : null" :placeholder="$plan->mass?->print() ?? '240 g'" autocomplete="off" />
                            <x-field name="length" label="It is long" hint="Empty takes what is expected."
                                :placeholder="Decimal::print($plan->pulled->mm / 1000, 1).' m'" autocomplete="off" />
                            <x-pick name="into" label="Put it to" :options="['' => 'a new material'] + $into" />
                            <x-field name="name" label="New material’s name" :placeholder="$batch->name" maxlength="80"
                                autocomplete="off" />
                            <x-field name="diameter" label="Thickness" hint="Empty is a guess: wind it later."
                                :placeholder="$end->thickness()?->print(LengthUnit::Millimetre) ?? '6 mm'"
                                autocomplete="off" />
                        </div>
                        <x-really />
                        <button class="btn btn-primary">Put it in the stash</button>
                    </form>
                @endif
            </div>
        </section>
    </div>
</x-layout>
