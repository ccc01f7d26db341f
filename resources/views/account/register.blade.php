<x-layout title="Register" narrow>
    <h1>Register</h1>
    <x-wrongs />
    <form method="post" action="{{ route('register') }}">
        @csrf
        @if (is_string(request('begin')))<input type="hidden" name="begin" value="{{ mb_substr(request('begin'), 0, 400) }}">@endif
        <x-field name="name" label="Name" hint="What you go by." autocomplete="name" maxlength="80" required />
        <x-field name="email" label="Email" hint="Only for signing in; nothing is sent." type="email" autocomplete="username" required />
        <x-field name="password" label="Password" hint="12 letters or more." type="password" autocomplete="new-password" :keep="false" required />
        <x-field name="password_confirmation" label="Password again" type="password" autocomplete="new-password" :keep="false" required />
        <button class="btn btn-primary">Register</button>
    </form>
    <p class="section-rule">Have an account? <a href="{{ route('sign-in') }}">Sign in</a>.</p>
</x-layout>
