@use(Fescue\Core\Gauge\State)
@php
    $maker = auth()->user();
    $unit = $maker->units;
    $cordNames = ['' => __('none of these')] + $materials->pluck('name', 'id')->all();
    if ($swatch?->material?->trashed()) {
        $cordNames[$swatch->material->id] = __('{name} (put away)', ['name' => $swatch->material->name]);
    }
    $number = fn (?float $value): ?string => $value === null ? null : (string) $value;
@endphp
<x-layout :title="$swatch ? $swatch->name : __('Measure a swatch')" narrow>
    <h1>{{ $swatch ? $swatch->name : __('Measure a swatch') }}</h1>
    <x-wrongs />
    <form method="post" action="{{ $swatch ? route('swatches.update', $swatch) : route('swatches.store') }}">
        @csrf
        <x-really />
        @if ($swatch) @method('put') @endif
        <x-field name="name" :label="__('Name')" :value="$swatch?->name" :placeholder="__('sc on 8 mm')" maxlength="80"
            required />
        <div class="pair">
            <x-pick name="material_id" :label="__('Material')" :options="$cordNames"
                :value="$swatch?->material_id ?? ($swatch ? '' : $materials->first()?->id)" />
            <x-field name="hook" :label="__('Hook')" :value="$swatch?->hookSize()->exact()"
                :placeholder="__('8 mm or L-11')"
                required
                />
            <x-motif :value="$swatch?->stitch->key" />
        </div>
        <section class="section-rule">
            <h2>{{ __('Under the tape') }}</h2>
            <p class="hint">{{ __('Leave the edge stitches out. Lay it flat and do not pull.') }}</p>
            <div class="pair">
                <x-field name="stitches_counted" :label="__('Stitches')" inputmode="decimal"
                    :value="$number($swatch?->stitches_counted)" placeholder="10" required />
                <x-field name="width" :label="__('measure across')" :value="$swatch?->width->exact($unit)"
                    :placeholder="'12 '.$unit->value" required />
            </div>
            <div class="pair">
                <x-field name="rows_counted" :label="__('Rows')" inputmode="decimal"
                    :value="$number($swatch?->rows_counted)"
                    placeholder="10" required />
                <x-field name="height" :label="__('measure up')" :value="$swatch?->height->exact($unit)"
                    :placeholder="'11.5 '.$unit->value" required />
            </div>
        </section>
        <section class="section-rule">
            <h2>{{ __('On the scale') }}</h2>
            <x-field name="mass" :label="__('Those stitches weigh')"
                :hint="__('The whole piece, if all of it was counted. Empty if not weighed: then material is a guess.')"
                :value="$swatch?->mass?->exact()" placeholder="79 g" />
        </section>
        <div class="pair">
            <x-pick name="state" :label="__('Measured')" :options="array_combine(array_column(State::cases(), 'value'),
                array_map(fn ($one) => __($one->said()), State::cases()))" :value="$swatch?->state->value" />
            <x-field name="hung_load" :label="__('Load it hung under')" :hint="__('Only if it hung.')"
                :value="$swatch?->hung_load?->exact()" placeholder="2 kg" />
            <x-pick name="drape" :label="__('The fabric is')" :options="['' => __('not said'), 'firm' => __('firm'),
                'even' => __('even'),
                'drape' => __('drapey')]" :value="$swatch?->drape?->value" />
            <x-field name="note" :label="__('Note')" :value="$swatch?->note" maxlength="200" />
        </div>
        <p class="hint">{{ __('Tight, bulky work strains the hands. If it hurts, take a larger hook and a break; '
            .'see a professional if it goes on.') }}</p>
        <button class="btn btn-primary">{{ __('Keep') }}</button>
        <a class="beside" href="{{ route('swatches.index') }}">{{ __('Back to the swatches') }}</a>
    </form>
</x-layout>
