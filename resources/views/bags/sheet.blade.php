{{-- A bag on paper. Its styles are in paper.scss; what it draws is what the pages draw. --}}
@use(App\Drawing\BagOutline)
@use(App\Drawing\LayDrawing)
@php
    $plan = $sheet->plan;
    $beside = $other === null ? $sheet->words()->beside() : null;
    $drawings = $beside === null ? $sheet->words()->drawings() : [];
    $steps = $sheet->words()->folding();
    $outline = BagOutline::of($plan, $sheet->bag->colour());
    [$wide, $high] = [170, 130];
@endphp
<main class="sheet-of-paper">
@if ($beside !== null)
<aside class="beside">
    @if ($picture !== null)<img class="photograph" src="data:image/jpeg;base64,{{ base64_encode($picture->jpeg) }}"
        alt="{{ __('The bag') }}">@endif
    @foreach (array_reverse($beside) as [$title, $canvas, $said])
    <figure>{!! $canvas->inline() !!}<figcaption>{{ $title }}, {{ __('drawn {ratio}', ['ratio' => $canvas->ratio()])
        }}@if ($said !== ''), {{ $said }}@endif</figcaption></figure>
    @endforeach
</aside>
@endif
<header class="sheet-head">
    <div>
        <h1>{{ $sheet->bag->name() }}</h1>
        <p class="soft">{{ $sheet->tally()->kind() }} · {{ $sheet->tally()->work() }}</p>
    </div>
    @if ($beside !== null)
    @elseif ($picture !== null)<img class="photograph"
        src="data:image/jpeg;base64,{{ base64_encode($picture->jpeg) }}" alt="{{ __('The bag') }}">
    @else<div class="portrait" aria-hidden="true">{!! $outline->svg(min(1.2, ($wide - 20) / $outline->width(),
        ($high - 16) / $outline->height()), $wide, $high) !!}</div>@endif
</header>
@if ($done !== null && ($done->wide !== null || $done->high !== null || $done->outcome() !== null
    || $done->load !== null || $done->otherwise !== ''))
<section>
    <h2>{{ __('As it came') }}</h2>
    <dl class="sheet-list">
        @if ($done->wide !== null || $done->high !== null)<div><dt>{{ __('It came') }}</dt>
            <dd>{{ implode(' × ', array_filter([$done->wide, $done->high])) }}</dd></div>@endif
        @if ($done->outcome() !== null)<div><dt>{{ __('It took') }}</dt><dd>{{ round($done->outcome()->came) }}
            g</dd></div>@endif
        @if ($done->load !== null)<div><dt>{{ __('It held') }}</dt><dd>{{ $done->load }}</dd></div>@endif
        @if ($done->otherwise !== '')<div><dt>{{ __('Next time') }}</dt><dd>{{ $done->otherwise }}</dd></div>@endif
    </dl>
</section>
@endif
@if ($other === null) @include('bags.pattern') @else @include('bags.pair') @endif
@foreach ($drawings as [$title, $canvas, $said])
<figure class="drawing">
    <h2>{{ $title }}</h2>
    {!! $canvas->inline() !!}
    <figcaption>{{ __('Drawn {ratio} where paper is printed at its own size.', ['ratio' => $canvas->ratio()]) }}
        {{ $said }}</figcaption>
</figure>
@endforeach
@if ($steps !== null)
<figure class="drawing">
    <h2>{{ __('Going together') }}</h2>
    <ol class="folding">@foreach ($steps->does() as $nth => $does)
        <li>{!! $steps->step($nth, 220, 170) !!}<b>{{ $nth + 1 }}</b> {{ $does }}</li>@endforeach</ol>
</figure>
@endif
@foreach ($plan->fitted as $fitted)
    @if ($whole && $fitted->lining !== null)
    @php $lay = LayDrawing::of($fitted->lining, $plan->spec->choices->finish[$loop->index]->cloth(), $sheet->unit);
        @endphp
    @if ($lay !== null)<figure class="drawing"><h2>{{ __('Lining, {way}', ['way' => $fitted->lining->as]) }}</h2>{!!
        $lay->inline() !!}
        <figcaption>{{ __('The lay, drawn {ratio}.', ['ratio' => $lay->ratio()]) }}</figcaption>
        </figure>@endif
    @endif
@endforeach
</main>
