<x-layout :title="__('Your password once more')" narrow>
    <h1>{{ __('Your password once more') }}</h1>
    <p>{{ __('You stayed signed in on this device. Before it shows or changes your account it asks whether it is '
        .'you.') }}</p>
    <x-wrongs />
    <form method="post" action="{{ route('account.confirmed') }}">
        @csrf
        <x-field name="current_password" :label="__('Password')" type="password" autocomplete="current-password"
            :keep="false"
            required />
        <button class="btn btn-primary">{{ __('Go on') }}</button>
    </form>
</x-layout>
