@use(App\Drawing\SwatchChip)
@use(App\Models\Material)
@use(Fescue\Core\Material\Kind)
@use(App\Tongue\Tongues)
@use(Fescue\Core\Measure\Length)
@use(Fescue\Core\Measure\LengthUnit)
<x-layout :title="__('Swatches')">
    <div class="page-head">
        <h1>{{ __('Swatches') }}</h1>
        @include('swatches.tabs')
        <div class="acts"><a class="btn btn-primary" href="{{ route('swatches.create') }}">{{ __('Measure a swatch')
            }}</a></div>
    </div>
    @if ($q !== '' || $swatches->hasPages())
        <x-search :to="route('swatches.index')" :q="$q" />
    @endif
    @if ($swatches->isEmpty() && $q !== '')
        <p>{{ __('No swatch of yours, nor its material, is called so. Try fewer letters.') }}</p>
    @elseif ($swatches->isEmpty())
        <div class="teach">
            <div>
                <h2>{{ __('No swatch yet') }}</h2>
                <p>{{ __('Work a square of about twelve stitches and twelve rows with the material and hook of the '
                    .'bag. Leave out the edge stitches, lay the tape over ten stitches and over ten rows. If you '
                    .'weigh it too, Fescue knows what each stitch eats.') }}</p>
                <p><a class="btn btn-primary" href="{{ route('swatches.create') }}">{{ __('Measure a swatch') }}</a></p>
            </div>
        </div>
    @else
        @php $isList = session('shown.swatches') === 'list'; @endphp
        <x-shown-as of="swatches" :pictures="__('On the tape')" :said="__('Each as it lies on the tape, 1 : 1.')"
            :list="$isList" />
        @if (! $isList)
        @include('swatches.tape')
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
                        <p class="sub">{{ implode(', ', array_filter([
                            __('{stitch} on {hook}', ['stitch' => $swatch->stitch, 'hook' => $swatch->hookSize()]),
                            $swatch->material?->name,
                            $swatch->chosen ? __('chosen') : '',
                            $swatch->state->value !== 'relaxed' ? __($swatch->state->value) : '',
                        ])) }}</p>
                        @if (isset($doubts[$swatch->id]))<p class="wrong">{{ $doubts[$swatch->id] }}</p>@endif
                    </div>
                    <p class="figure first"><b>{{ Tongues::figure($measured->stitchesOver($ten), 1) }} ×
                        {{ Tongues::figure($measured->rowsOver($ten), 1) }}</b><span>{{ __('stitches × rows in 10 cm')
                            }}</span></p>
                    <p class="figure"><b>{{ Tongues::figure($measured->stitchesOver($four), 1) }} ×
                        {{ Tongues::figure($measured->rowsOver($four), 1) }}</b><span>{{ __('in 4 in') }}</span></p>
                    <p class="figure">@if ($gauge->mass && $swatch->material)<b>{{ Tongues::figure(
                        $swatch->material->density()->lengthOf($gauge->mass)->in(LengthUnit::Centimetre),
                        1,
                    ) }}</b> cm<span>{{ __('of {material} a stitch', [
                        'material' => __($swatch->material->kind->noun()),
                    ]) }}</span>@elseif (! $gauge->mass)<b>?</b><span>{{
                        __('not weighed') }}</span>@endif</p>
                    <p class="figure">@if ($gauge->mass)<b>{{ Tongues::figure($gauge->mass->grams, 2) }}</b> g<span>{{
                        __('a stitch') }}</span>@endif</p>
                    <form class="acts" method="post" action="{{ route('swatches.destroy', $swatch) }}">
                        @csrf @method('delete')<button class="plain" aria-label="{{ __('Put away {name}', ['name' =>
                            $swatch->name]) }}">{{
                            __('Put away') }}</button></form>
                </li>
            @endforeach
        </ul>
        @endif
        <x-pages :of="$swatches" />
    @endif
</x-layout>
