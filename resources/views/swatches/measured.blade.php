{{-- What the marks on a picture measure, or why they do not. --}}
@use(Fescue\Core\Measure\Decimal)
@foreach ($marks->wrong as $said)<p class="wrong">{{ $said }}</p>@endforeach
@if ($marks->stitch || $marks->row)
    <div class="figures">
        @foreach (['stitch' => $marks->stitch, 'row' => $marks->row] as $what => $one)
            @if ($one)<p class="figure"><b>{{ Decimal::print($one->likely, 2) }} ±
                {{ Decimal::print($one->likely * $one->relative, 2) }}</b> mm<span>a {{ $what }},
                {{ Decimal::print(100 / $one->likely, 1) }} in 10 cm, {{ Decimal::print(101.6 / $one->likely, 1) }} in 4
                in</span></p>@endif
        @endforeach
    </div>
    <p class="soft">{{ $marks->reckoned }}</p>
@elseif ($marks->wrong === [])
    <p class="soft">Say how many stitches and rows lie between the marks, and they are measured here.</p>
@endif
