@php $plan = $sheet->begun->chosen()->plan; $begun = $sheet->begun; @endphp
@include('begin.figures')
@auth
    {{-- Of a form beside the one it stands in: that one asks, this one keeps. --}}
    <input type="hidden" name="_once" form="keep" value="{{ bin2hex(random_bytes(12)) }}">
    <button class="btn btn-primary" form="keep" formaction="/begin?{{ $begun->query() }}"
        @disabled($plan === null)>{{ __('Keep and see the whole plan') }}</button>
@else
    @if ($plan !== null)<a class="btn btn-primary" href="/begin/plan?{{ $begun->query() }}">{{
        __('See the whole plan') }}</a>@endif
@endauth
