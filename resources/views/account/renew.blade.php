<x-layout title="A new password" narrow>
    <h1>A new password</h1>
    @if ($holds)
        <p class="hint">Whoever is signed in to your account elsewhere is signed out with it.</p>
        <x-wrongs />
        <form method="post" action="{{ route('recover.link', $token) }}">
            @csrf
            <x-new-password label="New password" />
            <button class="btn btn-primary">Change it and sign in</button>
        </form>
    @else
        <p>This link does no longer: it is older than an hour, was used, or the password was changed since. <a
            href="{{ route('recover') }}">Ask for another</a>.</p>
    @endif
</x-layout>
