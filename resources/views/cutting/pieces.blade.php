@use(App\Tongue\Tongues)
@use(App\Models\RawPiece)
@use(App\Stash\CuttingForm)
@use(Fescue\Core\Measure\LengthUnit)
<x-layout :title="__('Raw pieces')">
    <div class="page-head">
        <h1>{{ __('Cutting table') }}</h1>
        @include('cutting.tabs')
        <div class="acts"><a class="btn btn-primary" href="{{ route('cutting.pieces.create') }}">{{ __('Add a piece')
            }}</a></div>
    </div>
    @if ($pieces->isEmpty())
        <div class="teach"><div>
            <h2>{{ __('Nothing waits to be cut') }}</h2>
            <p>{{ __('Old shirts, sleeves, skirts, carrier bags, sheets of plastic, ribbon: measure one of each, '
                .'weigh it, and say how many there are. Then say what strand you need, and Fescue tells which of '
                .'them to cut, how wide and in which order.') }}</p>
            <p><a class="btn btn-primary" href="{{ route('cutting.pieces.create') }}">{{ __('Add a piece') }}</a></p>
        </div></div>
    @else
        @php $scale = RawPiece::scale($pieces, 84); @endphp
        <ul class="rows raws">
            @foreach ($pieces as $piece)
                <li>
                    <span class="raw">{!! $piece->drawn($scale) !!}</span>
                    <div class="what">
                        <h2><a href="{{ route('cutting.pieces.edit', $piece) }}">{{ $piece->name }}</a></h2>
                        <p class="sub">{{ __(CuttingForm::KINDS[$piece->form]) }}@if ($piece->fibre),
                            {{ __($piece->fibre->value) }}@endif</p>
                    </div>
                    <p class="figure first"><b>{{ $piece->count }}</b><span>{{
                        __('{n, plural, one {waits} other {wait} }', ['n' => $piece->count]) }}</span></p>
                    <p class="figure"><b>{{ Tongues::printed($piece->measures['flat_width'] ?? '') }}</b><span>{{
                        __('wide') }}</span></p>
                    <p class="figure"><b>{{ Tongues::printed($piece->measures['height'] ?? '') }}</b><span>{{
                        $piece->form === 'ribbon' ? __('long') : __('high') }}</span></p>
                    <p
                        class="figure">@if (isset($piece->measures['mass']))<b>{{
                            Tongues::printed($piece->measures['mass']) }}</b><span>{{ __('one weighs')
                                }}</span>@elseif (isset($piece->measures['areal']))<b>{{
                            Tongues::printed($piece->measures['areal']) }}</b><span>{{ __('its cloth')
                                }}</span>@else<b>?</b><span>{{
                                __('not weighed') }}</span>@endif</p>
                    <form class="acts" method="post" action="{{ route('cutting.pieces.edit', $piece) }}">
                        @csrf @method('delete')<button class="plain" aria-label="{{ __('Put away {name}', ['name' =>
                            $piece->name]) }}">{{
                            __('Put away') }}</button></form>
                </li>
            @endforeach
        </ul>
    @endif
</x-layout>
