@use(App\Drawing\SwatchChip)
@use(Fescue\Core\Measure\Decimal)
@use(Fescue\Core\Measure\LengthUnit)
<x-layout title="Stash">
    <div class="page-head">
        <h1>Stash</h1>
        <div class="acts"><a href="{{ route('stash.import') }}">Read CSV</a> @if ($cords->isNotEmpty())<a href="{{ route('stash.export') }}">Keep as CSV</a> <a href="{{ route('stash.together') }}">Hold cords together</a>@endif <a class="btn btn-primary" href="{{ route('stash.create') }}">Weigh a cord</a></div>
    </div>
    @if ($cords->isEmpty())
        <div class="teach">
            <div>
                <h2>Nothing weighed yet</h2>
                <p>Cut nothing. Measure off a metre of cord, lay it on the scale as it hangs from the ball, then weigh the ball itself. From the two Fescue knows how many metres you have, and whether they make a bag.</p>
                <p><a class="btn btn-primary" href="{{ route('stash.create') }}">Weigh a cord</a></p>
            </div>
        </div>
    @else
        <ul class="rows">
            @foreach ($cords as $cord)
                <li>
                    {!! SwatchChip::of($cord->colour, $cord->diameter) !!}
                    <div class="what">
                        <h2><a href="{{ route('stash.edit', $cord) }}">{{ $cord->name }}</a></h2>
                        <p class="sub">{{ $cord->diameter->exact(LengthUnit::Millimetre) }} cord, try a {{ $cord->material()->firmHook()->print() }} hook</p>
                    </div>
                    <p class="figure first"><b>{{ Decimal::print($cord->density()->gramsPerMetre, 1) }}</b> g/m<span>{{ Decimal::print($cord->density()->metresPer100Grams(), 1) }} m per 100 g</span></p>
                    <p class="figure">@if ($cord->on_hand)<b>{{ Decimal::print($cord->on_hand->grams) }}</b> g<span>on hand</span>@else<b>?</b><span>ball not weighed</span>@endif</p>
                    <p class="figure">@if ($cord->on_hand)<b>{{ Decimal::print($cord->density()->lengthOf($cord->on_hand)->in(LengthUnit::Metre)) }}</b> m<span>that is</span>@endif</p>
                    <p class="figure"><b>{{ Decimal::print($cord->density()->tex()) }}</b><span>tex</span></p>
                    <form class="acts" method="post" action="{{ route('stash.destroy', $cord) }}">@csrf @method('delete')<button class="plain" aria-label="Put away {{ $cord->name }}">Put away</button></form>
                </li>
            @endforeach
        </ul>
    @endif
</x-layout>
