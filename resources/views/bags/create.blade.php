@use(App\Bags\BagForm)
@use(App\Rules\Typed)
@php $unit = auth()->user()->units->value; @endphp
<x-layout title="Plan a bag" narrow>
    <h1>Plan a bag</h1>
    <p class="hint"><a href="{{ route('begin') }}">Begin from what is in the hand</a>: every kind of bag drawn at one
        scale, figures at each touch. Here below, an oval from a swatch.</p>
    @if ($materials->isEmpty() || $swatches === [])
        <div class="teach">
            <div>
                <p>A bag is planned from a weighed material and a measured swatch.</p>
                <ol>
                    <li @class(['done' => $materials->isNotEmpty()])>@if ($materials->isEmpty())<a
                        href="{{ route('stash.create') }}">Weigh a material</a>@else Weigh a material: done.@endif</li>
                    <li @class(['done' => $swatches !== []])>@if ($swatches === [])<a
                        href="{{ route('swatches.create') }}">Measure a swatch</a>@else Measure a swatch:
                        done.@endif</li>
                    <li>Come back here and say the size.</li>
                    <li>Or <a href="{{ route('begin') }}">begin at once</a> from what is in the hand, guessed.</li>
                </ol>
            </div>
        </div>
    @else
        <x-wrongs />
        <form method="post" action="{{ route('bags.store') }}">
            @csrf
            <input type="hidden" name="working" value="spiral">
            <input type="hidden" name="handles[type]" value="slot">
            <x-field name="name" label="Name" placeholder="Market tote" maxlength="120" required />
            <x-pick name="swatch_id" label="Swatch" :options="$swatches + [BagForm::LEARNED
                => 'none of it yet: what my others teach']" :value="$swatch?->id" />
            <div class="pair">
                <x-pick name="material_id" label="Material" :options="[''
                    => 'the swatch’s own'] + $materials->pluck('name', 'id')->all()" />
                <x-field name="hook" label="Hook" hint="Only where there is no swatch yet." placeholder="8 mm or L-11"
                    autocomplete="off" />
            </div>
            <section class="section-rule">
                <h2>How large</h2>
                <p class="hint">Of the base, and how high the side stands on it. Numbers alone are {{ $unit }}; “12 in”
                    and “30 cm” both work.</p>
                <div class="pair">
                    @foreach (['length' => '30', 'width' => '12', 'height' => '26'] as $side => $example)
                        @php $wrong = $errors->first("size.$side"); @endphp
                        <div class="field">
                            <label for="size-{{ $side }}">{{ ucfirst($side) }}</label>
                            <input id="size-{{ $side }}" name="size[{{ $side }}]"
                                value="{{ Typed::before("size.$side") }}"
                                placeholder="{{ $unit === 'cm' ? $example.' cm' : round($example / 2.54).' in' }}"
                                required @class(['form-control', 'is-invalid' => $wrong !== '']) @if ($wrong !== '')
                                aria-invalid="true" aria-describedby="size-{{ $side }}-wrong" @endif>
                            <p class="wrong" id="size-{{ $side }}-wrong">{{ $wrong }}</p>
                        </div>
                    @endforeach
                </div>
            </section>
            @foreach (['handles.type', 'handles.skip', 'handles.chain', 'base.chain'] as $other)
                @error($other)<p class="wrong">{{ $message }}</p>@enderror
            @endforeach
            <button class="btn btn-primary">Plan it</button>
            <a class="beside" href="{{ route('bags.index') }}">Back to the bags</a>
        </form>
    @endif
</x-layout>
