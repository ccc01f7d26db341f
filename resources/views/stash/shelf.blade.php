{{-- What there is, as it would stand on a shelf: each as large as there is of it. --}}
@use(App\Drawing\StashShape)
@use(App\Tongue\Tongues)
@use(Fescue\Core\Material\Kind)
@use(Fescue\Core\Measure\LengthUnit)
<ul class="shelf">
    @foreach ($materials as $material)
        @php
            $balance = $material->balance();
            $reserved = (float) $material->reserved;
            $share = $balance === null || $balance <= 0 ? 0.0 : $reserved / $balance;
            $metres = $material->kind->isStrand() && $balance !== null
                ? $material->density()->lengthOf($material->onHand())->in(LengthUnit::Metre) : null;
        @endphp
        <li>
            <a class="stands" href="{{ route('stash.show', $material) }}" aria-hidden="true" tabindex="-1">
                @if ($metres !== null && $balance > 0){!! StashShape::of($material->kind, $material->colour, $metres,
                    $material->diameter->mm ?? 4.0, $share, "shelf-{$loop->index}") !!}
                @elseif ($material->kind === Kind::Tabs && $balance > 0){!! StashShape::jar($material->colour, $balance,
                    $share, "shelf-{$loop->index}") !!}
                @else {!! $material->chip() !!} @endif
            </a>
            <h2><a href="{{ route('stash.show', $material) }}">{{ $material->name }}</a></h2>
            <p>@if ($balance === null){{ __('not weighed') }}@else<b>{{ Tongues::figure($balance) }}
                {{ $material->kind->isStrand() ? 'g' : __($material->unit($balance)) }}</b>@endif
                @if ($reserved > ($balance ?? 0.0))<span class="bad">{{ __('{n} short', [
                    'n' => Tongues::figure($reserved - ($balance ?? 0.0)),
                ]) }}</span>@elseif ($metres !== null){{ Tongues::figure($metres) }} m @endif</p>
        </li>
    @endforeach
</ul>
