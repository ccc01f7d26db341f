{{-- A bag in a list: what it is, whether the material is enough, what comes out. --}}
@props(['one', 'unit'])
<li>
    {!! $one->chip !!}
    <div class="what">
        <h2><a href="{{ route('bags.plan', $one->id) }}">{{ $one->name }}</a></h2>
        <p class="sub">{{ $one->material }}</p>
        @if ($one->plan)
            <p class="sub">next: <a href="{{ $one->plan->where }}">{{ $one->plan->next }}</a></p>
        @endif
    </div>
    @if ($one->plan)
        <p class="figure first"><b>{{ $one->plan->size }}</b> {{ $unit->value }}<span>lying flat</span></p>
        <p class="figure"><b>{{ $one->plan->rounds }}</b><span>rounds</span></p>
        <p class="figure"><b>{{ $one->plan->grams }}</b> g<span>of {{ $one->plan->noun }}</span></p>
        <p @class(['figure', 'good' => $one->plan->isSure === true, 'bad' => $one->plan->isSure === false])>
            @if ($one->plan->inHundred !== null)<b>{{ $one->plan->inHundred }}</b> in
                100<span>enough</span>@else<b>?</b><span>ball not weighed</span>@endif
        </p>
    @else
        <p class="figure first bad"><b>No plan</b><span>its material or swatch changed; open it to mend it</span></p>
            <p class="figure"></p><p class="figure"></p><p class="figure"></p>
    @endif
    <form class="acts" method="post" action="{{ route('bags.destroy', $one->id) }}">
        @csrf @method('delete')<button class="plain" aria-label="Put away {{ $one->name }}">Put away</button></form>
</li>
