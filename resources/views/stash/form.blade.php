@use(App\Models\Material)
@use(Fescue\Core\Material\Acquired)
@use(Fescue\Core\Material\Fibre)
@use(Fescue\Core\Material\Kind)
@use(Fescue\Core\Material\Make)
@use(Fescue\Core\Material\Property)
@use(Fescue\Core\Material\WeightClass)
@use(App\Tongue\Tongues)
@use(Fescue\Core\Measure\LengthUnit)
@php
    $has = fn (Property $property): bool => $kind->has($property);
    $named = fn (array $cases): array => ['' => __('not known')] + array_combine(array_column($cases, 'value'),
        array_map(fn ($case): string => __($case instanceof Acquired ? $case->said() : $case->value), $cases));
    $thick = match ($kind) {
        Kind::TShirt, Kind::Plarn, Kind::Ribbon
            => __('As it rolls in the hand: wind it side by side over 2 cm and count. 2 turns is 10 mm.'),
        default => __('Wind it side by side over 2 cm and count: 5 turns is 4 mm.'),
    };
    $label = $material?->label_low === null ? '' : ($material->label_low->mm === $material->label_high?->mm
        ? $material->label_low->exact(LengthUnit::Millimetre)
        : Tongues::exact($material->label_low->mm).'–'.$material->label_high?->exact(LengthUnit::Millimetre));
