{{-- What was read of a CSV file, line by line, and a place to read one. The slot lists the good lines. --}}
@props(['action', 'reading', 'text'])
@use(App\Files\Csv)
@error('file')
    <div class="flash trouble" role="alert" tabindex="-1" data-focus><p><b>{{ __('Not read.') }}</b> {{ $message
        }}</p></div>
@enderror
@if ($reading !== null)
    @php [$good, $bad] = [count($reading->good), count($reading->problems)]; @endphp
    <section class="section-rule" aria-label="{{ __('What was read') }}">
        <h2>{{ __('{n, plural, one {One line} other {# lines} } read', ['n' => $good]) }}@if ($bad > 0),
            {{ __('{n, plural, one {one} other {#} } not', ['n' => $bad]) }}@endif</h2>
        @if ($reading->problems !== [])
            <ul class="notes long">
                @foreach ($reading->problems as $line => $problems)
                    <li class="trouble"><b>{{ __('Line {line}.', ['line' => $line]) }}</b> {{ implode(' ', $problems)
                        }}</li>
                @endforeach
            </ul>
        @endif
        @if ($reading->good !== [])
            <ul class="list-plain long">{{ $slot }}</ul>
            <p>{{ __('Nothing is taken in yet.') }}</p>
            <form method="post" action="{{ $action }}">
                @csrf
                <input type="hidden" name="agreed" value="1">
                <textarea name="text" hidden aria-hidden="true" tabindex="-1">{{ $text }}</textarea>
                <button class="btn btn-primary">{{ $bad > 0
                    ? __('{n, plural, one {Take this one in, leave the others} other {Take these # in, leave the '
                        .'others} }',
                        ['n' => $good])
                    : __('{n, plural, one {Take it in} other {Take these # in} }', ['n' => $good]) }}</button>
            </form>
        @endif
    </section>
@endif
<form class="section-rule" method="post" action="{{ $action }}" enctype="multipart/form-data">
    @csrf
    <x-sent-text accept=".csv,text/csv" :most="Csv::MOST_BYTES" :label="__('or its lines')" :$text />
    <button class="btn btn-quiet">{{ __('Read it') }}</button>
</form>
