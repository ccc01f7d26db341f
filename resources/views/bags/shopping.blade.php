<x-layout :title="__('Shopping list')">
    <div class="page-head"><h1>{{ __('Shopping list') }}</h1><nav class="tabs acts" aria-label="{{ __('Bags') }}"><a
        href="{{ route('bags.index') }}">{{ __('In hand') }}</a><a href="{{ route('bags.log') }}">{{ __('Finished')
        }}</a><a
        href="{{ route('bags.shopping') }}" aria-current="page">{{ __('Shopping list') }}</a><button type="button"
        class="plain"
        data-print hidden>{{ __('Print') }}</button></nav></div>
    @if ($all === [])
        <div class="teach"><div><h2>{{ __('No bag is in hand') }}</h2><p>{{ __('Plan one, say at its Finish what '
            .'it is closed and lined with, and all that it takes stands here against your stash.') }}</p>
            <p><a class="btn btn-primary" href="{{ route('begin') }}">{{ __('Plan a bag') }}</a></p></div></div>
    @else
    <div class="words-page">
        <section aria-label="{{ __('To get') }}">
            @if ($shopping->isAllThere())<p class="method">{{ __('All of it is there.') }}</p>@endif
            @foreach ([__('Strand, to be sure in 9 of 10') => $shopping->strands,
                __('Hardware and cloth') => $shopping->notions] as $title => $lines)
                @if ($lines !== [])
                <h2>{{ $title }}</h2>
                <ul class="list-plain to-get shopping">
                    @foreach ($lines as $one)
                        <li @class(['short' => $one->wanting() > 0])>
                            <span class="tick" aria-hidden="true"></span>
                            <span>@if ($one->material !== null)<a
                                href="{{ route('stash.show', $one->material) }}">{{ $one->name }}</a>@else{{
                                    $one->name }}@endif<small>{{ __('for {bags}', ['bags' => implode(', ', $one->for)])
                                        }}</small></span>
                            <b>{{ $one->wanting() > 0 ? $one->say($one->wanting()).($one->units() === '' ? ''
                                : ", {$one->units()}") : __('there') }}</b>
                            <em>{{ $one->there === null
                                ? __('takes {much}, none in the stash', ['much' => $one->say($one->takes)])
                                : __('takes {much}, {there} there', [
                                    'much' => $one->say($one->takes), 'there' => $one->say($one->there),
                                ]) }}</em>
                        </li>
                    @endforeach
                </ul>
                @endif
            @endforeach
        </section>
        <aside aria-label="{{ __('For which bags') }}" class="no-print">
            <form method="get" action="{{ route('bags.shopping') }}" class="section-rule check-list">
                <h2>{{ __('For') }}</h2>
                @foreach ($all as $sheet)
                    <label class="check"><input type="checkbox" name="for[]" value="{{ $sheet->bag->id }}"
                        @checked(in_array($sheet->bag->id, $taken, true))> {{ $sheet->bag->name() }}</label>
                @endforeach
                <button class="btn btn-quiet">{{ __('List it') }}</button>
            </form>
        </aside>
    </div>
    @endif
</x-layout>
