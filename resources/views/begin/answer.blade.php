@php $plan = $sheet->begun->chosen()->plan; $begun = $sheet->begun; @endphp
@include('begin.figures')
@auth
    <form method="post" action="/begin?{{ $begun->query() }}">@csrf<button class="btn btn-primary" @disabled($plan === null)>Keep and see the whole plan</button></form>
@else
    @if ($plan !== null)<a class="btn btn-primary" href="/begin/plan?{{ $begun->query() }}">See the whole plan</a>@endif
@endauth
