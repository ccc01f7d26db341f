@use(App\Drawing\CutDrawing)
@use(App\Tongue\Tongues)
@use(Fescue\Core\Measure\LengthUnit)
@php
    $drawing = CutDrawing::of($plan->cutting, $unit);
    $done = count(array_intersect(array_map(fn ($step) => $step->key, $steps), $ticked));
@endphp
<x-layout :title="$batch->name">
    <div class="page-head">
        <h1>{{ $batch->name }}</h1>
        <span class="soft">{{ __('{n, plural, one {one piece} other {# pieces} }', ['n' => $plan->spec->pieces]) }},
            {{ __($plan->cutting->school->name()) }}</span>
        <div class="acts"><a href="{{ route('cutting.batches') }}">{{ __('All batches') }}</a> <a class="btn btn-quiet"
            href="{{ route('cutting.batch.print', $batch) }}">{{ __('Print the drawing') }}</a></div>
    </div>
    @if ($errors->any())<div class="flash trouble" role="alert" tabindex="-1" data-focus>
        <p><b>{{ __('Not in the stash yet.') }}</b> {{ $errors->first() }}</p></div>@endif
    <div class="batch-page">
        <section aria-label="{{ __('Steps') }}" data-ticks="{{ route('cutting.batch.ticks', $batch) }}">
            <p class="figure count"><b data-done>{{ $done }}</b> {{ __('of {steps}', ['steps' => count($steps)])
                }}<span>{{
                __('steps done') }}</span></p>
            <ol class="steps">
                @foreach ($steps as $step)
                    @php $is = in_array($step->key, $ticked, true); @endphp
                    <li id="step-{{ $step->key }}" @class(['done' => $is])>
                        <form method="post" action="{{ route('cutting.batch.ticks', $batch) }}" data-tick>
                            @csrf
                            <input type="hidden" name="step" value="{{ $step->key }}">
                            <input type="hidden" name="done" value="{{ $is ? 0 : 1 }}">
                            <button aria-pressed="{{ $is ? 'true' : 'false' }}"><span class="box"
                                aria-hidden="true"></span><span><b>{{ Tongues::say($step->lead) }}.</b>
                                {{ Tongues::say($step->do) }}</span></button>
                        </form>
                        @if ($step->caution)<p class="caution">{{ Tongues::say($step->caution) }}</p>@endif
                    </li>
                @endforeach
            </ol>
            <p class="wrong" role="alert" data-tick-wrong></p>
        </section>
        <section aria-label="{{ __('Drawing and outcome') }}">
            <div class="table-head"><h2>{{ ucfirst(__($plan->cutting->school->name())) }}</h2><span>{{
                __('drawn {ratio}', ['ratio' => $drawing->ratio()]) }}</span></div>
            <div class="sheet" tabindex="0" role="group" aria-label="{{ __('Cuts') }}">{!! $drawing->inline() !!}</div>
            <div class="section-rule">
                <h2>{{ __('Into the stash') }}</h2>
                @if ($batch->finished_at)
                    <p>@if ($batch->material)@told('Cut, and in the stash as <a>{name}</a>.', [
                        'name' => $batch->material->name,
                    ], [route('stash.show', $batch->material_id)])@else{{ __('Cut, and in the stash.') }}@endif</p>
                @else
                    <p>{{ $plan->mass === null
                        ? __('{m} m are expected.', ['m' => Tongues::figure($plan->pulled->mm / 1000, 1)])
                        : __('{m} m and {mass} are expected.', [
                            'm' => Tongues::figure($plan->pulled->mm / 1000, 1), 'mass' => $plan->mass,
                        ]) }} {{ __('What the scale and the tape say is better.') }}</p>
                    <form method="post" action="{{ route('cutting.batch.finish', $batch) }}" novalidate>
                        @csrf
                        <div class="pair">
                            <x-field name="mass" :label="__('It weighs')" :hint="$plan->mass ?
                                __('Empty takes what is expected.')
                                : null" :placeholder="$plan->mass?->print() ?? '240 g'" autocomplete="off" />
                            <x-field name="length" :label="__('It is long')" :hint="__('Empty takes what is expected.')"
                                :placeholder="Tongues::figure($plan->pulled->mm / 1000, 1).' m'" autocomplete="off" />
                            <x-pick name="into" :label="__('Put it to')" :options="['' => __('a new material')] + $into"
                                />
                            <x-field name="name" :label="__('New material’s name')" :placeholder="$batch->name"
                                maxlength="80"
                                autocomplete="off" />
                            <x-field name="diameter" :label="__('Thickness')"
                                :hint="__('Empty is a guess: wind it later.')"
                                :placeholder="$end->thickness()?->print(LengthUnit::Millimetre) ?? '6 mm'"
                                autocomplete="off" />
                        </div>
                        <x-really />
                        <button class="btn btn-primary">{{ __('Put it in the stash') }}</button>
                    </form>
                @endif
            </div>
        </section>
    </div>
</x-layout>
