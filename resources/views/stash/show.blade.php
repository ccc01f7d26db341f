@use(Fescue\Core\Material\EndCare)
@use(Fescue\Core\Material\Fabric)
@use(Fescue\Core\Material\Hand)
@use(Fescue\Core\Material\Kind)
@use(App\Tongue\Tongues)
@use(Fescue\Core\Measure\Length)
@use(Fescue\Core\Measure\LengthUnit)
@use(Fescue\Core\Stock\Move)
@use(Fescue\Core\Strip\JoinMethod)
@php
    $strand = $material->kind->isStrand();
    $onHand = $stock->onHand;
    $mm = fn (?Length $length): ?string => $length === null ? null
        : Tongues::printed($length->exact(LengthUnit::Millimetre));
    $price = $material->priceOfOne();
    $facts = array_filter([
        __('thickness') => $material->diameter_guessed
            ? __('about {mm}, guessed from its weight as {what}', [
                'mm' => Tongues::printed($material->diameter->print(LengthUnit::Millimetre)),
                'what' => $material->kind->form()->named($material->fibre),
            ]) : $mm($material->diameter),
        __('a ball') => $material->ball_mass === null ? null : __('{mass}, {m} m by its label', [
            'mass' => $material->ball_mass,
            'm' => Tongues::figure($material->ball_length?->in(LengthUnit::Metre) ?? 0),
        ]),
        __('weight class') => __($material->weight_class->value ?? ''),
        __('strip before the pull') => $mm($material->strip_width),
        __('width') => $material->kind === Kind::Cloth ? $material->width?->exact() : $mm($material->width),
        __('pull') => $material->pull === null ? null : Tongues::figure(($material->pull - 1) * 100).' %',
        __('cloth') => $material->areal === null ? null : Tongues::figure($material->areal).' g/m²',
        __('from tab to tab') => $mm($material->pitch),
        __('one tab weighs') => $strand || $material->sample_mass === null || $material->sample_count === null ? null
            : Tongues::figure($material->sample_mass->grams / $material->sample_count, 2).' g',
        __('strung on') => $material->strungOn?->name,
        __('stretch') => $material->stretch === null ? null
            : __('{percent} % under {load}', [
                'percent' => Tongues::figure(($material->stretch - 1) * 100),
                'load' => (string) $material->stretch_load?->print(),
            ]).($material->stretch_rest === null ? '' : ', '.__('{percent} % after rest', [
                'percent' => Tongues::figure(($material->stretch_rest - 1) * 100),
            ])),
        __('at an edge') => __(EndCare::frays($material->kind, $material->make) ?? ''),
        __('in heat') => $material->fibre === null ? null : ($material->fibre->melts() ? __('melts')
            : ($material->fibre->burns() ? __('burns, does not melt') : null)),
        __('source') => $material->acquired === null ? null : __($material->acquired->said()),
        __('price') => $material->price === null ? null : __('{money} for {much}', [
            'money' => Tongues::printed($material->price), 'much' => $material->say((float) $material->price_for),
        ]),
        __('what is here cost') => $price === null || $onHand === null ? null : Tongues::figure($price * $onHand, 2),
        __('care') => $material->care,
    ]);
    $bagNames = $bags->mapWithKeys(fn ($bag) => [$bag->id => $bag->name()])->all();
