@use(App\Bags\SwatchFile)
<x-layout title="Swatch files">
    <div class="page-head">
        <h1>Swatches</h1>
        @include('swatches.tabs')
        <div class="acts"><a class="btn btn-quiet" href="{{ route('swatches.export') }}">Keep as CSV</a></div>
    </div>
    <div class="column">
        <h2>Read a swatch file</h2>
        <p>CSV with a first line that names the columns: <b>{{ implode(', ', SwatchFile::COLUMNS) }}</b>. Name, hook,
            stitch, counts and measures must be there. A material is named as it is in your stash. Other units are read
            where they are written in the cell, like “5 in”.</p>
        <x-csv-import :action="route('swatches.import')" :$reading :$text thing="swatch" things="swatches">
            @foreach ($reading->good ?? [] as $swatch)
                <li><span>{{ $swatch['name'] }}</span><b>{{ $swatch['stitch']->key }} on
                    {{ $swatch['hook']->exact() }}</b></li>
            @endforeach
        </x-csv-import>
    </div>
</x-layout>
