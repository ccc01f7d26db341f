{{-- An error in the application's look. It asks nothing of the session or the database, which may be what broke. --}}
@props(['code', 'title', 'refresh' => null, 'again' => null])
<!doctype html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Fescue</title>
    @if ($refresh !== null)<meta http-equiv="refresh" content="{{ $refresh }}">@endif

    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/fonts.css', 'resources/scss/app.scss',
        ...($again === null ? [] : ['resources/js/again.js'])])
</head>
<body>
<header class="top"><a class="mark" href="/"><img src="/mark.svg" width="20" height="26" alt=""> fescue</a></header>
<main class="narrow">
    <h1>{{ $title }}</h1>
    <p>{{ $slot }}</p>
    {{ $again ?? new Illuminate\Support\HtmlString('<p><a class="btn btn-primary" href="/">'.e(__('To the '
        .'worktable')).'</a></p>') }}
    <p class="section-rule">{{ $code }}</p>
</main>
</body>
</html>
