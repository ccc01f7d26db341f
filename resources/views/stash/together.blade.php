@use(App\Http\Controllers\TogetherController)
@use(Fescue\Core\Measure\Decimal)
@use(Fescue\Core\Measure\LengthUnit)
<x-layout title="Held together">
    <div class="page-head">
        <h1>Stash</h1>
        @include('stash.tabs')
    </div>
    @if ($materials->isEmpty())
        <div class="teach">
            <div>
                <p>Thin strands worked as one make a bulky strand. Weigh them first, then come back and say how many
                    ends of each.</p>
                <p><a class="btn btn-primary" href="{{ route('stash.create') }}">Add a material</a></p>
            </div>
        </div>
    @else
        <div class="words-page">
            <form method="get" action="{{ route('stash.together') }}">
                <p>How many ends of each? Two ends of one ball come off the same stock.</p>
                <ul class="rows strands">
                    @foreach ($materials as $material)
                        @php $wrong = $errors->first("ends.{$material->id}"); @endphp
                        <li>
                            {!! $material->chip() !!}
                            <div class="what">
                                <label for="ends-{{ $material->id }}">{{ $material->name }}</label>
                                <p class="sub">{{ $material->described() }},
                                    {{ $material->density()->print() }}@if ($material->onHand()),
                                    {{ $material->onHand()->print() }} on hand @else, ball not weighed @endif</p>
                                @if ($wrong !== '')<p class="wrong" id="ends-{{ $material->id }}-wrong">{{ $wrong }}</p>
                                    @endif
                            </div>
                            <input id="ends-{{ $material->id }}" name="ends[{{ $material->id }}]" inputmode="numeric"
                                autocomplete="off" placeholder="0" value="{{ $typed($material) }}"
                                @class(['form-control', 'is-invalid' => $wrong !== '']) @if ($wrong !== '')
                                aria-invalid="true" aria-describedby="ends-{{ $material->id }}-wrong" @endif>
                        </li>
                    @endforeach
                </ul>
                @if ($bags->isNotEmpty())
                    <div class="section-rule">
                    <x-pick name="bag" label="For the bag"
                        hint="Then each strand’s own place is told, and where to lay its next ball in."
                        :options="['' => 'none yet']
                            + $bags->mapWithKeys(fn ($one) => [$one->id => $one->name()])->all()"
                        :value="$bag?->id" />
                    <x-pick name="order" label="Worked one after another instead"
                        hint="The first is at the bottom. For your own order choose it, hold them, number them."
                        :options="TogetherController::ORDERS" :value="$order" />
                    @if ($order === 'mine')
                    <ul class="list-plain places">
                        @foreach ($materials as $material)
                            @continue(! in_array($typed($material), array_map(strval(...), range(1,
                                TogetherController::MOST_ENDS)), true))
                            <li><label for="place-{{ $material->id }}">{{ $material->name }}</label><input
                                id="place-{{ $material->id }}" name="place[{{ $material->id }}]" inputmode="numeric"
                                autocomplete="off" class="form-control" placeholder="–"
                                value="{{ $typed($material, 'place') }}"></li>
                        @endforeach
                    </ul>
                    @endif
                    </div>
                @endif
                <p class="section-rule"><button class="btn btn-primary">Hold them together</button></p>
            </form>
            <section class="tally" aria-label="Held together">
                @if ($held === null)
                    <p class="section-rule">@if ($errors->any())Mend what is marked, and the strand stands here.@else
                        Say how many ends at the left, and the strand stands here.@endif</p>
                @else
                    @php
                        $one = $held->asOne();
                        $hook = $one->firmHook();
                        $first = $held->runsOutFirst();
                    @endphp
                    <dl>
                        <div class="figure-row"><dt>as one strand</dt><dd><span
                            class="large">{{ Decimal::print($one->density->gramsPerMetre, 1) }}</span> g/m</dd>
                            <dd class="sub">{{ $held->ends() }} {{ $held->ends() === 1 ? 'end' : 'ends' }} ·
                            {{ Decimal::print($one->density->tex()) }} tex</dd></div>
                        <div class="figure-row"><dt>as thick as</dt><dd><span
                            class="large">{{ Decimal::print($one->diameter->mm, 1) }}</span> mm</dd></div>
                        <div class="figure-row"><dt>try first</dt><dd><b>{{ $hook->print() }}</b></dd>
                            <dd class="sub">{{ $hook->steps(1)->print() }} for a tight hand or a drapey sack,
                            {{ $hook->steps(-1)->print() }} for straps</dd></div>
                        <div class="figure-row"><dt>runs out first</dt>
                            @if ($first)
                                <dd><b>{{ $first->name }}</b></dd><dd class="sub">after
                                    {{ Decimal::print($first->lasts()?->in(LengthUnit::Metre) ?? 0) }} m,
                                    {{ $one->onHand?->print() }} of all</dd>
                            @else
                                <dd>not known</dd><dd class="sub">weigh every ball of these first</dd>
                            @endif
                        </div>
                    </dl>
                    @if ($first)
                        <h2>When it runs out</h2>
                        <ul class="list-plain">
                            @foreach ($held->strands as $strand)
                                <li><span>{{ $strand->name }}@if ($strand->ends > 1), {{ $strand->ends }} ends
                                    @endif</span><b>{{ $strand === $first ? 'out' : Decimal::print(max(0,
                                    ($strand->lasts()->mm - $first->lasts()->mm) / 1000 *
                                    $strand->ends)).' m left' }}</b></li>
                            @endforeach
                        </ul>
                    @endif
                    @if ($bag)
                        <h2>In “{{ $bag->name() }}”</h2>
                        @if ($ends === null)
                            <p>It makes no plan as it stands; open it and mend it first.</p>
                        @elseif ($ends === [])
                            <p>{{ $held->runsOutFirst() === null
                                ? 'Weigh every ball of these, and it is told where each runs out.'
                                : 'None of them is likely to run out.' }}</p>
                        @else
                            <ul class="notes">
                                @foreach ($ends as $end)
                                    <li><b>{{ $end->strand->name }}</b> ends in {{ $end->row }}, near stitch
                                        {{ $end->stitch }}, not before {{ $end->earliest }}. @if ($end->join) Lay its
                                        next ball in during <b>{{ $end->join }}</b>.@else No round before that bears a
                                        join: begin with another ball.@endif</li>
                                @endforeach
                            </ul>
                        @endif
                        @if ($scraps)
                            <h2>One after another, {{ TogetherController::ORDERS[$order] }}</h2>
                            <ol class="list-plain scraps">
                                @foreach ($scraps->scraps as $scrap)
                                    <li><span>{{ $scrap->strand->name }}</span>
                                        @if ($scrap->from !== null)
                                            <b>{{ $scrap->from->is($scrap->to) ? $scrap->from : str_replace('Round ',
                                                'Rounds ', $scrap->from).'–'.$scrap->to->short() }}</b>
                                            <span class="soft">{{ $scrap->short ? 'ends there'
                                                : Decimal::print($scrap->left).' m left over' }}</span>
                                        @else
                                            <b>set aside</b>
                                            <span class="soft">{{ $scrap->left === null ? 'not weighed' : ($scrap->short
                                                ? 'too short to reach a round that bears a join'
                                                : 'not needed') }}</span>
                                        @endif
                                    </li>
                                @endforeach
                            </ol>
                            @if ($scraps->missing > 0)
                                <p><b>About {{ Decimal::print($scraps->wanting()->in(LengthUnit::Metre)) }} m more is
                                wanting</b> to the end.</p>@endif
                        @endif
                        @if ($ends !== null)
                            <p class="soft">Joins are kept apart from each other, away from slots, and out of the last
                                two rounds.</p>
                            <form method="post" action="{{ route('stash.together') }}">
                                @csrf
                                <input type="hidden" name="bag" value="{{ $bag->id }}">
                                <input type="hidden" name="order" value="{{ $order }}">
                                @foreach (['ends', 'place'] as $field)
                                    @foreach (array_filter($query[$field], is_string(...)) as $id => $value)
                                        <input type="hidden" name="{{ $field }}[{{ $id }}]" value="{{ $value }}">
                                    @endforeach
                                @endforeach
                                <button class="btn btn-quiet">{{ $isKept ? 'Keep this in its place'
                                    : 'Keep it with the bag' }}</button>
                            </form>
                        @endif
                    @endif
                    <ul class="notes">
                        <li><b>A metal hook glides better</b> through several strands. Lay a new strand in at the last
                            draw-through of a stitch and work over both tails; thread the ends separately.</li>
                        <li class="care"><b>Thick strands strain the hands.</b> Take the larger hook when it pulls, and
                            breaks; stop when it hurts.</li>
                    </ul>
                @endif
            </section>
        </div>
    @endif
</x-layout>
