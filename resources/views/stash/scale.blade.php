{{-- The kitchen scale: what it shows, and the stand-in's pan, plug and keys. Buttons with data-take read it into a
    field. --}}
@use(Fescue\Core\Measure\MassUnit)
<section class="scale" aria-label="{{ __('Kitchen scale') }}" data-scale="{{ route('stash.scale') }}">
    <h2>{{ __('Kitchen scale') }} <span class="soft">{{ __('simulated') }}</span></h2>
    <p @class(['display', 'off' => ! $scale['plugged'], 'resting' => $scale['stable']]) aria-live="off"><b
        data-shown>{{ $scale['plugged'] ? $scale['shown'] : '· · ·' }}</b><span
        data-state>{{ ! $scale['plugged'] ? __('not plugged in') : ($scale['overloaded'] ?
            __('too heavy: take something off')
        : ($scale['stable'] ? __('at rest') : __('settling'))) }}</span></p>
    <form method="post" action="{{ route('stash.scale') }}" data-scale-keys>
        @csrf
        <p class="keys">
            <button class="btn btn-quiet" name="do" value="tare">{{ __('Tare') }}</button>
            <button class="btn btn-quiet" name="do" value="clear">{{ __('Clear the pan') }}</button>
            <button class="btn btn-quiet" name="do" value="{{ $scale['plugged'] ? 'unplug' : 'plug' }}"
                data-plug>{{ $scale['plugged'] ? __('Unplug') : __('Plug in') }}</button>
        </p>
    </form>
    <form method="post" action="{{ route('stash.scale') }}" data-scale-keys>
        @csrf
        <input type="hidden" name="do" value="put">
        <x-field name="pan" :label="__('Lay on the pan')" :hint="__('A stand-in knows no weight but what you tell it.')"
            placeholder="412 g" autocomplete="off" />
        <button class="btn btn-quiet">{{ __('Lay it on') }}</button>
    </form>
    <form method="post" action="{{ route('stash.scale') }}" data-scale-keys class="keys units" aria-label="{{ __('Unit')
        }}">
        @csrf
        <input type="hidden" name="do" value="unit">
        <span class="soft">{{ __('Show in') }}</span>
        @foreach (MassUnit::cases() as $one)<button class="plain" name="unit"
            value="{{ $one->value }}">{{ $one->value }}</button>@endforeach
    </form>
    <p class="wrong" role="alert" data-scale-wrong></p>
    <p class="hint">{{ __('No scale? Type what yours shows; everything here works the same.') }}</p>
</section>
