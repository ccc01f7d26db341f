<x-layout title="Your password once more" narrow>
    <h1>Your password once more</h1>
    <p>You stayed signed in on this device. Before it shows or changes your account it asks whether it is you.</p>
    <x-wrongs />
    <form method="post" action="{{ route('account.confirmed') }}">
        @csrf
        <x-field name="current_password" label="Password" type="password" autocomplete="current-password" :keep="false"
            required />
        <button class="btn btn-primary">Go on</button>
    </form>
</x-layout>
