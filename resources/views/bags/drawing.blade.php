@php $folding = $sheet->words()->folding(); @endphp
@foreach ($sheet->words()->drawings() as $name => [$title, $canvas, $said])
    @php $title = substr($title, 4); @endphp
    @if ($loop->last && $folding !== null) @include('bags.folding') @endif
    <div class="table-head"><h2>{{ ucfirst($title) }}</h2><span>drawn
        {{ $canvas->ratio() }}{{ $said }}@isset($sheet->bag->id) · <a href="/bags/{{ $sheet->bag->id }}/{{ $name }}.svg"
        aria-label="Keep the drawing of the {{ $title }} as SVG">SVG</a>@endisset</span></div>
    <div class="sheet" tabindex="0" role="group"
        aria-label="Drawing of the {{ $title }}">{!! $canvas->inline() !!}</div>
@endforeach
