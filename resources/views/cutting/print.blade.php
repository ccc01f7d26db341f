{{-- A cutting drawing for paper, without the application round it. --}}
<!doctype html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ __('{name}, cuts · Fescue', ['name' => $name]) }}</title>
    <link rel="icon" href="{{ asset('mark.svg') }}" type="image/svg+xml">
    @scripts()
    @vite(['resources/scss/fonts.css', 'resources/scss/app.scss', 'resources/js/app.js'])
</head>
<body class="paper-page {{ $print->paper }}">
<main>
    <header class="acts">
        <h1>{{ $name }}</h1>
        <p>{{ ucfirst(__($print->plan->cutting->school->name())) }}, {{ $print->said }}.</p>
        <form method="get" class="sift">
            @foreach (request()->query() as $key => $value)@if (is_string($value) && ! in_array($key, ['paper', 'size'],
                true))<input type="hidden" name="{{ $key }}" value="{{ $value }}">@endif @endforeach
            <label>{{ __('Size') }} <select class="form-select" name="size"><option value="fit">{{ __('on one sheet')
                }}</option>
                <option value="true" @selected($print->true)>{{ __('true size') }}</option></select></label>
            <label>{{ __('Paper') }} <select class="form-select" name="paper"><option value="a4">A4</option>
                <option value="letter" @selected($print->paper === 'letter')>{{ __('letter')
                    }}</option></select></label>
            <button class="btn btn-quiet">{{ __('Lay it out') }}</button>
            <button class="btn btn-primary" type="button" data-print hidden>{{ __('Print') }}</button>
            <a href="{{ $back }}">{{ __('Back') }}</a>
        </form>
        <p class="hint">{{ __('In the printer’s own box choose 100 %, not “fit to page”, and check the bar with a '
            .'ruler.') }}</p>
    </header>
    @foreach ($print->sheets as $sheet)
        <section class="page-of-paper" tabindex="0"
            aria-label="{{ __('Sheet {nth} of {all}', ['nth' => $loop->iteration, 'all' => $loop->count]) }}">{!! $sheet
            !!}</section>
    @endforeach
</main>
</body>
</html>
