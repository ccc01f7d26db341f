@use(Fescue\Core\Estimate\MaterialEstimate)
<section class="section-rule" aria-labelledby="mends">
    <h2 id="mends">Making it fit</h2>
    @if ($mends === [])
        <p>Nothing of the bag itself makes it fit; {{ $sheet->estimate->scarcest()->short()->print() }} more would.</p>
    @endif
    <ol class="mends">
        @foreach ($mends as $mend)
            <li>
                <p><b>{{ $mend->do }}.</b> {{ ucfirst($mend->costs) }}.@if ($mend->chance !== null) Then
                    {{ MaterialEstimate::hundred($mend->chance) }} in 100.@endif</p>
                @if ($mend->takes)
                    <form method="post" action="{{ route('bags.mend', $bag) }}">
                        @csrf<input type="hidden" name="do" value="{{ $mend->do }}"><button class="plain"
                        aria-label="Take it: {{ $mend->do }}">Take it</button></form>
                @else
                    <p><a href="{{ route('bags.plan', $bag) }}">Choose it at Material and hook</a></p>
                @endif
            </li>
        @endforeach
    </ol>
</section>
