@use(App\Stash\StashFile)
@use(Fescue\Core\Measure\Decimal)
<x-layout title="Stash files">
    <div class="page-head">
        <h1>Stash</h1>
        @include('stash.tabs')
        <div class="acts"><a class="btn btn-quiet" href="{{ route('stash.export') }}">Keep as CSV</a></div>
    </div>
    <div class="column">
    <h2>Read a stash file</h2>
    <p>CSV with a first line that names the columns: <b>{{ implode(', ', StashFile::COLUMNS) }}</b>. Only the name must be there, and what its kind cannot do without; a file you kept shows them all. Other units are read where they are written in the cell, like “2 yd” or “1 lb”.</p>
    @error('file')
        <div class="flash trouble" role="alert" tabindex="-1" data-focus><p><b>Not read.</b> {{ $message }}</p></div>
    @enderror
    @if ($reading !== null)
        @php [$good, $bad] = [count($reading->materials), count($reading->problems)]; @endphp
        <section class="section-rule" aria-label="What was read">
            <h2>{{ $good === 1 ? 'One material' : "$good materials" }} read, {{ $bad === 1 ? 'one line' : "$bad lines" }} not</h2>
            @if ($reading->problems !== [])
                <ul class="notes long">
                    @foreach ($reading->problems as $line => $problems)
                        <li class="trouble"><b>Line {{ $line }}.</b> {{ implode(' ', $problems) }}</li>
                    @endforeach
                </ul>
            @endif
            @if ($reading->materials !== [])
                <ul class="list-plain long">
                    @foreach ($reading->materials as $material)
                        <li><span>{{ $material->values['name'] }}, {{ $material->kind->name() }}</span><b>{{ $material->onHand === null ? 'not weighed' : Decimal::print($material->onHand).($material->kind->isStrand() ? ' g' : ' tabs') }}</b></li>
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
    </form>
    </div>
</x-layout>
