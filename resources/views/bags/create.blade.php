@use(App\Bags\BagForm)
@use(App\Rules\Typed)
@php $unit = auth()->user()->units->value; @endphp
<x-layout :title="__('Plan a bag')" narrow>
    <h1>{{ __('Plan a bag') }}</h1>
    <p class="hint">@told('<a>Begin from what is in the hand</a>: every kind of bag drawn at one scale, figures at '
        .'each touch. Here below, an oval from a swatch.', [], [route('begin')])</p>
    @if ($materials->isEmpty() || $swatches === [])
        <div class="teach">
            <div>
                <p>{{ __('A bag is planned from a weighed material and a measured swatch.') }}</p>
                <ol>
                    <li @class(['done' => $materials->isNotEmpty()])>@if ($materials->isEmpty())<a
                        href="{{ route('stash.create') }}">{{ __('Weigh a material') }}</a>@else {{
                            __('Weigh a material: done.') }}@endif</li>
                    <li @class(['done' => $swatches !== []])>@if ($swatches === [])<a
                        href="{{ route('swatches.create') }}">{{ __('Measure a swatch') }}</a>@else {{
                            __('Measure a swatch: done.') }}@endif</li>
                    <li>{{ __('Come back here and say the size.') }}</li>
                    <li>@told('Or <a>begin at once</a> from what is in the hand, guessed.', [], [route('begin')])</li>
                </ol>
            </div>
        </div>
    @else
        <x-wrongs />
        <form method="post" action="{{ route('bags.store') }}">
            @csrf
            <input type="hidden" name="working" value="spiral">
            <input type="hidden" name="handles[type]" value="slot">
            <x-field name="name" :label="__('Name')" :placeholder="__('Market tote')" maxlength="120" required />
            <x-pick name="swatch_id" :label="__('Swatch')" :options="$swatches + [BagForm::LEARNED
                => __('none of it yet: what my others teach')]" :value="$swatch?->id" />
            <div class="pair">
                <x-pick name="material_id" :label="__('Material')" :options="[''
                    => __('the swatch’s own')] + $materials->pluck('name', 'id')->all()" />
                <x-field name="hook" :label="__('Hook')" :hint="__('Only where there is no swatch yet.')"
                    :placeholder="__('8 mm or L-11')"
                    autocomplete="off" />
            </div>
            <section class="section-rule">
                <h2>{{ __('How large') }}</h2>
                <p class="hint">{{ __('Of the base, and how high the side stands on it. Numbers alone are {unit}; '
                    .'“12 in” and “30 cm” both work.', ['unit' => $unit]) }}</p>
                <div class="pair">
                    @foreach (['length' => '30', 'width' => '12', 'height' => '26'] as $side => $example)
                        @php $wrong = $errors->first("size.$side"); @endphp
                        <div class="field">
                            <label for="size-{{ $side }}">{{ __(ucfirst($side)) }}</label>
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
            <button class="btn btn-primary">{{ __('Plan it') }}</button>
            <a class="beside" href="{{ route('bags.index') }}">{{ __('Back to the bags') }}</a>
        </form>
    @endif
</x-layout>
