@use(App\Tongue\Tongues)
@use(Fescue\Core\Estimate\MaterialEstimate)
@php $plan = $sheet->begun->chosen()->plan; $begun = $sheet->begun; @endphp
@include('begin.figures')
<div class="under-thumb">
@if ($plan !== null)
    @php $chance = $begun->enough($plan); @endphp
    <p class="foot-bar" aria-hidden="true"><span><b>{{ Tongues::figure($begun->grams($plan)->likely) }}</b>
        g</span>@if ($chance !== null) <span @class(['good' => $chance >= MaterialEstimate::SURE, 'bad' => $chance <
        MaterialEstimate::SURE])><b>{{ MaterialEstimate::hundred($chance) }}</b> {{ __('in 100') }}</span>@endif
        <span><b>{{ rtrim($sheet->say($plan->comesOut->flatWidth), ' cmin') }} × {{
        rtrim($sheet->say($plan->comesOut->height), ' cmin') }}</b> {{ $begun->unit()->value }}</span></p>
@endif
@auth
    {{-- Of a form beside the one it stands in: that one asks, this one keeps. --}}
    <input type="hidden" name="_once" form="keep" value="{{ bin2hex(random_bytes(12)) }}">
    <button class="btn btn-primary" form="keep" formaction="/begin?{{ $begun->query() }}"
        @disabled($plan === null)>{{ __('Keep and see the whole plan') }}</button>
@else
    @if ($plan !== null)<a class="btn btn-primary" href="/begin/plan?{{ $begun->query() }}">{{
        __('See the whole plan') }}</a>@endif
@endauth
</div>
