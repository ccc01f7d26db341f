@props(['title', 'narrow' => false])
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    @auth<meta name="maker" content="{{ auth()->user()->keeperKey() }}">@endauth

    <title>{{ $title }} · Fescue</title>
    <link rel="icon" href="{{ asset('mark.svg') }}" type="image/svg+xml">
    @vite(['resources/scss/fonts.css', 'resources/scss/app.scss', 'resources/js/app.js'])
</head>
<body>
<a class="skip" href="#main">Skip to the work</a>
<header class="top">
    <a class="mark" href="{{ route('front') }}" @if (request()->routeIs('front')) aria-current="page" @endif><img
        src="{{ asset('mark.svg') }}" width="20" height="26" alt=""> fescue</a>
    @auth
        <nav aria-label="Stations">
            @foreach (['stash' => 'Stash', 'cutting' => 'Cutting table', 'swatches' => 'Swatches',
                'bags' => 'Bags'] as $station => $name)
                <a href="{{ route("$station.index") }}" @if (request()->routeIs("$station.*")) aria-current="page"
                    @endif>{{ $name }}</a>
            @endforeach
        </nav>
        <div class="who">
            <a href="{{ route('account') }}" @if (request()->routeIs('account*')) aria-current="page"
                @endif>{{ auth()->user()->units->value }} · {{ auth()->user()->name }}</a>
            <form method="post" action="{{ route('sign-out') }}">@csrf<button class="plain">Sign out</button></form>
        </div>
    @else
        <div class="who"><a href="{{ route('sign-in') }}">Sign in</a><a
            href="{{ route('register') }}">Register</a></div>
    @endauth
</header>
@if (config('app.public_demo'))<p class="open-demo">A demo that everybody shares. What is entered in its account is gone
    tomorrow: keep nothing of your own there.</p>@endif
<main id="main" tabindex="-1" @class(['narrow' => $narrow])>
    @if (session('status'))
        <div class="flash" role="status">
            <p>{{ session('status') }}</p>
            @if (session('undo'))
                <form method="post" action="{{ session('undo') }}">@csrf<button class="plain">Undo</button></form>
            @endif
        </div>
    @endif
    @if (is_array(session('codes')))
        <section class="codes" aria-labelledby="codes-title">
            <h2 id="codes-title">Your recovery codes</h2>
            <p>If you forget your password, one of these lets you in, once. They are shown this one time: write them
                down or print them, and keep them where you keep your hooks.</p>
            <ul>@foreach (session('codes') as $code)<li><code>{{ $code }}</code></li>@endforeach</ul>
        </section>
    @endif
    {{ $slot }}
</main>
@auth
    <footer class="foot">Press <kbd>?</kbd> for the keys.</footer>
    <dialog id="keys" aria-labelledby="keys-title">
        <h2 id="keys-title">Keys</h2>
        <dl>
            <dt><kbd>g</kbd> then <kbd>s</kbd></dt><dd>Stash</dd>
            <dt><kbd>g</kbd> then <kbd>c</kbd></dt><dd>Cutting table</dd>
            <dt><kbd>g</kbd> then <kbd>w</kbd></dt><dd>Swatches</dd>
            <dt><kbd>g</kbd> then <kbd>b</kbd></dt><dd>Bags</dd>
            <dt><kbd>1</kbd> to <kbd>5</kbd></dt><dd>On Plan: open a station</dd>
            <dt><kbd>?</kbd></dt><dd>This list</dd>
            <dt><kbd>Esc</kbd></dt><dd>Close it</dd>
        </dl>
        <form method="dialog"><button class="btn btn-quiet">Close</button></form>
    </dialog>
@endauth
</body>
</html>
