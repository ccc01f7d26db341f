<x-layout :title="__('Sign in')" narrow>
    <h1>{{ __('Sign in') }}</h1>
    @php $demo = config('app.demo') && old('email') === null; @endphp
    @if ($demo)
        <p>{{ __('This is the demo of a market maker’s worktable. Her sign-in is filled in below.') }}</p>
    @endif
    <x-wrongs />
    <form method="post" action="{{ route('sign-in') }}">
        @csrf
        <x-field name="email" :label="__('Email')" type="email" autocomplete="username" required
            :value="$demo ? \Database\Seeders\DatabaseSeeder::EMAIL : ''" />
        <div class="field">
            <label for="password">{{ __('Password') }}</label>
            <input id="password" type="password" name="password" class="form-control" autocomplete="current-password"
                required value="{{ $demo ? \Database\Seeders\DatabaseSeeder::PASSWORD : '' }}">
        </div>
        <p><label><input type="checkbox" name="remember" value="1"
            @checked(old('remember'))> {{ __('Keep me signed in here, 30 days') }}</label></p>
        <button class="btn btn-primary">{{ __('Sign in') }}</button>
    </form>
    <p class="section-rule"><a href="{{ route('recover') }}">{{ __('Forgot your password?') }}</a>
        {{ __('New here?') }} <a href="{{ route('register') }}">{{ __('Register') }}</a></p>
</x-layout>
