@php $shopping = $finish->shopping(); @endphp
<section class="section-rule" aria-label="What it takes">
    <h2>Needs</h2>
    <ul class="list-plain to-get">
        @foreach ([...$shopping->strands, ...$shopping->notions] as $one)
            <li @class(['short' => $one->wanting() > 0])>
                <span>{{ $one->name }}</span><b>{{ $one->say($one->takes) }}</b><em>{{ match (true) {
                    $one->there === null => 'not in the stash',
                    $one->wanting() > 0 => "{$one->say($one->wanting())} to get"
                        .($one->units() === '' ? '' : ", {$one->units()}"),
                    default => 'there',
                } }}</em></li>
        @endforeach
    </ul>
    <p class="acts"><a href="{{ route('bags.shopping', ['bags' => $sheet->bag->id]) }}">Shopping list</a></p>
    @error('take')<p class="wrong">{{ $message }}</p>@enderror
    @if (array_filter($shopping->notions, fn ($one) => $one->material !== null) !== [])
        <form method="post" action="{{ route('bags.finish.take', $sheet->bag) }}">
        @csrf<button class="btn btn-quiet">Take hardware and cloth out of the stash</button></form>@endif
</section>
