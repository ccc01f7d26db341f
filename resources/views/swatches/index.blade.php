@use(App\Drawing\SwatchChip)
@use(App\Models\Material)
@use(Fescue\Core\Material\Kind)
@use(Fescue\Core\Measure\Decimal)
@use(Fescue\Core\Measure\Length)
@use(Fescue\Core\Measure\LengthUnit)
<x-layout title="Swatches">
    <div class="page-head">
        <h1>Swatches</h1>
        @include('swatches.tabs')
        <div class="acts"><a class="btn btn-primary" href="{{ route('swatches.create') }}">Measure a swatch</a></div>
    </div>
    @if ($q !== '' || $swatches->hasPages())
        <x-search :to="route('swatches.index')" :q="$q" />
    @endif
    @if ($swatches->isEmpty() && $q !== '')
        <p>No swatch of yours, nor its material, is called so. Try fewer letters.</p>
    @elseif ($swatches->isEmpty())
        <div class="teach">
            <div>
                <h2>No swatch yet</h2>
                <p>Work a square of about twelve stitches and twelve rows with the material and hook of the bag. Leave
                    out the edge stitches, lay the tape over ten stitches and over ten rows. If you weigh it too, Fescue
                    knows what each stitch eats.</p>
                <p><a class="btn btn-primary" href="{{ route('swatches.create') }}">Measure a swatch</a></p>
            </div>
        </div>
    @else
        <ul class="rows">
            @foreach ($swatches as $swatch)
                @php
                    $measured = $swatch->measured();
                    $gauge = $measured->gauge();
                    $ten = Length::mm(100);
                    $four = Length::of(4, LengthUnit::Inch);
                @endphp
                <li>
                    {!! $swatch->material?->chip() ?? SwatchChip::of(Material::PLAIN, Kind::Cord, null,
                        Length::mm(4)) !!}
                    <div class="what">
                        <h2><a href="{{ route('swatches.edit', $swatch) }}">{{ $swatch->name }}</a></h2>
                        <p class="sub">{{ $swatch->stitch->abbreviation(auth()->user()->terms) }} on
                            {{ $swatch->hookSize()->print() }}{{ $swatch->material ? ", {$swatch->material->name}"
                            : '' }}{{ $swatch->chosen ? ', chosen' : '' }}{{ $swatch->state->value !== 'relaxed'
                            ? ", {$swatch->state->value}" : '' }}</p>
                        @if (isset($doubts[$swatch->id]))<p class="wrong">{{ $doubts[$swatch->id] }}</p>@endif
                    </div>
                    <p class="figure first"><b>{{ Decimal::print($measured->stitchesOver($ten), 1) }} ×
                        {{ Decimal::print($measured->rowsOver($ten), 1) }}</b><span>stitches × rows in 10 cm</span></p>
                    <p class="figure"><b>{{ Decimal::print($measured->stitchesOver($four), 1) }} ×
                        {{ Decimal::print($measured->rowsOver($four), 1) }}</b><span>in 4 in</span></p>
                    <p class="figure">@if ($gauge->mass && $swatch->material)<b>{{
                            Decimal::print(
                                $swatch->material->density()->lengthOf($gauge->mass)->in(LengthUnit::Centimetre),
                                1,
                            ) }}</b> cm<span>of {{ $swatch->material->kind->noun() }} a
                        stitch</span>@elseif (! $gauge->mass)<b>?</b><span>not weighed</span>@endif</p>
                    <p class="figure">@if ($gauge->mass)<b>{{ Decimal::print($gauge->mass->grams, 2) }}</b> g<span>a
                        stitch</span>@endif</p>
                    <form class="acts" method="post" action="{{ route('swatches.destroy', $swatch) }}">
                        @csrf @method('delete')<button class="plain" aria-label="Put away {{ $swatch->name }}">Put
                        away</button></form>
                </li>
            @endforeach
        </ul>
        <x-pages :of="$swatches" />
    @endif
</x-layout>
