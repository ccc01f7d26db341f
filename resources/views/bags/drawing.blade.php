@use(App\Drawing\BaseDrawing)
@use(App\Drawing\SideDrawing)
@php
    $base = BaseDrawing::of($sheet->plan, $sheet->unit);
    $side = SideDrawing::of($sheet->plan, $sheet->unit, $sheet->colours(), $sheet->writer);
@endphp
<div class="table-head"><h2>Base</h2><span>drawn {{ $base->ratio() }} · <a href="{{ route('bags.drawing', [$sheet->bag, 'base']) }}" aria-label="Keep the base drawing as SVG">SVG</a></span></div>
<div class="sheet" tabindex="0" role="group" aria-label="Drawing of the base">{!! $base->inline() !!}</div>
<div class="table-head"><h2>Side</h2><span>drawn {{ $side->ratio() }}, handles lifted · <a href="{{ route('bags.drawing', [$sheet->bag, 'side']) }}" aria-label="Keep the side drawing as SVG">SVG</a></span></div>
<div class="sheet" tabindex="0" role="group" aria-label="Drawing of the side">{!! $side->inline() !!}</div>
