@use(App\Tongue\Tongues)
@use(Fescue\Core\Measure\LengthUnit)
@php
    $range = fn ($one, int $decimals): string => Tongues::figure($one->likely,
        $decimals).' ± '.Tongues::figure($one->likely * $one->relative,
        $decimals + ($one->likely * $one->relative < 10 ** -$decimals ? 1 : 0));
    $from = fn ($weighing): string => $weighing->count() === 1 ? __('one weighing')
        : __('from {n} weighings, spread {g} g', [
            'n' => $weighing->count(), 'g' => Tongues::figure($weighing->deviation, 1),
        ]);
    $keep = fn (string $what, string $said): string => '<button class="btn btn-quiet" name="keep" value="'.$what
        .'" formmethod="post" formaction="'.route('stash.weigh').'">'.e($said).'</button>';
@endphp
<x-layout :title="__('Weighing desk')">
    <div class="page-head">
        <h1>{{ __('Stash') }}</h1>
        @include('stash.tabs')
    </div>
    <x-wrongs />
    <div class="desk">
        @include('stash.scale')
        <form method="get" action="{{ route('stash.weigh') }}" data-desk novalidate>
            @csrf
            <x-pick name="material" :label="__('What lies on the desk')" :options="[''
                => __('something not in the stash')] + $materials" :value="$form->typed('material')" />
            <section class="section-rule">
                <h2>{{ __('A measured length') }}</h2>
                <div class="bench-row">
                    <x-field name="piece_length" :label="__('Its length')" :value="$form->typed('piece_length')"
                        placeholder="5 m" autocomplete="off" />
                    @include('stash.weighings', ['name' => 'piece', 'label' => __('Each weighing of it')])
                    <div class="outcome">
                        @if ($form->density)
                            <p class="figure"><b>{{ $range($form->density, 2) }}</b>
                                g/m<span>{{ Tongues::figure($form->density->likely * 1000) }} tex, {{
                                    $from($form->piece) }}</span></p>
                            @if ($form->material){!! $keep('density', __('Keep this density')) !!}@endif
                        @else
                            <p class="soft">{{ __('The longer the piece and the more weighings, the surer.') }}</p>
                        @endif
                    </div>
                </div>
            </section>
            <section class="section-rule">
                <h2>{{ __('The ball') }}</h2>
                <div class="bench-row">
                    @include('stash.weighings', ['name' => 'with', 'label' => __('With its container')])
                    @include('stash.weighings', ['name' => 'without', 'label' => __('The container alone')])
                    <div class="outcome">
                        @if ($form->net)
                            <p class="figure"><b>{{ $range($form->net, 0) }}</b>
                                g<span>{{ $from($form->with) }}</span></p>
                            @if ($form->left)<p class="figure"><b>{{ $range($form->left, 1) }}</b>
                                m<span>{{ __('left') }}</span></p>@endif
                            @if ($form->material){!! $keep('net', __('Enter what is on hand')) !!}@endif
                        @else
                            <p class="soft">{{ __('Leave the container empty if nothing holds it.') }}</p>
                        @endif
                    </div>
                </div>
            </section>
            <section class="section-rule">
                <h2>{{ __('Turns side by side') }}</h2>
                <div class="bench-row">
                    <x-field name="turns" :label="__('Turns')" :value="$form->typed('turns')" placeholder="12"
                        inputmode="numeric" autocomplete="off" />
                    <x-field name="wrap_width" :label="__('over a width of')" :value="$form->typed('wrap_width')"
                        :placeholder="$unit === LengthUnit::Inch ? '2 in' : '5 cm'" autocomplete="off" />
                    <div class="outcome">
                        @if ($form->thickness)
                            <p class="figure"><b>{{ $range($form->thickness, 1) }}</b> mm<span>{{ __('thick')
                                }}</span></p>
                            @if ($form->material){!! $keep('thickness', __('Keep this thickness')) !!}@endif
                        @else
                            <p class="soft">{{ __('Wind it round a ruler, touching, not squeezed.') }}</p>
                        @endif
                    </div>
                </div>
            </section>
            <section class="section-rule">
                <h2>{{ __('The pull') }}</h2>
                <p class="hint">{{ __('Mark a strip, hang a known load on it, measure; take the load off, wait a '
                    .'quarter of an hour, measure again.') }}</p>
                <div class="bench-row">
                    <div class="pair">
                        <x-field name="before" :label="__('Before')" :value="$form->typed('before')" placeholder="50 cm"
                            autocomplete="off" />
                        <x-field name="load" :label="__('Load')" :value="$form->typed('load')" placeholder="1 kg"
                            autocomplete="off" />
                    </div>
                    <div class="pair">
                        <x-field name="under" :label="__('Under it')" :value="$form->typed('under')" placeholder="68 cm"
                            autocomplete="off" />
                        <x-field name="rested" :label="__('After rest')" :value="$form->typed('rested')"
                            placeholder="62 cm"
                            autocomplete="off" />
                    </div>
                    <div class="outcome">
                        @if ($form->stretch)
                            <p class="figure"><b>{{ Tongues::figure(($form->stretch->under - 1) * 100) }}</b>
                                %<span>{{ __('under {load}', ['load' => $form->stretch->load])
                                    }}@if ($form->stretch->rested !== null),
                                {{ __('{percent} % after rest', [
                                    'percent' => Tongues::figure(($form->stretch->rested - 1) * 100),
                                ]) }}@endif</span></p>
                            @if ($form->material){!! $keep('stretch', __('Keep this stretch')) !!}@endif
                        @else
                            <p class="soft">{{ __('A strap made of it will hang that much longer.') }}</p>
                        @endif
                    </div>
                </div>
            </section>
            <p class="section-rule"><button class="btn btn-primary">{{ __('Work it out') }}</button> <span
                class="hint beside">{{ __('Numbers alone are grams, and {unit} on the tape.', [
                    'unit' => $unit->value,
                ]) }}</span></p>
        </form>
    </div>
</x-layout>
