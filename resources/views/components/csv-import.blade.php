{{-- What was read of a CSV file, line by line, and a place to read one. The slot lists the good lines. --}}
@props(['action', 'reading', 'text', 'thing', 'things'])
@use(App\Files\Csv)
@error('file')
    <div class="flash trouble" role="alert" tabindex="-1" data-focus><p><b>Not read.</b> {{ $message }}</p></div>
@enderror
@if ($reading !== null)
    @php [$good, $bad] = [count($reading->good), count($reading->problems)]; @endphp
    <section class="section-rule" aria-label="What was read">
        <h2>{{ $good === 1 ? "One $thing" : "$good $things" }} read, {{ $bad === 1 ? 'one line' : "$bad lines" }}
            not</h2>
        @if ($reading->problems !== [])
            <ul class="notes long">
                @foreach ($reading->problems as $line => $problems)
                    <li class="trouble"><b>Line {{ $line }}.</b> {{ implode(' ', $problems) }}</li>
                @endforeach
            </ul>
        @endif
        @if ($reading->good !== [])
            <ul class="list-plain long">{{ $slot }}</ul>
            <p>Nothing is taken in yet.</p>
            <form method="post" action="{{ $action }}">
                @csrf
                <input type="hidden" name="agreed" value="1">
                <textarea name="text" hidden aria-hidden="true" tabindex="-1">{{ $text }}</textarea>
                <button class="btn btn-primary">{{ $good === 1 ? 'Take it in' : "Take these $good in" }}@if ($bad > 0),
                    leave the others @endif</button>
            </form>
        @endif
    </section>
@endif
<form class="section-rule" method="post" action="{{ $action }}" enctype="multipart/form-data">
    @csrf
    <x-sent-text accept=".csv,text/csv" :most="Csv::MOST_BYTES" label="or its lines" :$text />
    <button class="btn btn-quiet">Read it</button>
</form>
