{{-- What the marks on a picture measure, or why they do not. --}}
@use(App\Tongue\Tongues)
@foreach ($marks->wrong as $said)<p class="wrong">{{ $said }}</p>@endforeach
@if ($marks->stitch || $marks->row)
    <div class="figures">
        @foreach (['stitch' => $marks->stitch, 'row' => $marks->row] as $what => $one)
            @if ($one)<p class="figure"><b>{{ Tongues::figure($one->likely, 2) }} ±
                {{ Tongues::figure($one->likely * $one->relative, 2) }}</b> mm<span>{{ __($what === 'stitch'
                    ? 'a stitch, {ten} in 10 cm, {four} in 4 in' : 'a row, {ten} in 10 cm, {four} in 4 in', [
                    'ten' => Tongues::figure(100 / $one->likely, 1),
                    'four' => Tongues::figure(101.6 / $one->likely, 1),
                ]) }}</span></p>@endif
        @endforeach
    </div>
    <p class="soft">{{ $marks->reckoned }}</p>
@elseif ($marks->wrong === [])
    <p class="soft">{{ __('Say how many stitches and rows lie between the marks, and they are measured here.') }}</p>
@endif
