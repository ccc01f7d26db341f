@use(App\Bags\SwatchFile)
@use(App\Tongue\Tongues)
@use(Fescue\Core\Measure\LengthUnit)
<x-layout :title="__('Swatch files')">
    <div class="page-head">
        <h1>{{ __('Swatches') }}</h1>
        @include('swatches.tabs')
        <div class="acts"><a class="btn btn-quiet" href="{{ route('swatches.export') }}">{{ __('Keep as CSV')
            }}</a></div>
    </div>
    <div class="column">
        <h2>{{ __('Read a swatch file') }}</h2>
        <p>@told('CSV with a first line that names the columns: <b lang="en">{columns}</b>. Name, hook, stitch, '
            .'counts and '
            .'measures must be there. A material is named as it is in your stash. Other units are read where they '
            .'are written in the cell, like “5 in”.', ['columns' => implode(', ', SwatchFile::COLUMNS)])</p>
        <x-csv-import :action="route('swatches.import')" :$reading :$text>
            @foreach ($reading->good ?? [] as $swatch)
                <li><span>{{ $swatch['name'] }}</span><b>{{ __('{stitch} on {hook}', [
                    'stitch' => $swatch['stitch'],
                    'hook' => Tongues::printed($swatch['hook']->print(LengthUnit::Millimetre)),
                ]) }}</b></li>
            @endforeach
        </x-csv-import>
    </div>
</x-layout>
