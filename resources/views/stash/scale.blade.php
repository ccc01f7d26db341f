{{-- The kitchen scale: what it shows, and the stand-in's pan, plug and keys. Buttons with data-take read it into a
    field. --}}
@use(Fescue\Core\Measure\MassUnit)
<section class="scale" aria-label="Kitchen scale" data-scale="{{ route('stash.scale') }}">
    <h2>Kitchen scale <span class="soft">simulated</span></h2>
    <p @class(['display', 'off' => ! $scale['plugged'], 'resting' => $scale['stable']]) aria-live="off"><b
        data-shown>{{ $scale['plugged'] ? $scale['shown'] : '· · ·' }}</b><span
        data-state>{{ ! $scale['plugged'] ? 'not plugged in' : ($scale['overloaded'] ? 'too heavy: take something off'
        : ($scale['stable'] ? 'at rest' : 'settling')) }}</span></p>
    <form method="post" action="{{ route('stash.scale') }}" data-scale-keys>
        @csrf
        <p class="keys">
            <button class="btn btn-quiet" name="do" value="tare">Tare</button>
            <button class="btn btn-quiet" name="do" value="clear">Clear the pan</button>
            <button class="btn btn-quiet" name="do" value="{{ $scale['plugged'] ? 'unplug' : 'plug' }}"
                data-plug>{{ $scale['plugged'] ? 'Unplug' : 'Plug in' }}</button>
        </p>
    </form>
    <form method="post" action="{{ route('stash.scale') }}" data-scale-keys>
        @csrf
        <input type="hidden" name="do" value="put">
        <x-field name="pan" label="Lay on the pan" hint="A stand-in knows no weight but what you tell it."
            placeholder="412 g" autocomplete="off" />
        <button class="btn btn-quiet">Lay it on</button>
    </form>
    <form method="post" action="{{ route('stash.scale') }}" data-scale-keys class="keys units" aria-label="Unit">
        @csrf
        <input type="hidden" name="do" value="unit">
        <span class="soft">Show in</span>
        @foreach (MassUnit::cases() as $one)<button class="plain" name="unit"
            value="{{ $one->value }}">{{ $one->value }}</button>@endforeach
    </form>
    <p class="wrong" role="alert" data-scale-wrong></p>
    <p class="hint">No scale? Type what yours shows; everything here works the same.</p>
</section>
