@use(App\Http\Controllers\TogetherController)
@use(App\Tongue\Tongues)
@use(Fescue\Core\Measure\LengthUnit)
<x-layout :title="__('Held together')">
    <div class="page-head">
        <h1>{{ __('Stash') }}</h1>
        @include('stash.tabs')
    </div>
    @if ($materials->isEmpty())
        <div class="teach">
            <div>
                <p>{{ __('Thin strands worked as one make a bulky strand. Weigh them first, then come back and say '
                    .'how many ends of each.') }}</p>
                <p><a class="btn btn-primary" href="{{ route('stash.create') }}">{{ __('Add a material') }}</a></p>
            </div>
        </div>
    @else
        <div class="words-page">
            <form method="get" action="{{ route('stash.together') }}">
                <p>{{ __('How many ends of each? Two ends of one ball come off the same stock.') }}</p>
                <ul class="rows strands">
                    @foreach ($materials as $material)
                        @php $wrong = $errors->first("ends.{$material->id}"); @endphp
                        <li>
                            {!! $material->chip() !!}
                            <div class="what">
                                <label for="ends-{{ $material->id }}">{{ $material->name }}</label>
                                <p class="sub">{{ $material->described() }},
                                    {{ Tongues::printed($material->density()->print()) }},
                                    {{ $material->onHand() ? __('{mass} on hand', ['mass' => $material->onHand()])
                                    : __('ball not weighed') }}</p>
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
                    <x-pick name="bag" :label="__('For the bag')"
                        :hint="__('Then each strand’s own place is told, and where to lay its next ball in.')"
                        :options="['' => __('none yet')]
                            + $bags->mapWithKeys(fn ($one) => [$one->id => $one->name()])->all()"
                        :value="$bag?->id" />
                    <x-pick name="order" :label="__('Worked one after another instead')"
                        :hint="__('The first is at the bottom. For your own order choose it, hold them, number them.')"
                        :options="array_map(__(...), TogetherController::ORDERS)" :value="$order" />
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
                <p class="section-rule"><button class="btn btn-primary">{{ __('Hold them together') }}</button></p>
            </form>
            <section class="tally" aria-label="{{ __('Held together') }}">
                @if ($held === null)
                    <p class="section-rule">@if ($errors->any()){{ __('Mend what is marked, and the strand stands '
                        .'here.') }}@else
                        {{ __('Say how many ends at the left, and the strand stands here.') }}@endif</p>
                @else
                    @php
                        $one = $held->asOne();
                        $hook = $one->firmHook();
                        $first = $held->runsOutFirst();
                    @endphp
                    <dl>
                        <div class="figure-row"><dt>{{ __('as one strand') }}</dt><dd><span
                            class="large">{{ Tongues::figure($one->density->gramsPerMetre, 1) }}</span> g/m</dd>
                            <dd class="sub">{{ __('{n, plural, one {# end} other {# ends} }', ['n' => $held->ends()]) }}
                                ·
                            {{ Tongues::figure($one->density->tex()) }} tex</dd></div>
                        <div class="figure-row"><dt>{{ __('as thick as') }}</dt><dd><span
                            class="large">{{ Tongues::figure($one->diameter->mm, 1) }}</span> mm</dd></div>
                        <div class="figure-row"><dt>{{ __('try first') }}</dt><dd><b>{{ Tongues::printed($hook->print())
                            }}</b></dd>
                            <dd class="sub">{{ __('{larger} for a tight hand or a drapey sack, {smaller} for straps', [
                                'larger' => $hook->steps(1), 'smaller' => $hook->steps(-1),
                            ]) }}</dd></div>
                        <div class="figure-row"><dt><x-term of="runs out">{{
                            __('runs out first') }}</x-term></dt>
                            @if ($first)
                                <dd><b>{{ $first->name }}</b></dd><dd class="sub">{{ __('after {m} m, {mass} of all', [
                                    'm' => Tongues::figure($first->lasts()?->in(LengthUnit::Metre) ?? 0),
                                    'mass' => (string) $one->onHand?->print(),
                                ]) }}</dd>
                            @else
                                <dd>{{ __('not known') }}</dd><dd class="sub">{{
                                    __('weigh every ball of these first') }}</dd>
                            @endif
                        </div>
                    </dl>
                    @if ($first)
                        <h2>{{ __('When it runs out') }}</h2>
                        <ul class="list-plain">
                            @foreach ($held->strands as $strand)
                                <li><span>{{ $strand->name }}@if ($strand->ends > 1), {{
                                    __('{n, plural, one {# end} other {# ends} }',
                                    ['n' => $strand->ends]) }}@endif</span><b>{{ $strand === $first ? __('out')
                                    : __('{m} m left', ['m' => Tongues::figure(max(0,
                                    ($strand->lasts()->mm - $first->lasts()->mm) / 1000 * $strand->ends))]) }}</b></li>
                            @endforeach
                        </ul>
                    @endif
                    @if ($bag)
                        <h2>{{ __('In “{name}”', ['name' => $bag->name()]) }}</h2>
                        @if ($ends === null)
                            <p>{{ __('It makes no plan as it stands; open it and mend it first.') }}</p>
                        @elseif ($ends === [])
                            <p>{{ $held->runsOutFirst() === null
                                ? __('Weigh every ball of these, and it is told where each runs out.')
                                : __('None of them is likely to run out.') }}</p>
                        @else
                            <ul class="notes">
                                @foreach ($ends as $end)
                                    <li>@told('<b>{name}</b> ends in {row}, near stitch {stitch}, not before '
                                        .'{earliest}.', [
                                        'name' => $end->strand->name, 'row' => $end->row, 'stitch' => $end->stitch,
                                        'earliest' => $end->earliest,
                                    ]) @if ($end->join) @told('Lay its next ball in during <b>{join}</b>.', [
                                        'join' => $end->join,
                                    ])@else {{ __('No round before that bears a join: begin with another ball.')
                                        }}@endif</li>
                                @endforeach
                            </ul>
                        @endif
                        @if ($scraps)
                            <h2>{{ __('One after another, {order}', [
                                'order' => __(TogetherController::ORDERS[$order]),
                            ]) }}</h2>
                            <ol class="list-plain scraps">
                                @foreach ($scraps->scraps as $scrap)
                                    <li><span>{{ $scrap->strand->name }}</span>
                                        @if ($scrap->from !== null)
                                            <b>{{ $scrap->from->is($scrap->to) ? __('{row}', ['row' => $scrap->from])
                                                : __('{from} to {to}', ['from' => $scrap->from, 'to' => $scrap->to])
                                                    }}</b>
                                            <span class="soft">{{ $scrap->short ? __('ends there')
                                                : __('{m} m left over', ['m' => Tongues::figure($scrap->left)])
                                                    }}</span>
                                        @else
                                            <b>{{ __('set aside') }}</b>
                                            <span class="soft">{{ $scrap->left === null ? __('not weighed') :
                                                ($scrap->short
                                                ? __('too short to reach a round that bears a join')
                                                : __('not needed')) }}</span>
                                        @endif
                                    </li>
                                @endforeach
                            </ol>
                            @if ($scraps->missing > 0)
                                <p>@told('<b>About {m} m more is wanting</b> to the end.', [
                                    'm' => Tongues::figure($scraps->wanting()->in(LengthUnit::Metre)),
                                ])</p>@endif
                        @endif
                        @if ($ends !== null)
                            <p class="soft">{{ __('Joins are kept apart from each other, away from slots, and out '
                                .'of the last two rounds.') }}</p>
                            <form method="post" action="{{ route('stash.together') }}">
                                @csrf
                                <input type="hidden" name="bag" value="{{ $bag->id }}">
                                <input type="hidden" name="order" value="{{ $order }}">
                                @foreach (['ends', 'place'] as $field)
                                    @foreach (array_filter($query[$field], is_string(...)) as $id => $value)
                                        <input type="hidden" name="{{ $field }}[{{ $id }}]" value="{{ $value }}">
                                    @endforeach
                                @endforeach
                                <button class="btn btn-quiet">{{ $isKept ? __('Keep this in its place')
                                    : __('Keep it with the bag') }}</button>
                            </form>
                        @endif
                    @endif
                    <ul class="notes">
                        <li>@told('<b>A metal hook glides better</b> through several strands. Lay a new strand in '
                            .'at the last draw-through of a stitch and work over both tails; thread the ends '
                            .'separately.')</li>
                        <li class="care">@told('<b>Thick strands strain the hands.</b> Take the larger hook when '
                            .'it pulls, and breaks; stop when it hurts.')</li>
                    </ul>
                @endif
            </section>
        </div>
    @endif
</x-layout>
