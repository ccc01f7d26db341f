{{-- Bags at one scale, filled to where they are worked; or as a list. --}}
@use(App\Bags\Wall)
@php $wall = session('shown.bags') === 'list' ? null : Wall::of($listed); @endphp
<x-shown-as of="bags" :pictures="__('Wall')" :said="__('All at one scale, filled to where they are worked.')"
    :list="$wall === null" />
@if ($wall === null)
    <ul class="rows">
        @foreach ($listed as $one)
            @include('bags.row', ['unit' => auth()->user()->units])
        @endforeach
    </ul>
@else
    <ul class="wall">
        @foreach ($wall->listed as $one)
            <li>
                <a class="stands" href="{{ route('bags.plan', $one->id) }}" aria-hidden="true" tabindex="-1">
                    @if ($one->plan !== null)<img src="{{ $wall->picture($one) }}" loading="lazy" alt=""
                    width="{{ Wall::WIDE }}" height="{{ Wall::HIGH }}">@else<span>{{ __('No plan') }}</span>@endif
                </a>
                <h2 id="bag-{{ $loop->index }}"><a href="{{ route('bags.plan', $one->id) }}">{{ $one->name }}</a></h2>
                @if ($one->plan !== null)
                    @php [$next, $where] = $wall->next($one); @endphp
                    <p><a href="{{ $where }}" @class(['bad' => $one->plan->isSure === false])
                        aria-describedby="bag-{{ $loop->index }}">{{ $next }}</a></p>
                @else
                    <p class="bad">{{ __('its material or swatch changed; open it to mend it') }}</p>
                @endif
            </li>
        @endforeach
    </ul>
@endif
