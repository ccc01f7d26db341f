@use(App\Tongue\Tongues)
@use(Fescue\Core\Tongue\Tongue)
<x-layout :title="__('Your account')" narrow>
    <h1>{{ __('Your account') }}</h1>
    <x-wrongs />
    <form method="post" action="{{ route('account') }}">
        @csrf @method('put')
        <x-field name="name" :label="__('Name')" :value="$maker->name" autocomplete="name" maxlength="80" required />
        <div class="pair">
            <x-pick name="units" :label="__('Lengths in')" :value="$maker->units->value"
                :options="['cm' => __('centimetres'), 'in' => __('inches')]" />
            <x-pick name="terms" :label="__('Language and stitch names')" :value="$maker->terms->value"
                :options="array_combine(array_values(Tongue::PAGES), Tongues::named())"
                :langs="array_flip(Tongue::PAGES)" />
        </div>
        <x-field name="wage" :label="__('An hour of your work')"
            :hint="__('In your money, for what a bag costs. Empty leaves it '
                .'out.')" :value="$maker->wage" inputmode="decimal"
            autocomplete="off" placeholder="14.50" />
        <h2>{{ __('On your patterns') }}</h2>
        <x-field name="signs" :label="__('Your name')" :hint="__('As a designer signs. Empty leaves it '
            .'out.')" :value="$maker->signs"
            maxlength="80" autocomplete="off" />
        <x-field name="rights" :label="__('A line for '
            .'rights')" :value="$maker->rights" maxlength="160" autocomplete="off"
            :placeholder="__('For your own use; sell what you make of it')" />
        <x-pick name="numbered" :label="__('Rows are numbered')" :value="$maker->sections ? 'within' : 'on'"
            :options="['on' => __('on through the bag'), 'within' => __('anew in each section')]" />
        <button class="btn btn-primary">{{ __('Keep') }}</button>
    </form>
    <section class="section-rule">
        <h2>{{ __('Change your password') }}</h2>
        <form method="post" action="{{ route('account.password') }}">
            @csrf @method('put')
            <x-field name="current_password" :label="__('Present '
                .'password')" type="password" autocomplete="current-password"
                :keep="false" required />
            <x-new-password :label="__('New password')" :again="__('New password again')" />
            <button class="btn btn-quiet">{{ __('Change it') }}</button>
        </form>
    </section>
    <section class="section-rule">
        <h2>{{ __('Recovery codes') }}</h2>
        <p>{{ __('{n, plural, =0 {None left} one {One left, unused} other {# left, unused} }. New ones take the place '
            .'of the old.',
            ['n' => $left]) }}</p>
        <form method="post" action="{{ route('account.codes') }}">
            @csrf
            @php $wrong = $errors->getBag('codes')->first('current_password'); @endphp
            <div class="field">
                <label for="codes-password">{{ __('Present password') }}</label>
                <input id="codes-password" name="current_password" type="password" autocomplete="current-password"
                    required @class(['form-control', 'is-invalid' => $wrong !== '']) @if ($wrong !== '')
                    aria-describedby="codes-wrong" aria-invalid="true" @endif>
                <p class="wrong" id="codes-wrong">{{ $wrong }}</p>
            </div>
            <button class="btn btn-quiet">{{ __('Make new codes') }}</button>
        </form>
    </section>
    <section class="section-rule">
        <h2>{{ __('Signed in') }}</h2>
        <ul class="list-plain">
            @foreach ($devices as $device)
                <li>
                    <span>{{ __('{device}, from {address}', [
                        'device' => $device['here'] ? __('Here')
                            : ($device['agent'] === '' ? __('A device') : $device['agent']),
                        'address' => $device['from'],
                    ]) }}, <time>{{ __(
                        '{when, date, medium}, {when, time, short}',
                        ['when' => $device['last']],
                    ) }}</time></span>
                    @if (! $device['here'])<form method="post"
                        action="{{ route('account.sign-out', $device['name']) }}">
                        @csrf<button class="plain">{{ __('Sign it out') }}</button></form>@endif
                </li>
            @endforeach
        </ul>
        <form method="post" action="{{ route('account.sign-out', 'others') }}">
            @csrf<button class="btn btn-quiet">{{ __('Sign out everywhere else') }}</button></form>
    </section>
    <section class="section-rule">
        <h2>{{ __('Everything of yours') }}</h2>
        <p>{{ __('All of it out as one zip of open files, and into an empty account again.') }}</p>
        <p><a class="btn btn-quiet" href="{{ route('account.parcel') }}">{{ __('Take it with you') }}</a></p>
    </section>
    <section class="section-rule">
        <h2>{{ __('Delete your account') }}</h2>
        <p>{{ __('Your materials, swatches and bags go with it, at once and for good. Export the bags you want to '
            .'keep first.') }}</p>
        <form method="post" action="{{ route('account') }}">
            @csrf @method('delete')
            @php $wrong = $errors->getBag('deletion')->first('current_password'); @endphp
            <div class="field">
                <label for="delete-password">{{ __('Present password') }}</label>
                <input id="delete-password" name="current_password" type="password" autocomplete="current-password"
                    required @class(['form-control', 'is-invalid' => $wrong !== '']) @if ($wrong !== '')
                    aria-describedby="delete-wrong" aria-invalid="true" @endif>
                <p class="wrong" id="delete-wrong">{{ $wrong }}</p>
            </div>
            <button class="btn btn-outline-danger">{{ __('Delete everything') }}</button>
        </form>
    </section>
</x-layout>
