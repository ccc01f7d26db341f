@use(App\Models\Material)
@use(App\Models\RawPiece)
@use(App\Stash\CuttingForm)
@php
    $fibres = RawPiece::becomes($form->kind)->fibres();
    $options = ['' => __('not known')] + array_map(__(...), array_combine(array_column($fibres, 'value'),
        array_column($fibres, 'value')));
@endphp
<x-layout :title="$piece ? $piece->name : __('Add a piece')" narrow>
    <h1>{{ $piece ? $piece->name : __('Add a piece') }}</h1>
    @if (! $piece)
        <nav class="kinds" aria-label="{{ __('What it is') }}">
            @foreach (CuttingForm::KINDS as $kind => $name)
                <a href="{{ route('cutting.pieces.create', ['kind' => $kind]) }}" @if ($kind === $form->kind)
                    aria-current="page" @endif>{{ $kind === 'ribbon' ? __('Ribbon') : __($name) }}</a>
            @endforeach
        </nav>
    @endif
    <x-wrongs />
    <form method="post" action="{{ $piece ? route('cutting.pieces.edit', $piece) : route('cutting.pieces') }}"
        novalidate>
        @csrf
        @if ($piece) @method('put') @endif
        <input type="hidden" name="kind" value="{{ $form->kind }}">
        <div class="pair">
            <x-field name="name" :label="__('Name')" :value="$piece?->name" maxlength="80" />
            <x-field name="count" :label="__('How many alike')" :value="$piece->count ?? 1" inputmode="numeric" />
            <x-field name="colour" :label="__('Colour')" type="color" class="form-control-color"
                :value="$piece->colour ?? Material::PLAIN" />
            <x-pick name="fibre" :label="__('Of')" :options="$options" :value="$piece?->fibre?->value" />
        </div>
        <section class="section-rule">
            <h2>{{ __('One of them') }}</h2>
            <div class="pair">@include('cutting.fields')</div>
        </section>
        <button class="btn btn-primary">{{ __('Keep') }}</button>
        <a class="beside" href="{{ route('cutting.pieces') }}">{{ __('Back to the raw pieces') }}</a>
    </form>
</x-layout>
