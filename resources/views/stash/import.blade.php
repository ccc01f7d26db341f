@use(App\Stash\StashFile)
@use(Fescue\Core\Measure\LengthUnit)
<x-layout title="Read a stash file" narrow>
    <h1>Read a stash file</h1>
    <p>CSV with a first line that names the columns: <b>name, colour, diameter (mm), piece (m), piece (g), on hand (g)</b>. Colour and on hand may be left out. Other units are read where they are written in the cell, like “2 yd” or “1 lb”.</p>
    @error('file')
        <div class="flash trouble" role="alert" tabindex="-1" data-focus><p><b>Not read.</b> {{ $message }}</p></div>
    @enderror
    @if ($reading !== null)
        @php [$good, $bad] = [count($reading->cords), count($reading->problems)]; @endphp
        <section class="section-rule" aria-label="What was read">
            <h2>{{ $good === 1 ? 'One cord' : "$good cords" }} read, {{ $bad === 1 ? 'one line' : "$bad lines" }} not</h2>
            @if ($reading->problems !== [])
                <ul class="notes">
                    @foreach ($reading->problems as $line => $problems)
                        <li class="trouble"><b>Line {{ $line }}.</b> {{ implode(' ', $problems) }}</li>
                    @endforeach
                </ul>
            @endif
            @if ($reading->cords !== [])
                <ul class="list-plain">
                    @foreach ($reading->cords as $cord)
                        <li><span>{{ $cord['name'] }}, {{ $cord['diameter']->exact(LengthUnit::Millimetre) }}</span><b>{{ $cord['on_hand']?->print() ?? 'not weighed' }}</b></li>
                    @endforeach
                </ul>
                <p>Nothing is taken in yet.</p>
                <form method="post" action="{{ route('stash.import') }}">
                    @csrf
                    <input type="hidden" name="agreed" value="1">
                    <textarea name="text" hidden aria-hidden="true" tabindex="-1">{{ $text }}</textarea>
                    <button class="btn btn-primary">{{ $good === 1 ? 'Take it in' : "Take these $good in" }}@if ($bad > 0), leave the others @endif</button>
                </form>
            @endif
        </section>
    @endif
    <form class="section-rule" method="post" action="{{ route('stash.import') }}" enctype="multipart/form-data">
        @csrf
        <div class="field">
            <label for="file">File</label>
            <input id="file" name="file" type="file" class="form-control" accept=".csv,text/csv" aria-describedby="file-wrong" data-most-bytes="{{ StashFile::MOST_BYTES }}">
            <p class="wrong" id="file-wrong" role="alert"></p>
        </div>
        <div class="field">
            <label for="text">or its lines</label>
            <textarea id="text" name="text" rows="8" class="form-control" spellcheck="false">{{ $text }}</textarea>
        </div>
        <button class="btn btn-quiet">Read it</button>
        <a class="beside" href="{{ route('stash.index') }}">Back to the stash</a>
    </form>
</x-layout>
