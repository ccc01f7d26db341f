<x-layout :title="__('Register')" narrow>
    <h1>{{ __('Register') }}</h1>
    <x-wrongs />
    <form method="post" action="{{ route('register') }}">
        @csrf
        @if (is_string(request('begin')))<input type="hidden" name="begin"
            value="{{ mb_substr(request('begin'), 0, 400) }}">@endif
        <x-field name="name" :label="__('Name')" :hint="__('What you go '
            .'by.')" autocomplete="name" maxlength="80" required />
        <x-field name="email" :label="__('Email')" :hint="__('Only for signing in; nothing is sent.')" type="email"
            autocomplete="username" required />
        <x-new-password :label="__('Password')" :again="__('Password again')" />
        <button class="btn btn-primary">{{ __('Register') }}</button>
    </form>
    <p class="section-rule">{{ __('Have an account?') }} <a
        href="{{ route('sign-in') }}">{{ __('Sign in') }}</a></p>
</x-layout>
