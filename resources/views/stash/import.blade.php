@use(App\Stash\StashFile)
@use(App\Tongue\Tongues)
<x-layout :title="__('Stash files')">
    <div class="page-head">
        <h1>{{ __('Stash') }}</h1>
        @include('stash.tabs')
        <div class="acts"><a class="btn btn-quiet" href="{{ route('stash.export') }}">{{ __('Keep as CSV') }}</a></div>
    </div>
    <div class="column">
        <h2>{{ __('Read a stash file') }}</h2>
        <p>@told('CSV with a first line that names the columns: <b lang="en">{columns}</b>. Only the name must '
            .'be there, and '
            .'what its kind cannot do without; a file you kept shows them all. Other units are read where they are '
            .'written in the cell, like “2 yd” or “1 lb”.', ['columns' => implode(', ', StashFile::COLUMNS)])</p>
        <x-csv-import :action="route('stash.import')" :$reading :$text>
            @foreach ($reading->good ?? [] as $material)
                <li><span>{{ $material->values['name'] }},
                    {{ __($material->kind->name()) }}</span><b>{{ $material->onHand === null ? __('not weighed')
                    : Tongues::figure($material->onHand).' '.__($material->kind->unit($material->onHand)) }}</b></li>
            @endforeach
        </x-csv-import>
    </div>
</x-layout>
