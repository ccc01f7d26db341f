@use(App\Tongue\Tongues)
@use(App\Glossary\Guide)
@props(['title', 'narrow' => false])
@php $guide = Guide::of((string) request()->route()?->getName(), auth()->check()); @endphp
<!doctype html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    @auth<meta name="maker" content="{{ auth()->user()->keeperKey() }}">@endauth

    <title>{{ $title }} · Fescue</title>
    <link rel="icon" href="{{ asset('mark.svg') }}" type="image/svg+xml">
    @scripts()
    @vite(['resources/scss/fonts.css', 'resources/scss/app.scss', 'resources/js/app.js'])
</head>
<body>
<a class="skip" href="#main">{{ __('Skip to the work') }}</a>
<header class="top">
    <a class="mark" href="{{ route('front') }}" @if (request()->routeIs('front')) aria-current="page" @endif><img
        src="{{ asset('mark.svg') }}" width="20" height="26" alt=""> fescue</a>
    @auth
        <nav aria-label="{{ __('Stations') }}">
            @foreach (['stash' => __('Stash'), 'cutting' => __('Cutting table'), 'swatches' => __('Swatches'),
                'bags' => __('Bags')] as $station => $name)
                <a href="{{ route("$station.index") }}" @if (request()->routeIs("$station.*")) aria-current="page"
                    @endif>{{ $name }}</a>
            @endforeach
        </nav>
        <div class="who">
            <a href="{{ route('account') }}" @if (request()->routeIs('account*')) aria-current="page"
                @endif>{{ auth()->user()->units->value }} · {{ auth()->user()->name }}</a>
            <form method="post" action="{{ route('sign-out') }}">@csrf<button class="plain">{{
                __('Sign out') }}</button></form>
        </div>
    @else
        <div class="who"><a href="{{ route('sign-in') }}">{{ __('Sign in') }}</a><a
            href="{{ route('register') }}">{{ __('Register') }}</a></div>
    @endauth
</header>
@if (config('app.public_demo'))<p class="open-demo">{{
    __('A demo that everybody shares. What is entered in its account is gone tomorrow: keep nothing of your own '
        .'there.') }}</p>@endif
<main id="main" tabindex="-1" @class(['narrow' => $narrow])>
    @if (session('status'))
        <div class="flash" role="status">
            <p>{{ session('status') }}</p>
            @if (session('undo'))
                <form method="post" action="{{ session('undo') }}">@csrf<button
                    class="plain">{{ __('Undo') }}</button></form>
            @endif
        </div>
    @endif
    @if (is_array(session('codes')))
        <section class="codes" aria-labelledby="codes-title">
            <h2 id="codes-title">{{ __('Your recovery codes') }}</h2>
            <p>{{ __('If you forget your password, one of these lets you in, once. They are shown this one time: '
                .'write them down or print them, and keep them where you keep your hooks.') }}</p>
            <ul>@foreach (session('codes') as $code)<li><code>{{ $code }}</code></li>@endforeach</ul>
        </section>
    @endif
    {{ $slot }}
</main>
<footer class="foot">
    <p><a href="{{ route('glossary') }}">{{ __('Glossary') }}</a> · <a data-guide
        href="{{ route('guide') }}{{ $guide === null ? '' : '#'.$guide[0] }}"><kbd>?</kbd> {{
        __('What this page is for') }}</a></p>
    <form class="tongues" method="post" aria-label="{{ __('Language') }}">{{ csrf_field() }}
        @foreach (Tongues::named() as $tongue => $name)
            <button class="plain" formaction="{{ route('tongue', $tongue) }}" lang="{{ $tongue }}"
                @if ($tongue === app()->getLocale()) aria-current="true" @endif>{{ $name }}</button>
        @endforeach
    </form>
</footer>
<dialog id="keys" aria-labelledby="keys-title">
    @if ($guide !== null)
        <h2 id="keys-title">{{ $guide[1] }}</h2>
        <ul class="guide">@foreach ($guide[2] as $line)<li>{{ $line }}</li>@endforeach</ul>
    @else
        <h2 id="keys-title">{{ __('Keys') }}</h2>
    @endif
    @auth
        @if ($guide !== null)<h2>{{ __('Keys') }}</h2>@endif
        <dl>
            <dt><kbd>g</kbd> {{ __('then') }} <kbd>s</kbd></dt><dd>{{ __('Stash') }}</dd>
            <dt><kbd>g</kbd> {{ __('then') }} <kbd>c</kbd></dt><dd>{{ __('Cutting table') }}</dd>
            <dt><kbd>g</kbd> {{ __('then') }} <kbd>w</kbd></dt><dd>{{ __('Swatches') }}</dd>
            <dt><kbd>g</kbd> {{ __('then') }} <kbd>b</kbd></dt><dd>{{ __('Bags') }}</dd>
            <dt><kbd>1</kbd> {{ __('to') }} <kbd>5</kbd></dt><dd>{{ __('On Plan: open a station') }}</dd>
            <dt><kbd>?</kbd></dt><dd>{{ __('This list') }}</dd>
            <dt><kbd>Esc</kbd></dt><dd>{{ __('Close it') }}</dd>
        </dl>
    @endauth
    <form method="dialog"><button class="btn btn-quiet">{{ __('Close it') }}</button></form>
</dialog>
</body>
</html>
