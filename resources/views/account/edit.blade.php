@use(Fescue\Core\Instruction\Vocabulary)
@use(Fescue\Core\Stitch\Terms)
<x-layout title="Your account" narrow>
    <h1>Your account</h1>
    <x-wrongs />
    <form method="post" action="{{ route('account') }}">
        @csrf @method('put')
        <x-field name="name" label="Name" :value="$maker->name" autocomplete="name" maxlength="80" required />
        <div class="pair">
            <x-pick name="units" label="Lengths in" :value="$maker->units->value"
                :options="['cm' => 'centimetres', 'in' => 'inches']" />
            <x-pick name="terms" label="Stitch names" :value="$maker->terms->value"
                :options="array_combine(array_column(Terms::cases(), 'value'),
                array_map(fn (Terms $one): string => Vocabulary::of($one)->told(), Terms::cases()))" />
        </div>
        <x-field name="wage" label="An hour of your work"
            hint="In your money, for what a bag costs. Empty leaves it out." :value="$maker->wage" inputmode="decimal"
            autocomplete="off" placeholder="14.50" />
        <h2>On your patterns</h2>
        <x-field name="signs" label="Your name" hint="As a designer signs. Empty leaves it out." :value="$maker->signs"
            maxlength="80" autocomplete="off" />
        <x-field name="rights" label="A line for rights" :value="$maker->rights" maxlength="160" autocomplete="off"
            placeholder="For your own use; sell what you make of it" />
        <x-pick name="numbered" label="Rows are numbered" :value="$maker->sections ? 'within' : 'on'"
            :options="['on' => 'on through the bag', 'within' => 'anew in each section']" />
        <button class="btn btn-primary">Keep</button>
    </form>
    <section class="section-rule">
        <h2>Change your password</h2>
        <form method="post" action="{{ route('account.password') }}">
            @csrf @method('put')
            <x-field name="current_password" label="Present password" type="password" autocomplete="current-password"
                :keep="false" required />
            <x-new-password label="New password" />
            <button class="btn btn-quiet">Change it</button>
        </form>
    </section>
    <section class="section-rule">
        <h2>Recovery codes</h2>
        <p>{{ $left === 0 ? 'None left.' : ($left === 1 ? 'One left, unused.' : "{$left} left, unused.") }} New ones
            take the place of the old.</p>
        <form method="post" action="{{ route('account.codes') }}">
            @csrf
            @php $wrong = $errors->getBag('codes')->first('current_password'); @endphp
            <div class="field">
                <label for="codes-password">Present password</label>
                <input id="codes-password" name="current_password" type="password" autocomplete="current-password"
                    required @class(['form-control', 'is-invalid' => $wrong !== '']) @if ($wrong !== '')
                    aria-describedby="codes-wrong" aria-invalid="true" @endif>
                <p class="wrong" id="codes-wrong">{{ $wrong }}</p>
            </div>
            <button class="btn btn-quiet">Make new codes</button>
        </form>
    </section>
    <section class="section-rule">
        <h2>Signed in</h2>
        <ul class="list-plain">
            @foreach ($devices as $device)
                <li>
                    <span>{{ $device['here'] ? 'Here' : ($device['agent'] === '' ? 'A device' : $device['agent']) }},
                        from {{ $device['from'] }}, <time>{{ date('j M H:i', $device['last']) }}</time></span>
                    @if (! $device['here'])<form method="post"
                        action="{{ route('account.sign-out', $device['name']) }}">
                        @csrf<button class="plain">Sign it out</button></form>@endif
                </li>
            @endforeach
        </ul>
        <form method="post" action="{{ route('account.sign-out', 'others') }}">
            @csrf<button class="btn btn-quiet">Sign out everywhere else</button></form>
    </section>
    <section class="section-rule">
        <h2>Everything of yours</h2>
        <p>All of it out as one zip of open files, and into an empty account again.</p>
        <p><a class="btn btn-quiet" href="{{ route('account.parcel') }}">Take it with you</a></p>
    </section>
    <section class="section-rule">
        <h2>Delete your account</h2>
        <p>Your materials, swatches and bags go with it, at once and for good. Export the bags you want to keep
            first.</p>
        <form method="post" action="{{ route('account') }}">
            @csrf @method('delete')
            @php $wrong = $errors->getBag('deletion')->first('current_password'); @endphp
            <div class="field">
                <label for="delete-password">Present password</label>
                <input id="delete-password" name="current_password" type="password" autocomplete="current-password"
                    required @class(['form-control', 'is-invalid' => $wrong !== '']) @if ($wrong !== '')
                    aria-describedby="delete-wrong" aria-invalid="true" @endif>
                <p class="wrong" id="delete-wrong">{{ $wrong }}</p>
            </div>
            <button class="btn btn-outline-danger">Delete everything</button>
        </form>
    </section>
</x-layout>