@endphp
<x-layout :title="$material ? $material->name : __('Add a material')" narrow>
    <h1>{{ $material ? $material->name : __('Add a material') }}</h1>
    @if (! $material)
        <nav class="kinds" aria-label="{{ __('Kind') }}">
            @foreach (Kind::cases() as $one)
                <a href="{{ route('stash.create', ['kind' => $one->value]) }}" @if ($one === $kind) aria-current="page"
                    @endif>{{ __($one->name()) }}</a>
            @endforeach
        </nav>
    @endif
    <x-wrongs />
    <form method="post" action="{{ $material ? route('stash.update', $material) : route('stash.store') }}">
        @csrf
        <x-really />
        @if ($material) @method('put') @endif
        <input type="hidden" name="kind" value="{{ $kind->value }}">
        <div class="pair">
            <x-field name="name" :label="__('Name')" :value="$material?->name" maxlength="80" required />
            <x-field name="colour" :label="__('Colour')" type="color" class="form-control-color"
                :value="$material->colour ?? Material::PLAIN" />
        </div>
        @if ($has(Property::Make) || $has(Property::Fibre))
            <div class="pair">
                 @if ($has(Property::Make))<x-pick name="make" :label="$kind === Kind::Hardware ? __('What it is') :
                     __('Made')"
                     :options="$named($kind->makes())" :value="$material?->make?->value" />@endif
                @if ($has(Property::Fibre))<x-pick name="fibre" :label="__('Of')" :options="$named($kind->fibres())"
                    :value="$material?->fibre?->value" :hint="__('Tells what melts, and how its ends are kept.')"
                    />@endif
            </div>
        @endif
        @if ($has(Property::StripWidth) || $has(Property::Width))
            <div class="pair">
                @if ($has(Property::StripWidth))<x-field name="strip_width" :label="__('Strip width')"
                    :hint="$kind === Kind::TShirt ? __('Before the pull.') : null"
                    :value="$material?->strip_width?->exact(LengthUnit::Millimetre)" placeholder="25 mm" />@endif
                @if ($has(Property::Width))<x-field name="width" :label="$kind === Kind::Hardware ? __('Size') :
                    __('Width')"
                    :hint="match ($kind) { Kind::Hardware
                    => __('How wide one is; of a zip or a chain, how long. Empty: any will do.'),
                    Kind::Cloth => __('As it comes off the bolt.'), default => null }"
                    :value="$material?->width?->exact($kind === Kind::Cloth ? LengthUnit::Centimetre
                    : LengthUnit::Millimetre)" :placeholder="match ($kind) { Kind::Hardware => '18 mm',
                    Kind::Cloth => '140 cm', default => '15 mm' }" />@endif
                @if ($has(Property::Pull))<x-field name="pull" :label="__('Pull')"
                    :hint="__('How much longer it stays, in percent.')"
                    :value="$material?->pull === null ? null : Tongues::exact(($material->pull - 1) * 100)"
                    placeholder="30" />@endif
                @if ($has(Property::Areal))<x-field name="areal" :label="__('Cloth weighs')"
                    :hint="__('Of a square metre, if you know.')" :value="$material?->areal === null ? null
                    : Tongues::exact($material->areal).' g/m²'" placeholder="160 g/m²" />@endif
            </div>
        @endif
        @if ($has(Property::Diameter))
            <div class="pair">
                <x-field name="diameter" :label="__('Thickness')" :hint="$thick.' '.__('Empty, it is guessed from its '
                    .'weight.')"
                    :value="$material?->diameter_guessed ? null : $material?->diameter?->exact(LengthUnit::Millimetre)"
                    :placeholder="$material?->diameter_guessed
                    ? __('{mm}, '
                        .'guessed', ['mm' => Tongues::printed($material->diameter->print(LengthUnit::Millimetre))])
                    : '4 mm'" />
                @if ($has(Property::LabelHook))<x-field name="label_hook" :label="__('Hook on the label')"
                    :hint="__('Empty if it has none.')" :value="$label" placeholder="5–6 mm" />@endif
            </div>
        @endif
        @if ($has(Property::Pitch))
            <div class="pair">
                <x-field name="pitch" :label="__('From tab to tab')" :hint="__('As they will overlap: lay ten in a '
                    .'row and divide.')"
                    :value="$material?->pitch?->exact(LengthUnit::Millimetre)" placeholder="14 mm" required />
                <x-pick name="cord" :label="__('Strung on')" :options="['' => __('not chosen yet')] +
                    $strands->pluck('name',
                    'id')->all()" :value="$material?->strung_on" />
            </div>
        @endif
        @if ($has(Property::SampleMass))
        <section class="section-rule">
            <h2>{{ $kind->isStrand() ? __('A measured piece, or the label') : __('Some of them, weighed') }}</h2>
            <div class="pair">
                @if ($kind->isStrand())
                    <x-field name="sample_length" :label="__('Its length')" :hint="__('The longer, the surer.')"
                        :value="$material?->sample_length?->exact(LengthUnit::Metre)" placeholder="1 m" />
                    <x-field name="sample_mass" :label="__('What it weighs')" :value="$material?->sample_mass?->exact()"
                        placeholder="8.2 g" />
                @else
                    <x-field name="sample_count" :label="__('How many')" :value="$material?->sample_count"
                        placeholder="50"
                        inputmode="numeric" />
                    <x-field name="sample_mass" :label="__('What they weigh')"
                        :value="$material?->sample_mass?->exact()"
                        placeholder="14 g" />
                @endif
            </div>
            @if ($has(Property::BallMass))
                <div class="pair">
                    <x-field name="ball_mass" :label="__('The label says a ball is')"
                        :hint="__('A piece weighed by you is surer: where there are both, it counts.')"
                        :value="$material?->ball_mass?->exact()" placeholder="450 g" />
                    <x-field name="ball_length" :label="__('and long')"
                        :value="$material?->ball_length?->exact(LengthUnit::Metre)" placeholder="60 m" />
                </div>
                <x-pick name="weight_class" :label="__('Weight class')" :value="$material?->weight_class?->value"
                    :hint="__('As the label has it, 0 to 7. Patterns tell it to whoever buys another yarn.')"
                    :options="['' => __('not known')] + array_combine(array_column(WeightClass::cases(), 'value'),
                    array_map(fn (WeightClass $one): string => __($one->value), WeightClass::cases()))" />
            @endif
        </section>
        @endif
        @if (! $material)
            <section class="section-rule">
                <h2>{{ match (true) { $kind->isStrand() => __('The ball'), $kind === Kind::Cloth => __('The bolt'),
                    default => __('The jar') } }}</h2>
                @if ($kind->isStrand())
                    <x-field name="on_hand" :label="__('What is on hand weighs')"
                        :hint="__('Every ball of it together, without cores and bags. Empty if you have not weighed '
                        .'it.')"
                        placeholder="900 g" />
                @elseif ($kind === Kind::Cloth)
                    <x-field name="on_hand" :label="__('How long a piece is on hand')"
                        :hint="__('Of that width. Leave it empty if you have not measured it.')" placeholder="1.5 m" />
                @else
                    <x-field name="on_hand" :label="__('How many are on hand')"
                        :hint="__('Leave it empty if you have not counted them.')" placeholder="350" inputmode="numeric"
                        />
                @endif
            </section>
        @endif
        <section class="section-rule">
            <h2>{{ __('Where it is from') }}</h2>
            <div class="pair">
                <x-pick name="acquired" :label="__('Source')" :options="$named(Acquired::cases())"
                    :value="$material?->acquired?->value" />
                <x-field name="price" :label="__('Price')" :hint="__('In your money.')" :value="$material?->price"
                    placeholder="6.50"
                    inputmode="decimal" />
                <x-field name="price_for" :label="__('for')" :hint="$kind->isCounted() ? __('That many.') :
                    __('That much of it.')"
                    :value="$material?->price_for === null ? null
                    : Tongues::exact((float) $material->price_for).($kind->isCounted() ? '' : ' '.$kind->unit())"
                    :placeholder="match (true) { $kind->isStrand() => '450 g', $kind === Kind::Cloth => '1 m',
                    default => '100' }" />
            </div>
            <x-field name="care" :label="__('Care')" :value="$material?->care" maxlength="200"
                :placeholder="$kind === Kind::Plarn ? __('wipe; never tumble-dry') : __('wash cold, dry flat')" />
        </section>
        <button class="btn btn-primary">{{ __('Keep') }}</button>
        <a class="beside" href="{{ $material ? route('stash.show', $material) : route('stash.index') }}">{{ $material
            ? __('Back') : __('Back to the stash') }}</a>
    </form>
</x-layout>
