@use(Fescue\Core\Measure\Decimal)
@use(Fescue\Core\Measure\LengthUnit)
@php
    $range = fn ($one, int $decimals): string => Decimal::print($one->likely,
        $decimals).' ± '.Decimal::print($one->likely * $one->relative,
        $decimals + ($one->likely * $one->relative < 10 ** -$decimals ? 1 : 0));
    $weighings = [
        'piece' => 'Each weighing of it',
        'with' => 'With its container',
        'without' => 'The container alone',
    ];
    $keep = fn (string $what, string $said): string => '<button class="btn btn-quiet" name="keep" value="'.$what
        .'" formmethod="post" formaction="'.route('stash.weigh').'">'.e($said).'</button>';
@endphp
<x-layout title="Weighing desk">
    <div class="page-head">
        <h1>Stash</h1>
        @include('stash.tabs')
    </div>
    <x-wrongs />
    <div class="desk">
        @include('stash.scale')
        <form method="get" action="{{ route('stash.weigh') }}" data-desk novalidate>
            @csrf
            <x-pick name="material" label="What lies on the desk" :options="[''
                => 'something not in the stash'] + $materials" :value="$form->typed('material')" />
            <section class="section-rule">
                <h2>A measured length</h2>
                <div class="bench-row">
                    <x-field name="piece_length" label="Its length" :value="$form->typed('piece_length')"
                        placeholder="5 m" autocomplete="off" />
                    @include('stash.weighings', ['name' => 'piece', 'label' => 'Each weighing of it'])
                    <div class="outcome">
                        @if ($form->density)
                            <p class="figure"><b>{{ $range($form->density, 2) }}</b>
                                g/m<span>{{ Decimal::print($form->density->likely * 1000) }} tex,
                                {{ $form->piece->count() === 1 ? 'one weighing'
                                : "from {$form->piece->count()} weighings, spread ".Decimal::print(
                                    $form->piece->deviation,
                                1).' g' }}</span></p>
                            @if ($form->material){!! $keep('density', 'Keep this density') !!}@endif
                        @else
                            <p class="soft">The longer the piece and the more weighings, the surer.</p>
                        @endif
                    </div>
                </div>
            </section>
            <section class="section-rule">
                <h2>The ball</h2>
                <div class="bench-row">
                    @include('stash.weighings', ['name' => 'with', 'label' => 'With its container'])
                    @include('stash.weighings', ['name' => 'without', 'label' => 'The container alone'])
                    <div class="outcome">
                        @if ($form->net)
                            <p class="figure"><b>{{ $range($form->net, 0) }}</b>
                                g<span>{{ $form->with->count() === 1 ? 'one weighing'
                                : "from {$form->with->count()} weighings, spread ".Decimal::print(
                                        $form->with->deviation,
                                1).' g' }}</span></p>
                            @if ($form->left)<p class="figure"><b>{{ $range($form->left, 1) }}</b>
                                m<span>left</span></p>@endif
                            @if ($form->material){!! $keep('net', 'Enter what is on hand') !!}@endif
                        @else
                            <p class="soft">Leave the container empty if nothing holds it.</p>
                        @endif
                    </div>
                </div>
            </section>
            <section class="section-rule">
                <h2>Turns side by side</h2>
                <div class="bench-row">
                    <x-field name="turns" label="Turns" :value="$form->typed('turns')" placeholder="12"
                        inputmode="numeric" autocomplete="off" />
                    <x-field name="wrap_width" label="over a width of" :value="$form->typed('wrap_width')"
                        :placeholder="$unit === LengthUnit::Inch ? '2 in' : '5 cm'" autocomplete="off" />
                    <div class="outcome">
                        @if ($form->thickness)
                            <p class="figure"><b>{{ $range($form->thickness, 1) }}</b> mm<span>thick</span></p>
                            @if ($form->material){!! $keep('thickness', 'Keep this thickness') !!}@endif
                        @else
                            <p class="soft">Wind it round a ruler, touching, not squeezed.</p>
                        @endif
                    </div>
                </div>
            </section>
            <section class="section-rule">
                <h2>The pull</h2>
                <p class="hint">Mark a strip, hang a known load on it, measure; take the load off, wait a quarter of an
                    hour, measure again.</p>
                <div class="bench-row">
                    <div class="pair">
                        <x-field name="before" label="Before" :value="$form->typed('before')" placeholder="50 cm"
                            autocomplete="off" />
                        <x-field name="load" label="Load" :value="$form->typed('load')" placeholder="1 kg"
                            autocomplete="off" />
                    </div>
                    <div class="pair">
                        <x-field name="under" label="Under it" :value="$form->typed('under')" placeholder="68 cm"
                            autocomplete="off" />
                        <x-field name="rested" label="After rest" :value="$form->typed('rested')" placeholder="62 cm"
                            autocomplete="off" />
                    </div>
                    <div class="outcome">
                        @if ($form->stretch)
                            <p class="figure"><b>{{ Decimal::print(($form->stretch->under - 1) * 100) }}</b>
                                %<span>under {{ $form->stretch->load->print() }}@if ($form->stretch->rested !== null),
                                {{ Decimal::print(($form->stretch->rested - 1) * 100) }} % after rest @endif</span></p>
                            @if ($form->material){!! $keep('stretch', 'Keep this stretch') !!}@endif
                        @else
                            <p class="soft">A strap made of it will hang that much longer.</p>
                        @endif
                    </div>
                </div>
            </section>
            <p class="section-rule"><button class="btn btn-primary">Work it out</button> <span
                class="hint beside">Numbers alone are grams, and {{ $unit->value }} on the tape.</span></p>
        </form>
    </div>
</x-layout>
