<x-layout title="Shopping list">
    <div class="page-head"><h1>Shopping list</h1><nav class="tabs acts" aria-label="Bags"><a
        href="{{ route('bags.index') }}">In hand</a><a href="{{ route('bags.log') }}">Finished</a><a
        href="{{ route('bags.shopping') }}" aria-current="page">Shopping list</a><button type="button" class="plain"
        data-print hidden>Print</button></nav></div>
    @if ($all === [])
        <div class="teach"><div><h2>No bag is in hand</h2><p>Plan one, say at its Finish what it is closed and lined
            with, and all that it takes stands here against your stash.</p>
            <p><a class="btn btn-primary" href="{{ route('bags.create') }}">Plan a bag</a></p></div></div>
    @else
    <div class="words-page">
        <section aria-label="To get">
            @if ($shopping->isAllThere())<p class="method">All of it is there.</p>@endif
            @foreach (['Strand, to be sure in 9 of 10' => $shopping->strands,
                'Hardware and cloth' => $shopping->notions] as $title => $lines)
                @if ($lines !== [])
                <h2>{{ $title }}</h2>
                <ul class="list-plain to-get shopping">
                    @foreach ($lines as $one)
                        <li @class(['short' => $one->wanting() > 0])>
                            <span class="tick" aria-hidden="true"></span>
                            <span>@if ($one->material !== null)<a
                                href="{{ route('stash.show', $one->material) }}">{{ $one->name }}</a>@else{{
                                    $one->name }}@endif<small>for
                                {{ implode(', ', $one->for) }}</small></span>
                            <b>{{ $one->wanting() > 0 ? $one->say($one->wanting()).($one->units() === '' ? ''
                                : ", {$one->units()}") : 'there' }}</b>
                            <em>takes {{ $one->say($one->takes) }}, {{ $one->there === null ? 'none in the stash'
                                : $one->say($one->there).' there' }}</em>
                        </li>
                    @endforeach
                </ul>
                @endif
            @endforeach
        </section>
        <aside aria-label="For which bags" class="no-print">
            <form method="get" action="{{ route('bags.shopping') }}" class="section-rule check-list">
                <h2>For</h2>
                @foreach ($all as $sheet)
                    <label class="check"><input type="checkbox" name="for[]" value="{{ $sheet->bag->id }}"
                        @checked(in_array($sheet->bag->id, $taken, true))> {{ $sheet->bag->name() }}</label>
                @endforeach
                <button class="btn btn-quiet">List it</button>
            </form>
        </aside>
    </div>
    @endif
</x-layout>
