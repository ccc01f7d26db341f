<x-layout title="Sign in" narrow>
    <h1>Sign in</h1>
    @php $demo = config('app.demo') && old('email') === null; @endphp
    @if ($demo)
        <p>This is the demo of a market maker’s worktable. Her sign-in is filled in below.</p>
    @endif
    <x-wrongs />
    <form method="post" action="{{ route('sign-in') }}">
        @csrf
        <x-field name="email" label="Email" type="email" autocomplete="username" required
            :value="$demo ? \Database\Seeders\DatabaseSeeder::EMAIL : ''" />
        <div class="field">
            <label for="password">Password</label>
            <input id="password" type="password" name="password" class="form-control" autocomplete="current-password"
                required value="{{ $demo ? \Database\Seeders\DatabaseSeeder::PASSWORD : '' }}">
        </div>
        <p><label><input type="checkbox" name="remember" value="1"
            @checked(old('remember'))> Keep me signed in here, 30 days</label></p>
        <button class="btn btn-primary">Sign in</button>
    </form>
    <p class="section-rule"><a href="{{ route('recover') }}">Forgot your password?</a> New here? <a
        href="{{ route('register') }}">Register</a>.</p>
</x-layout>
