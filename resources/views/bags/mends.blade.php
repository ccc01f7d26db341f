@use(App\Tongue\Tongues)
@use(Fescue\Core\Estimate\MaterialEstimate)
<section class="section-rule" aria-labelledby="mends">
    <h2 id="mends">{{ __('Making it fit') }}</h2>
    @if ($mends === [])
        <p>{{ __('Nothing of the bag itself makes it fit; {short} more would.', [
            'short' => $sheet->estimate->scarcest()->short(),
        ]) }}</p>
    @endif
    <ol class="mends">
        @foreach ($mends as $mend)
            <li>
                <p><b>{{ Tongues::say($mend->do) }}.</b> {{ Tongues::say($mend->costs) }}@if ($mend->chance !== null)
                    {{ __('Then {n} in 100.', ['n' => MaterialEstimate::hundred($mend->chance)]) }}@endif</p>
                @if ($mend->takes)
                    <form method="post" action="{{ route('bags.mend', $bag) }}">
                        @csrf<input type="hidden" name="do" value="{{ $mend->do->english() }}"><button class="plain"
                        aria-label="{{ __('Take it: {mend}', ['mend' => $mend->do]) }}">{{ __('Take it')
                        }}</button></form>
                @else
                    <p><a href="{{ route('bags.plan', $bag) }}">{{ __('Choose it at Material and hook') }}</a></p>
                @endif
            </li>
        @endforeach
    </ol>
</section>
