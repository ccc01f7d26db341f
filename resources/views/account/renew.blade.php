<x-layout :title="__('A new password')" narrow>
    <h1>{{ __('A new password') }}</h1>
    @if ($holds)
        <p class="hint">{{ __('Whoever is signed in to your account elsewhere is signed out with it.') }}</p>
        <x-wrongs />
        <form method="post" action="{{ route('recover.link', $token) }}">
            @csrf
            <x-new-password :label="__('New password')" :again="__('New password again')" />
            <button class="btn btn-primary">{{ __('Change it and sign in') }}</button>
        </form>
    @else
        <p>{{ __('This link does not work any more: it is older than an hour, was used, or the password was changed '
            .'since.') }}
            <a href="{{ route('recover') }}">{{ __('Ask for another') }}</a></p>
    @endif
</x-layout>