@endphp
<x-layout :title="$material->name">
    <div class="page-head">
        {!! $material->chip() !!}
        <h1>{{ $material->name }}</h1>
        <span class="soft">{{ $material->described() }}</span>
        <div class="acts"><a href="{{ route('stash.index') }}">{{ __('Back to the stash') }}</a> @if ($strand)<a
            href="{{ route('stash.weigh', ['material' => $material->id]) }}">{{ __('Weigh it') }}</a>@endif <a
            class="btn btn-quiet"
            href="{{ route('stash.edit', $material) }}">{{ __('Change') }}</a></div>
    </div>
    @if ($errors->any())
        <div class="flash trouble" role="alert" tabindex="-1" data-focus>
            <p><b>{{ __('Not entered.') }}</b> {{ $errors->first() }}</p></div>
    @endif
    <div class="card-page">
        <section aria-label="{{ __('What is known') }}">
            <div class="figures">
                @if ($strand)
                    <p class="figure"><b>{{ Tongues::figure($material->density()->gramsPerMetre, 1) }}</b>
                        <x-term of="tex">g/m</x-term><span>{{ __($material->isByLabel()
                            ? '{tex} tex, by its label' : '{tex} tex', [
                            'tex' => Tongues::figure($material->density()->tex()),
                        ]) }}</span></p>
                @endif
                <p class="figure">@if ($onHand === null)<b>?</b><span>{{ match (true) { $strand => __('not weighed'),
                    $material->kind->isCounted() => __('not counted'), default
                    => __('not measured') } }}</span>@else<b>{{ Tongues::figure($onHand) }}</b>
                    {{ __($material->unit($onHand)) }}<span>{{ __('on hand') }}</span>@endif</p>
                @if ($strand && $onHand !== null)
                    <p
                    class="figure"><b>{{
                        Tongues::figure($material->density()->lengthOf($material->onHand())->in(LengthUnit::Metre))
                    }}</b>
                    m<span>{{ __('that is') }}</span></p>@endif
                @if ($stock->reserved() > 0)
                    <p
                    class="figure @if ($stock->reserved() > ($onHand ?? 0)) bad @endif"><b>{{
                        Tongues::figure($stock->freeFor()) }}</b>
                    {{ __($material->unit($stock->freeFor())) }}<span>{{ __('not reserved') }}</span></p>@endif
            </div>
            <dl class="facts">@foreach ($facts as $name => $said)<dt>{{ $name }}</dt><dd>{{ $said }}</dd>@endforeach
                </dl>
            @if ($advice)
                <section class="section-rule" aria-labelledby="hooks">
                    <h2 id="hooks">{{ __('Try these two first') }}</h2>
                    <p class="hooks">@told('<b>{first}</b> then <b>{second}</b>', [
                        'first' => $advice->first[0], 'second' => $advice->first[1],
                    ])</p>
                    @php $label = $material->label_low?->mm === $material->label_high?->mm ? $mm($material->label_low)
                        : Tongues::exact($material->label_low?->mm ?? 0).'–'.$mm($material->label_high); @endphp
                    <p>{{ __('Worth a try: {least} to {most}.', [
                        'least' => Tongues::printed($advice->range[0]->exact()),
                        'most' => Tongues::printed($advice->range[1]->exact()),
                    ]) }}@if ($material->label_low)
                        {{ __($material->label_high->mm < $advice->range[0]->diameter->mm
                        ? 'The label says {mm}: too small for a bag’s fabric, as labels are.'
                        : 'The label says {mm}.', ['mm' => $label]) }}@endif</p>
                    <form class="sift" method="get" action="{{ route('stash.show', $material) }}">
                        <label>{{ __('Your hand') }} <select class="form-select" name="hand">
                            @foreach (Hand::cases() as $one)
                            <option value="{{ $one->value }}" @selected($one === $hand)>{{ __($one->value)
                                }}</option>@endforeach</select></label>
                        <label>{{ __('The fabric') }} <select class="form-select"
                            name="fabric">@foreach (Fabric::cases() as $one)
                            <option value="{{ $one->value }}"
                            @selected($one === $fabric)>{{ __($one->value) }}</option>@endforeach</select></label>
                        <button class="btn btn-quiet">{{ __('Advise') }}</button>
                    </form>
                    <ul class="reasons">@foreach ($advice->reasons as $reason)<li>{{ Tongues::say($reason)
                        }}</li>@endforeach</ul>
                </section>
            @endif
            @unless (in_array($material->kind, Kind::notions(), true))
            <section class="section-rule" aria-labelledby="ends">
                <h2 id="ends">{{ __('Its ends') }}</h2>
                <ul class="notes">
                    @foreach (EndCare::of($material->kind, $material->make, $material->fibre) as $care)
                        <li @class(['care' => $care->caution !== ''])><b>{{ __($care->do) }}.</b> {{ __($care->why) }}
                            {{ __($care->caution) }}</li>
                    @endforeach
                </ul>
            </section>
            <section class="section-rule" aria-labelledby="joins">
                <h2 id="joins">{{ __('Joining it') }}</h2>
                <ul class="notes">
                    @foreach (JoinMethod::of($material->kind, $material->make) as $join)
                        <li>@told('<b>{name}</b>, takes about {loss}. {how} {avoid}', [
                            'name' => ucfirst(__($join->name())), 'loss' => $join->loss(),
                            'how' => __($join->how()), 'avoid' => __($join->avoid()),
                        ])</li>
                    @endforeach
                </ul>
            </section>
            @endunless
        </section>
        <section aria-label="{{ __('Ledger') }}">
            <section>
                <h2>{{ __('What happened to it') }}</h2>
                <form method="post" action="{{ route('stash.enter', $material) }}">
                    @csrf
                    <div class="pair">
                        <x-pick name="move" :label="__('What')" :options="array_combine(array_column(Move::cases(),
                            'value'),
                            array_map(fn ($move) => $strand || $move !== Move::Weighed ? __($move->said())
                            : __('counted (corrects)'), Move::cases()))" />
                        <x-field name="amount" :label="__('How much')" :placeholder="$strand ? __('450 g or 40 m') :
                            '120'"
                            required autocomplete="off" />
                        <x-pick name="bag_id" :label="__('For which bag')" :options="['' => __('none')] + $bagNames" />
                        <x-field name="note" :label="__('Note')" maxlength="120" autocomplete="off" />
                    </div>
                    <button class="btn btn-primary">{{ __('Enter it') }}</button>
                </form>
            </section>
            @if ($bags->isNotEmpty())
                <section class="section-rule">
                    <h2>{{ __('Kept for bags') }}</h2>
                    @if ($stock->reserved !== [])
                        <ul class="list-plain">
                            @foreach ($stock->reserved as $bag => [$name, $amount])
                                <li><span><a
                                    href="{{ route('bags.plan', $bag) }}">{{ $name }}</a></span><b>{{
                                        $material->say($amount) }}</b></li>
                            @endforeach
                        </ul>
                    @endif
                    @if ($stock->reserved() > ($onHand ?? 0) + 0.001)<p
                        class="wrong">{{ __('More is reserved than there is.') }}</p>@endif
                    <form method="post" action="{{ route('stash.reserve', $material) }}">
                        @csrf
                        <div class="pair">
                            <x-pick name="reserve_for" :label="__('Bag')" :options="$bagNames" />
                            <x-field name="reserve" :label="__('Keep for it')" :placeholder="$strand ?
                                __('700 g; 0 frees it')
                                : __('154; 0 frees it')" required autocomplete="off" />
                        </div>
                        <button class="btn btn-quiet">{{ __('Reserve') }}</button>
                    </form>
                </section>
            @endif
            <section class="section-rule">
                <h2>{{ __('Ledger') }}</h2>
                @if ($entries->isEmpty())
                    <p>{{ $strand ? __('Nothing entered yet: weigh what is there, and enter it above.')
                        : __('Nothing entered yet: count what is there, and enter it above.') }}</p>
                @else
                    <div class="wide">@include('stash.entries', ['entries' => $entries, 'of' => false])</div>
                    @if ($entries->count() === 12)
                        <p><a href="{{ route('stash.ledger', ['material' => $material->id]) }}">{{
                            __('All of its lines') }}</a></p>
                        @endif
                @endif
            </section>
        </section>
    </div>
</x-layout>
