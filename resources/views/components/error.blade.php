{{-- An error in the application's look. It asks nothing of the session or the database, which may be what broke. --}}
@props(['code', 'title'])
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Fescue</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/fonts.css', 'resources/scss/app.scss'])
</head>
<body>
<header class="top"><a class="mark" href="/"><img src="/mark.svg" width="20" height="26" alt=""> fescue</a></header>
<main class="narrow">
    <h1>{{ $title }}</h1>
    <p>{{ $slot }}</p>
    <p><a class="btn btn-primary" href="/">To the worktable</a></p>
    <p class="section-rule">{{ $code }}</p>
</main>
</body>
</html>
