{{-- On a phone the answer stays under the thumb. --}}
@use(App\Tongue\Tongues)
@php $chance = $sheet->estimate->inHundred(); @endphp
<span><b>{{ Tongues::figure($sheet->plan->work->stitches()->total()) }}</b> {{ __('stitches') }}</span>
<span><b>{{ Tongues::figure($sheet->estimate->grams->likely) }}</b> g</span>
@if ($chance !== null)<span @class(['good' => $sheet->estimate->isSure(), 'bad' => ! $sheet->estimate->isSure()])><b>{{
    $chance }}</b> {{ __('in 100: enough') }}</span>@endif
