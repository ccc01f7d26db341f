<x-layout :title="__('A way back in')" narrow>
    <h1>{{ __('A way back in') }}</h1>
    <x-wrongs />
    @if (config('mail.goes'))
    <section class="section-rule">
    <h2>{{ __('By mail') }}</h2>
    <form method="post" action="{{ route('recover.send') }}">
        @csrf
        <x-field name="address" :label="__('Your email')" type="email" autocomplete="username" required />
        <button class="btn btn-primary">{{ __('Send me a link') }}</button>
    </form>
    </section>
    @endif
    <section class="section-rule">
    @if (config('mail.goes'))<h2>{{ __('By a recovery code') }}</h2>@endif
    <p class="hint">{{ __('One of the recovery codes that you were shown when you registered, or on your account page '
        .'since. Each works once.') }}</p>
    <form method="post" action="{{ route('recover') }}">
        @csrf
        <x-field name="email" :label="__('Email')" type="email" autocomplete="username" required />
        <x-field name="code" :label="__('Recovery code')" autocomplete="off" :keep="false" maxlength="40" required
            placeholder="abcd-efgh-jkmn" />
        <x-new-password :label="__('New password')" :again="__('New password again')" />
        <button class="btn btn-primary">{{ __('Change it and sign in') }}</button>
    </form>
    </section>
    <p class="section-rule">{{ __('Found it after all?') }} <a
        href="{{ route('sign-in') }}">{{ __('Sign in') }}</a></p>
</x-layout>
