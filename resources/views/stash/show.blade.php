@use(Fescue\Core\Material\EndCare)
@use(Fescue\Core\Material\Fabric)
@use(Fescue\Core\Material\Hand)
@use(Fescue\Core\Material\Kind)
@use(Fescue\Core\Measure\Decimal)
@use(Fescue\Core\Measure\Length)
@use(Fescue\Core\Measure\LengthUnit)
@use(Fescue\Core\Stock\Move)
@use(Fescue\Core\Strip\JoinMethod)
@php
    $strand = $material->kind->isStrand();
    $onHand = $stock->onHand;
    $mm = fn (?Length $length): ?string => $length?->exact(LengthUnit::Millimetre);
    $price = $material->priceOfOne();
    $facts = array_filter([
        'thickness' => $material->diameter_guessed
            ? 'about '.$material->diameter->print(LengthUnit::Millimetre).', guessed from its weight as '
                .$material->kind->form()->named($material->fibre)
            : $mm($material->diameter),
        'a ball' => $material->ball_mass === null ? null
            : $material->ball_mass->print().', '.Decimal::print($material->ball_length?->in(LengthUnit::Metre)
            ?? 0).' m by its label',
        'strip before the pull' => $mm($material->strip_width),
        'width' => $material->kind === Kind::Cloth ? $material->width?->exact() : $mm($material->width),
        'pull' => $material->pull === null ? null : Decimal::print(($material->pull - 1) * 100).' %',
        'cloth' => $material->areal === null ? null : Decimal::print($material->areal).' g/m²',
        'from tab to tab' => $mm($material->pitch),
        'one tab weighs' => $strand || $material->sample_mass === null || $material->sample_count === null ? null
            : Decimal::print($material->sample_mass->grams / $material->sample_count, 2).' g',
        'strung on' => $material->strungOn?->name,
        'stretch' => $material->stretch === null ? null
            : Decimal::print(($material->stretch - 1) *
            100).' % under '.$material->stretch_load?->print().($material->stretch_rest === null ? ''
            : ', '.Decimal::print(($material->stretch_rest - 1) * 100).' % after rest'),
        'at an edge' => EndCare::frays($material->kind, $material->make),
        'in heat' => $material->fibre === null ? null : ($material->fibre->melts() ? 'melts'
            : ($material->fibre->burns() ? 'burns, does not melt' : null)),
        'source' => $material->acquired?->said(),
        'price' => $material->price === null ? null
            : "{$material->price} for {$material->say((float) $material->price_for)}",
        'what is here cost' => $price === null || $onHand === null ? null : Decimal::print($price * $onHand, 2),
        'care' => $material->care,
    ]);
    $bagNames = $bags->mapWithKeys(fn ($bag) => [$bag->id => $bag->name()])->all();
