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
        <p>CSV with a first line that names the columns: <b>{{ implode(', ', StashFile::COLUMNS) }}</b>. Only the name
            must be there, and what its kind cannot do without; a file you kept shows them all. Other units are read
            where they are written in the cell, like “2 yd” or “1 lb”.</p>
        <x-csv-import :action="route('stash.import')" :$reading :$text thing="material" things="materials">
            @foreach ($reading->good ?? [] as $material)
                <li><span>{{ $material->values['name'] }},
                    {{ $material->kind->name() }}</span><b>{{ $material->onHand === null ? 'not weighed'
                    : Decimal::print($material->onHand).($material->kind->isStrand() ? ' g' : ' tabs') }}</b></li>
            @endforeach
        </x-csv-import>
    </div>
</x-layout>
