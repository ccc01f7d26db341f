{{-- Each swatch as it lies on the tape, stitch and strand as large as they are. --}}
@use(App\Drawing\HookPatch)
@use(App\Models\Material)
@use(App\Tongue\Tongues)
@use(Fescue\Core\Measure\Length)
@use(Fescue\Core\Measure\LengthUnit)
<ul class="shelf tape">
    @foreach ($swatches as $swatch)
        @php
            $measured = $swatch->measured();
            $gauge = $measured->gauge();
            [$over, $said] = $unit === LengthUnit::Inch ? [Length::of(4, LengthUnit::Inch), __('in 4 in')]
                : [Length::mm(100), __('in 10 cm')];
        @endphp
        <li @class(['mine' => $swatch->chosen])>
            <a href="{{ route('swatches.edit', $swatch) }}" aria-hidden="true" tabindex="-1">{!! HookPatch::of(
                $swatch->material->colour ?? Material::PLAIN, $gauge->width, $gauge->height,
                $swatch->material->diameter ?? Length::mm(4), $gauge->motif, $unit) !!}</a>
            <h2><a href="{{ route('swatches.edit', $swatch) }}">{{ $swatch->name }}</a></h2>
            <p><b>{{ Tongues::figure($measured->stitchesOver($over), 1) }} ×
                {{ Tongues::figure($measured->rowsOver($over), 1) }}</b> {{ $said }}</p>
            <p class="soft">{{ implode(', ', array_filter([
                __('{stitch} on {hook}', ['stitch' => $swatch->stitch, 'hook' => $swatch->hookSize()]),
                $gauge->mass === null ? __('not weighed')
                    : __('{grams} g a stitch', ['grams' => Tongues::figure($gauge->mass->grams, 2)]),
                $swatch->chosen ? __('chosen') : '',
                $swatch->state->value !== 'relaxed' ? __($swatch->state->value) : '',
            ])) }}</p>
            @if (isset($doubts[$swatch->id]))<p class="wrong">{{ $doubts[$swatch->id] }}</p>@endif
        </li>
    @endforeach
</ul>
