@use(App\Models\Cord)
@use(Fescue\Core\Measure\LengthUnit)
<x-layout :title="$cord ? $cord->name : 'Weigh a cord'" narrow>
    <h1>{{ $cord ? $cord->name : 'Weigh a cord' }}</h1>
    <x-wrongs />
    <form method="post" action="{{ $cord ? route('stash.update', $cord) : route('stash.store') }}">
        @csrf
        @if ($cord) @method('put') @endif
        <div class="pair">
            <x-field name="name" label="Name" :value="$cord?->name" maxlength="80" required />
            <x-field name="colour" label="Colour" type="color" class="form-control-color" :value="$cord->colour ?? Cord::PLAIN" />
        </div>
        <x-field name="diameter" label="Thickness" hint="Wind it side by side over 2 cm and count: 5 turns is 4 mm." :value="$cord?->diameter->exact(LengthUnit::Millimetre)" placeholder="4 mm" required />
        <section class="section-rule">
            <h2>A measured piece</h2>
            <div class="pair">
                <x-field name="sample_length" label="Its length" hint="The longer, the surer." :value="$cord?->sample_length->exact(LengthUnit::Metre) ?? '1 m'" required />
                <x-field name="sample_mass" label="What it weighs" :value="$cord?->sample_mass->exact()" placeholder="8.2 g" required />
            </div>
        </section>
        <section class="section-rule">
            <h2>The ball</h2>
            <x-field name="on_hand" label="What is on hand weighs" hint="Every ball of it together, without cores and bags. Leave it empty if you have not weighed it." :value="$cord?->on_hand?->exact()" placeholder="900 g" />
        </section>
        <button class="btn btn-primary">Keep</button>
        <a class="beside" href="{{ route('stash.index') }}">Back to the stash</a>
    </form>
</x-layout>
