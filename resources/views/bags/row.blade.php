{{-- A bag in a list: what it is, whether the material is enough, what comes out. --}}
@props(['one', 'unit'])
<li>
    {!! $one->chip !!}
    <div class="what">
        <h2><a href="{{ route('bags.plan', $one->id) }}">{{ $one->name }}</a></h2>
        <p class="sub">{{ $one->material }}</p>
        @if ($one->plan)
            <p class="sub">{{ __('next:') }} <a href="{{ $one->plan->where }}">{{ $one->plan->next }}</a></p>
        @endif
    </div>
    @if ($one->plan)
        <p class="figure first"><b>{{ $one->plan->size }}</b> {{ $unit->value }}<span>{{ __('lying flat') }}</span></p>
        <p class="figure"><b>{{ $one->plan->rounds }}</b><span>{{ __('rounds') }}</span></p>
        <p class="figure"><b>{{ $one->plan->grams }}</b> g<span>{{ __('of {material}', ['material' =>
            __($one->plan->noun)]) }}</span></p>
        <p @class(['figure', 'good' => $one->plan->isSure === true, 'bad' => $one->plan->isSure === false])>
            @if ($one->plan->inHundred !== null)<b>{{ $one->plan->inHundred }}</b> {{ __('in 100') }}<span>{{
                __('enough') }}</span>@else<b>?</b><span>{{ __('ball not weighed') }}</span>@endif
        </p>
    @else
        <p class="figure first bad"><b>{{ __('No plan') }}</b><span>{{ __('its material or swatch changed; open it '
            .'to mend it') }}</span></p>
            <p class="figure"></p><p class="figure"></p><p class="figure"></p>
    @endif
    <form class="acts" method="post" action="{{ route('bags.destroy', $one->id) }}">
        @csrf @method('delete')<button class="plain" aria-label="{{ __('Put away {name}', ['name' => $one->name]) }}">{{
            __('Put away') }}</button></form>
</li>
