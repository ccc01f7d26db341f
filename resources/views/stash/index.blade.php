@use(App\Stash\StashSearch)
@use(Fescue\Core\Material\Acquired)
@use(Fescue\Core\Material\Kind)
@use(App\Tongue\Tongues)
@use(Fescue\Core\Measure\LengthUnit)
@php
    $kinds = array_combine(array_column(Kind::cases(), 'value'), array_map(fn (Kind $kind): string => __($kind->name()),
        Kind::cases()));
    $sources = array_combine(array_column(Acquired::cases(), 'value'),
        array_map(fn (Acquired $one): string => __($one->said()), Acquired::cases()));
@endphp
<x-layout :title="__('Stash')">
    <div class="page-head">
        <h1>{{ __('Stash') }}</h1>
        @include('stash.tabs')
        <div class="acts"><a class="btn btn-primary" href="{{ route('stash.create') }}">{{ __('Add a material')
            }}</a></div>
    </div>
    @if (! $any)
        <div class="teach">
            <div>
                <h2>{{ __('Nothing weighed yet') }}</h2>
                <p>{{ __('Cut nothing. Measure off a metre, lay it on the scale as it hangs from the ball, then '
                    .'weigh the ball itself. From the two Fescue knows how many metres you have, and whether they '
                    .'make a bag.') }}</p>
                <p><a class="btn btn-primary" href="{{ route('stash.create') }}">{{ __('Add a material') }}</a> <a
                    class="beside"
                    href="{{ route('stash.import') }}">{{ __('Read a CSV file') }}</a></p>
            </div>
        </div>
    @else
        <form class="sift" method="get" action="{{ route('stash.index') }}" role="search">
            <label>{{ __('Search') }} <input class="form-control" type="search" name="q" value="{{ $search->typed['q']
                }}"
                autocomplete="off"></label>
            <label>{{ __('Kind') }} <select class="form-select" name="kind"><option
                value="">{{ __('all') }}</option>@foreach ($kinds as $kind => $name)
                <option value="{{ $kind }}" @selected($search->typed['kind'] === $kind)>{{ $name }}</option>@endforeach
                </select></label>
            <label>{{ __('Source') }} <select class="form-select" name="acquired">
                <option value="">{{ __('any') }}</option>@foreach ($sources as $source => $name)
                <option value="{{ $source }}" @selected($search->typed['acquired'] === $source)>{{ $name }}</option>
                @endforeach</select></label>
            <label>{{ __('Order') }} <select class="form-select" name="sort">@foreach (StashSearch::ORDERS as $order =>
                $name)
                <option value="{{ $order }}" @selected($search->typed['sort'] === $order)>{{ __($name) }}</option>
                @endforeach</select></label>
            <button class="btn btn-quiet">{{ __('Find') }}</button>
        </form>
        @if ($search->found->isEmpty())
            <p class="section-rule">@told('Nothing here is like that. <a>Show everything</a>', [],
                [route('stash.index')])</p>
        @endif
        @php $isList = session('shown.stash') === 'list'; @endphp
        <x-shown-as of="stash" :pictures="__('Shelf')" :said="__('Each as large as there is of it, in its colour and '
            .'thickness; hatched is reserved.')" :list="$isList" />
        @if (! $isList) @include('stash.shelf', ['materials' => $search->found]) @endif
        @if ($isList)<ul class="rows">
            @foreach ($search->found as $material)
                @php
                    $balance = $material->balance();
                    $reserved = (float) $material->reserved;
                @endphp
                <li>
                    {!! $material->chip() !!}
                    <div class="what">
                        <h2><a href="{{ route('stash.show', $material) }}">{{ $material->name }}</a></h2>
                        <p class="sub">{{ $material->described() }}</p>
                    </div>
                    @if ($material->kind->isStrand())
                        <p class="figure first"><b>{{ Tongues::figure($material->density()->gramsPerMetre, 1) }}</b>
                            g/m<span>{{ __('{m} m per 100 g', [
                                'm' => Tongues::figure($material->density()->metresPer100Grams(), 1),
                            ]) }}</span></p>
                        <p class="figure">@if ($balance !== null)<b>{{ Tongues::figure($balance) }}</b> g<span>{{
                            __('on hand') }}</span>@else<b>?</b><span>{{ __('not weighed') }}</span>@endif</p>
                        <p
                            class="figure">@if ($balance !==
                            null)<b>{{
                            Tongues::figure($material->density()->lengthOf($material->onHand())->in(LengthUnit::Metre))
                            }}</b>
                            m<span>{{ __('that is') }}</span>@endif</p>
                    @else
                        <p
                            class="figure first">@if ($material->pitch !==
                            null)<b>{{ $material->pitch->exact(LengthUnit::Millimetre) }}</b><span>{{
                                __('from tab to tab') }}</span>@elseif ($material->width !==
                            null)<b>{{ $material->width->exact($material->width->mm < 100 ? LengthUnit::Millimetre
                            : LengthUnit::Centimetre) }}</b><span>{{ $material->kind->isCounted() ? __('in size')
                            : __('wide') }}</span>@endif</p>
                        <p
                            class="figure">@if ($balance !==
                            null)<b>{{ Tongues::figure($balance) }}</b><span>{{ __('{unit} on hand', [
                                'unit' => __($material->unit($balance)),
                            ]) }}</span>@else<b>?</b><span>{{ $material->kind->isCounted() ? __('not counted')
                            : __('not measured') }}</span>@endif</p>
                        <p class="figure"></p>
                    @endif
                    <p class="figure">@if ($reserved > 0)<b>{{ Tongues::figure($reserved) }}</b>
                        {{ $material->kind->isStrand() ? 'g' : '' }}<span>{{ __('reserved for bags')
                            }}</span>@elseif ($material->kind->isStrand())<b>{{
                            Tongues::figure($material->density()->tex()) }}</b><span>{{ __('tex') }}</span>@endif</p>
                    <form class="acts" method="post" action="{{ route('stash.destroy', $material) }}">
                        @csrf @method('delete')<button class="plain" aria-label="{{ __('Put away {name}', ['name' =>
                            $material->name]) }}">{{
                            __('Put away') }}</button></form>
                </li>
            @endforeach
        </ul>@endif
        <x-pages :of="$search->found" />
    @endif
</x-layout>
