<x-layout title="A way back in" narrow>
    <h1>A way back in</h1>
    <p class="hint">One of the recovery codes that you were shown when you registered, or on your account page since. Each works once.</p>
    <x-wrongs />
    <form method="post" action="{{ route('recover') }}">
        @csrf
        <x-field name="email" label="Email" type="email" autocomplete="username" required />
        <x-field name="code" label="Recovery code" autocomplete="off" :keep="false" maxlength="40" required placeholder="abcd-efgh-jkmn" />
        <x-new-password label="New password" />
        <button class="btn btn-primary">Change it and sign in</button>
    </form>
    <p class="section-rule">Found it after all? <a href="{{ route('sign-in') }}">Sign in</a>.</p>
</x-layout>