@endphp
<x-layout :title="$material->name">
    <div class="page-head">
        {!! $material->chip() !!}
        <h1>{{ $material->name }}</h1>
        <span class="soft">{{ $material->described() }}</span>
        <div class="acts"><a href="{{ route('stash.index') }}">Back to the stash</a> @if ($strand)<a
            href="{{ route('stash.weigh', ['material' => $material->id]) }}">Weigh it</a>@endif <a class="btn btn-quiet"
            href="{{ route('stash.edit', $material) }}">Change</a></div>
    </div>
    @if ($errors->any())
        <div class="flash trouble" role="alert" tabindex="-1" data-focus>
            <p><b>Not entered.</b> {{ $errors->first() }}</p></div>
    @endif
    <div class="card-page">
        <section aria-label="What is known">
            <div class="figures">
                @if ($strand)
                    <p class="figure"><b>{{ Decimal::print($material->density()->gramsPerMetre, 1) }}</b>
                        g/m<span>{{ Decimal::print($material->density()->tex()) }}
                        tex{{ $material->isByLabel() ? ', by its label' : '' }}</span></p>
                @endif
                <p class="figure">@if ($onHand === null)<b>?</b><span>{{ match (true) { $strand => 'not weighed',
                    $material->kind->isCounted() => 'not counted', default
                    => 'not measured' } }}</span>@else<b>{{ Decimal::print($onHand) }}</b>
                    {{ $material->unit($onHand) }}<span>on hand</span>@endif</p>
                @if ($strand && $onHand !== null)
                    <p
                    class="figure"><b>{{
                        Decimal::print($material->density()->lengthOf($material->onHand())->in(LengthUnit::Metre))
                    }}</b>
                    m<span>that is</span></p>@endif
                @if ($stock->reserved() > 0)
                    <p
                    class="figure @if ($stock->reserved() > ($onHand ?? 0)) bad @endif"><b>{{
                        Decimal::print($stock->freeFor()) }}</b>
                    {{ $material->unit($stock->freeFor()) }}<span>not reserved</span></p>@endif
            </div>
            <dl class="facts">@foreach ($facts as $name => $said)<dt>{{ $name }}</dt><dd>{{ $said }}</dd>@endforeach
                </dl>
            @if ($advice)
                <section class="section-rule" aria-labelledby="hooks">
                    <h2 id="hooks">Try these two first</h2>
                    <p class="hooks"><b>{{ $advice->first[0]->print() }}</b> then
                        <b>{{ $advice->first[1]->print() }}</b></p>
                    <p>Worth a try: {{ $advice->range[0]->exact() }} to
                        {{ $advice->range[1]->exact() }}.@if ($material->label_low) The label says
                        {{ $material->label_low->mm === $material->label_high->mm ? $mm($material->label_low)
                        : Decimal::exact($material->label_low->mm).' to '.$mm($material->label_high)
                        }}@if ($material->label_high->mm < $advice->range[0]->diameter->mm):
                        too small for a bag’s fabric, as labels are. @else. @endif @endif</p>
                    <form class="sift" method="get" action="{{ route('stash.show', $material) }}">
                        <label>Your hand <select class="form-select" name="hand">@foreach (Hand::cases() as $one)
                            <option @selected($one === $hand)>{{ $one->value }}</option>@endforeach</select></label>
                        <label>The fabric <select class="form-select" name="fabric">@foreach (Fabric::cases() as $one)
                            <option @selected($one === $fabric)>{{ $one->value }}</option>@endforeach</select></label>
                        <button class="btn btn-quiet">Advise</button>
                    </form>
                    <ul class="reasons">@foreach ($advice->reasons as $reason)<li>{{ $reason }}</li>@endforeach</ul>
                </section>
            @endif
            @unless (in_array($material->kind, Kind::notions(), true))
            <section class="section-rule" aria-labelledby="ends">
                <h2 id="ends">Its ends</h2>
                <ul class="notes">
                    @foreach (EndCare::of($material->kind, $material->make, $material->fibre) as $care)
                        <li @class(['care' => $care->caution !== ''])><b>{{ $care->do }}.</b> {{ $care->why }}
                            {{ $care->caution }}</li>
                    @endforeach
                </ul>
            </section>
            <section class="section-rule" aria-labelledby="joins">
                <h2 id="joins">Joining it</h2>
                <ul class="notes">
                    @foreach (JoinMethod::of($material->kind, $material->make) as $join)
                        <li><b>{{ ucfirst($join->name()) }}</b>, takes about {{ $join->loss()->print($unit) }}.
                            {{ $join->how() }} {{ $join->avoid() }}</li>
                    @endforeach
                </ul>
            </section>
            @endunless
        </section>
        <section aria-label="Ledger">
            <section>
                <h2>What happened to it</h2>
                <form method="post" action="{{ route('stash.enter', $material) }}">
                    @csrf
                    <div class="pair">
                        <x-pick name="move" label="What" :options="array_combine(array_column(Move::cases(), 'value'),
                            array_map(fn ($move) => $strand || $move !== Move::Weighed ? $move->said()
                            : 'counted (corrects)', Move::cases()))" />
                        <x-field name="amount" label="How much" :placeholder="$strand ? '450 g or 40 m' : '120'"
                            required autocomplete="off" />
                        <x-pick name="bag_id" label="For which bag" :options="['' => 'none'] + $bagNames" />
                        <x-field name="note" label="Note" maxlength="120" autocomplete="off" />
                    </div>
                    <button class="btn btn-primary">Enter it</button>
                </form>
            </section>
            @if ($bags->isNotEmpty())
                <section class="section-rule">
                    <h2>Kept for bags</h2>
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
                        class="wrong">More is reserved than there is.</p>@endif
                    <form method="post" action="{{ route('stash.reserve', $material) }}">
                        @csrf
                        <div class="pair">
                            <x-pick name="reserve_for" label="Bag" :options="$bagNames" />
                            <x-field name="reserve" label="Keep for it" :placeholder="$strand ? '700 g; 0 frees it'
                                : '154; 0 frees it'" required autocomplete="off" />
                        </div>
                        <button class="btn btn-quiet">Reserve</button>
                    </form>
                </section>
            @endif
            <section class="section-rule">
                <h2>Ledger</h2>
                @if ($entries->isEmpty())
                    <p>Nothing entered yet: {{ $strand ? 'weigh' : 'count' }} what is there, and enter it above.</p>
                @else
                    <div class="wide">@include('stash.entries', ['entries' => $entries, 'of' => false])</div>
                    @if ($entries->count() === 12)
                        <p><a href="{{ route('stash.ledger', ['material' => $material->id]) }}">All of its lines</a></p>
                        @endif
                @endif
            </section>
        </section>
    </div>
</x-layout>
