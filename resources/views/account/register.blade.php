<x-layout title="Register" narrow>
    <h1>Register</h1>
    <x-wrongs />
    <form method="post" action="{{ route('register') }}">
        @csrf
        @if (is_string(request('begin')))<input type="hidden" name="begin"
            value="{{ mb_substr(request('begin'), 0, 400) }}">@endif
        <x-field name="name" label="Name" hint="What you go by." autocomplete="name" maxlength="80" required />
        <x-field name="email" label="Email" hint="Only for signing in; nothing is sent." type="email"
            autocomplete="username" required />
        <x-new-password label="Password" />
        <button class="btn btn-primary">Register</button>
    </form>
    <p class="section-rule">Have an account? <a href="{{ route('sign-in') }}">Sign in</a>.</p>
</x-layout>
