@php $shopping = $finish->shopping(); @endphp
<section class="section-rule" aria-label="{{ __('What it takes') }}">
    <h2>{{ __('Needs') }}</h2>
    <ul class="list-plain to-get">
        @foreach ([...$shopping->strands, ...$shopping->notions] as $one)
            <li @class(['short' => $one->wanting() > 0])>
                <span>{{ $one->name }}</span><b>{{ $one->say($one->takes) }}</b><em>{{ match (true) {
                    $one->there === null => __('not in the stash'),
                    $one->wanting() > 0 => __('{much} to get', ['much' => $one->say($one->wanting())])
                        .($one->units() === '' ? '' : ", {$one->units()}"),
                    default => __('there'),
                } }}</em></li>
        @endforeach
    </ul>
    <p class="acts"><a href="{{ route('bags.shopping', ['bags' => $sheet->bag->id]) }}">{{ __('Shopping list')
        }}</a></p>
    @error('take')<p class="wrong">{{ $message }}</p>@enderror
    @if (array_filter($shopping->notions, fn ($one) => $one->material !== null) !== [])
        <form method="post" action="{{ route('bags.finish.take', $sheet->bag) }}">
        @csrf<button class="btn btn-quiet">{{ __('Take hardware and cloth out of the stash') }}</button></form>@endif
</section>
