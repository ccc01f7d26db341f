@use(App\Rules\Typed)
@use(Fescue\Core\Estimate\MaterialEstimate)
@use(Fescue\Core\Measure\Decimal)
@use(Fescue\Core\Measure\Duration)
@use(Fescue\Core\Measure\Mass)
@use(Fescue\Core\Pattern\Part)
@use(Fescue\Core\Instruction\Vocabulary)
@use(Fescue\Core\Stitch\Stitch)
@php
    $plan = $sheet->plan;
    $estimate = $sheet->estimate;
    $chance = $estimate->inHundred();
    $onHand = $plan->spec->facts->strands->own->onHand;
    $noun = $plan->spec->facts->strands->own->kind->noun();
    $names = $plan->work->names();
    $rows = array_combine($names, $plan->spec->facts->strands->others === [] ? $names : array_map(fn ($name,
        $which) => "{$name}, {$sheet->named($which)}", $names, $plan->materials));
    $all = [$estimate, ...$estimate->others];
    $ends = array_filter($all, fn ($one) => $one->runsOut() !== null);
    $rest = $onHand === null ? null : $onHand->grams - $estimate->grams->likely;
    $partNames = array_intersect([...array_column(Part::cases(), 'value'), ...MaterialEstimate::BESIDES],
        array_merge(...array_map(fn ($one) => array_column($one->parts, 'part'), $all)));
    $grams = fn (float $much): string => Decimal::print($much, $much < 10 ? 1 : 0);
    $next = $names[min(count($names) - 1, $plan->begun() === 0 ? 4 : $plan->begun() + 2)];
@endphp
<x-layout :title="$bag->name().', enough?'">
    @include('bags.head')
    @if ($errors->any())<div class="flash trouble" role="alert" tabindex="-1" data-focus>
        <p><b>Not entered.</b> {{ $errors->first() }}</p></div>@endif
    <div class="card-page">
        <section aria-label="Whether it is enough">
            <div class="figures">
                <p class="figure @if ($estimate->isSure()) good @elseif ($chance !== null) bad @endif"><b>{{ $chance
                    ?? '?' }}</b>@if ($chance !== null) in 100 @endif<span>{{ $chance === null ? 'ball not weighed'
                    : 'that it is enough' }}</span></p>
                <p class="figure"><b>{{ Decimal::print($estimate->grams->likely) }}</b>
                    g<span>{{ Decimal::print($estimate->grams->low()) }} to
                    {{ Decimal::print($estimate->grams->high()) }} in 9 of 10</span></p>
                <p class="figure"><b>{{ Decimal::print($estimate->metres->likely) }}</b>
                    m<span>{{ $estimate->origin->value }}</span></p>
                @if ($done > 0)@foreach ($foretold as $one)<p class="figure"
                    data-come="{{ $one->which }}"><b>{{ Decimal::print($one->come[$done]) }}</b>
                    g<span>{{ $estimate->others === [] ? '' : $sheet->named($one->which).', ' }}still to come after
                    {{ $names[$done - 1] }}</span></p>@endforeach @endif
            </div>
            @foreach ($all as $one)
                @php $unweighed = $sheet->needs()->unweighedFrom($one->which); @endphp
                @if ($unweighed > 0)<p class="section-rule"><b>You used a ball up by {{ $names[$unweighed - 1] }}, and
                    what goes on was not weighed.</b> Weigh what is left of {{ $sheet->named($one->which) }} after your
                    next round: these figures still reckon with what was on hand.</p>@endif
            @endforeach
            @if ($ends !== [])
                @foreach ($ends as $one)
                @php $out = $one->runsOut(); @endphp
                <p class="section-rule"><b>{{ $estimate->others === [] ? 'Runs'
                    : ucfirst($sheet->named($one->which)).' runs' }} out in {{ $out->row }}, near stitch
                    {{ $out->stitch }}:</b> not before {{ $out->earliest }}{{ $out->latest === null ? ', or not at all'
                    : " and not after {$out->latest}" }}, in nine of ten bags.</p>
                @endforeach
            @elseif ($rest !== null && $rest > 0)
                <p class="section-rule">{{ $estimate->others === [] ? 'It' : ucfirst($sheet->named(0)) }} is likely to
                    reach, with about {{ Decimal::print($rest) }} g
                    ({{ Decimal::print($rest / $plan->spec->facts->strands->own->density->gramsPerMetre) }} m) left
                    over.@if ($alsoMade !== []) The rest would do for {{ implode(' or ', $alsoMade) }}.@endif</p>
                @if ($rests !== [])<p class="soft">At this gauge the rest is surely enough for one of these:
                    @foreach ($rests as $one){{ $one->thing }}, {{ $sheet->figure($one->plan->comesOut->baseLength) }} ×
                    {{ $sheet->figure($one->plan->comesOut->baseWidth) }} ×
                    {{ $sheet->say($one->plan->comesOut->height) }}, {{ Decimal::print($one->estimate->grams->likely) }}
                    g{{ $loop->last ? '.' : '; ' }}@endforeach</p>@endif
            @endif
            @if ($estimate->isSure() === false)<p><a href="{{ route('bags.what-if', $bag) }}">Or a smaller hook, or
                another material: what if?</a></p>@endif
            <div class="sheet narrowing">{!! $bands !!}</div>
            @if ($mends === null)
                <section class="section-rule" data-later="/bags/{{ $bag->id }}/enough/mends">
                    <h2>Making it fit</h2>
                    <p><x-coming :href="route('bags.enough', [$bag, 'whole' => 1])">Reckon what makes it fit</x-coming>
                        </p>
                </section>
            @elseif ($estimate->isSure() === false)
                @include('bags.mends')
            @endif
            <section class="section-rule" aria-labelledby="parts">
                <h2 id="parts">Where it goes</h2>
                @if ($estimate->others === [])
                    <table class="compare">
                        <thead><tr><th scope="col">part</th><th scope="col">metres</th><th scope="col">grams</th></tr>
                            </thead>
                        <tbody>@foreach ($estimate->parts as $part)<tr><th scope="row">{{ $part->part }}</th>
                            <td>{{ Decimal::print($part->metres, 1) }}</td><td>{{ $grams($part->grams) }}</td></tr>
                            @endforeach</tbody>
                        <tfoot><tr><th scope="row">in all</th><td>{{ Decimal::print($estimate->metres->likely,
                            1) }}</td><td><b>{{ Decimal::print($estimate->grams->likely) }}</b></td></tr></tfoot>
                    </table>
                @else
                    <div class="wide" tabindex="0" role="group" aria-label="What each part takes of each material">
                        <table class="compare">
                            <thead><tr><th scope="col">grams</th>@foreach ($all as $one)
                                <th scope="col">{{ ucfirst($sheet->named($one->which)) }}</th>@endforeach</tr></thead>
                            <tbody>@foreach ($partNames as $name)<tr>
                                <th
                                scope="row">{{ $name }}</th>@foreach ($all as $one)@php $part =
                                collect($one->parts)->firstWhere('part', $name);
                                @endphp<td>{{ $part === null ? '' : $grams($part->grams) }}</td>@endforeach</tr>
                                @endforeach</tbody>
                            <tfoot>
                                <tr><th scope="row">in all</th>@foreach ($all as $one)
                                    <td><b>{{ Decimal::print($one->grams->likely) }}</b></td>@endforeach</tr>
                                <tr><th scope="row">in metres</th>@foreach ($all as $one)
                                    <td>{{ Decimal::print($one->metres->likely, 1) }}</td>@endforeach</tr>
                            </tfoot>
                        </table>
                    </div>
                @endif
                <p class="soft">One @foreach ($breakdown->each as $stitch => $metres)
                    {{ Vocabulary::of($sheet->terms)->abbreviation(Stitch::from($stitch)) }} takes
                    {{ Decimal::print(100 * $metres, 1) }} cm{{ $loop->last ? '.' : ', one ' }}@endforeach</p>
                <details class="above">
                    <summary>Round by round, and what the ball should weigh after it</summary>
                    <table class="compare">
                        <thead><tr><th scope="col">round</th><th scope="col">grams</th><th scope="col">then left</th>
                            </tr></thead>
                        <tbody>@foreach ($breakdown->rows as $row)<tr><th
                            scope="row">{{ $row->row->short() }}@if ($row->which > 0) <span
                            class="soft">{{ $sheet->named($row->which) }}</span>@endif</th>
                            <td>{{ Decimal::print($row->grams, 1) }}</td>
                            <td>@if ($row->left !== null){{ Decimal::print($row->left) }} <span
                            class="soft">{{ Decimal::print($row->low) }}–{{
                                Decimal::print($row->high) }}</span>@endif</td>
                            </tr>@endforeach</tbody>
                    </table>
                </details>
                <p class="soft">{{ $sheet->tally()->hasSeams()
                    ? 'What is sewn or closed by stitches is in the lines above.'
                    : 'No seams: the bag is worked in rounds.' }} @if (! $estimate->unit) Say what one ball weighs at
                    its price, and the joins between balls stand here too.@endif</p>
                @foreach ($estimate->others as $place => $other)
                    @continue($other->enough === null)
                    <p>Of {{ $sheet->named($place + 1) }}, {{ $sheet->needs()->from($other) }}, there is enough in
                        {{ MaterialEstimate::hundred($other->enough) }} of 100 such bags:
                        {{ Decimal::print($other->grams->low()) }} to {{ Decimal::print($other->grams->high()) }} g in 9
                        of 10.</p>
                @endforeach
                @if ($estimate->waste->likely > 0)
                    <p>Cutting that much strand throws away about {{ Decimal::print($estimate->waste->likely) }} g
                        beside it, as your last batch did.</p>
                @endif
                @foreach ($all as $one)
                    @continue($one->unit === null)
                    <p>{{ $estimate->others === [] ? 'In' : ucfirst($sheet->named($one->which)).' in' }}
                        {{ $supplies[$one->which]->noun ?? 'balls' }} of {{ $one->unit->print() }} of strand:
                        {{ $one->balls(0.8) }} to be 80 % sure, {{ $one->balls(0.95) }} for 95 %,
                        {{ $one->balls(0.99) }} for 99 %.@if ($one->enough !== null)
                        {{ $one->ballsMore(0.99) === 0 ? 'What is on hand is enough for each.'
                        : 'Beside what is on hand that is '.implode(', ',
                        array_map(fn ($sure) => $one->ballsMore($sure) ?: 'none', [0.8, 0.95,
                        0.99])).' to get.' }}@endif</p>
                @endforeach
                @if ($balls !== [])
                    <p>What is on hand, worked one after another, the begun one first:</p>
                    <ol class="list-plain balls">
                        @foreach ($balls as $ball)
                            <li><span>{{ $ball->left->print() }}</span><span>ends in <b>{{ $ball->row }}</b>, near
                                stitch {{ $ball->stitch }}{{ $ball->earliest->is($ball->latest) ? ''
                                : ", from {$ball->earliest} to {$ball->latest}" }}. @if ($ball->join)Lay the next in by
                                the end of <b>{{ $ball->join }}</b>, clear of slots and the last two
                                rounds.@elseif ($ball->bears)Join where it ends.@else No round before that bears a join:
                                begin with a whole one.@endif</span></li>
                        @endforeach
                    </ol>
                @endif
                @if ($bag->swatch)
                    <form method="post" action="{{ route('bags.swatch-counts', $bag) }}" class="begin">
                        @csrf
                        <input type="hidden" name="counts"
                            value="{{ $plan->spec->facts->hands->swatch->fromOnHand ? 0 : 1 }}">
                        <p>{{ $plan->spec->facts->hands->swatch->fromOnHand
                            ? 'The swatch is counted: it came out of what is on hand since that was weighed.'
                            : 'The swatch'.($plan->spec->facts->hands->swatch->mass
                            ? "’s {$plan->spec->facts->hands->swatch->mass->print()}"
                            : '').' is not counted: what is on hand was weighed after it, or it will be unravelled.'
                        }}</p>
                        <button class="btn btn-quiet">{{ $plan->spec->facts->hands->swatch->fromOnHand ? 'Leave it out'
                            : 'Count it' }}</button>
                    </form>
                @endif
            </section>
        </section>
        <section aria-label="Weigh-ins">
            @isset($bag->choices['together'])<p><a href="{{ route('stash.together', ['bag' => $bag->id]) }}">The strands
                kept with this bag, and where each runs out</a></p>@endisset
            <h2>Weigh what is left</h2>
            <p>Lay the ball on the scale between two rounds, the work hanging beside it. All that is left of it for this
                bag, other balls too. Each weigh-in says how much your hands really take, and the stash follows.</p>
            <form method="post" action="{{ route('bags.enough', $bag) }}" novalidate>
                @csrf
                <x-really />
                <div class="pair">
                    <x-pick name="after" label="After" :options="$rows" :value="$next" />
                    <x-field name="left" label="is left" placeholder="640 g" autocomplete="off" />
                </div>
                <p class="keys"><button class="btn btn-primary">Enter it</button> <button class="plain" type="button"
                    data-take="left" hidden>Take the scale’s reading</button></p>
            </form>
            <details class="above">
                <summary>The kitchen scale</summary>
                @include('stash.scale')
            </details>
            @foreach ($sheet->notes as $note)@if ($note->code === 'weigh-in-odd')
                <p class="wrong" role="alert"><b>{{ $sheet->tongue()->say($note->lead) }}</b>
                    {{ $sheet->tongue()->say($note->rest) }}</p>@endif @endforeach
            @if ($weighIns !== [])
                <ul class="list-plain weigh-ins">
                    @foreach ($weighIns as $weighIn)
                        <li><span>after {{ $plan->spec->facts->strands->others === [] ? $weighIn->after
                            : $rows[(string) $weighIn->after] }}</span><b>{{ Mass::parse($weighIn->left)->print() }}</b>
                            <form method="post" action="{{ route('bags.enough.remove', [$bag, $weighIn]) }}">
                                @csrf @method('delete')<button class="plain"
                                aria-label="Take out the weigh-in after {{ $weighIn->after }}">Take out</button></form>
                        </li>
                    @endforeach
                </ul>
                @if ($lesson)
                    @php $more = (int) round(100 * ($lesson->strand->mm /
                        $plan->gauge->strand($plan->spec->facts->strands->own->density)->mm - 1)); @endphp
                    <p>So far your hands took {{ Decimal::print($lesson->strand->mm / 10, 1) }} cm a stitch,
                        {{ $more === 0 ? 'just what was expected' : abs($more).' % '.($more > 0 ? 'more'
                        : 'less').' than expected' }}. What they take is remembered for other bags.</p>
                @endif
            @elseif ($onHand === null)
                <p class="soft">What was on hand at the start is not known: the first weigh-in only begins.</p>
            @endif
            <div class="section-rule">
                <h2>Time and cost</h2>
                @php
                    $logged = collect($bag->logged())->mapWithKeys(fn ($one) => [$one->part->value => $one->minutes]);
                    $tag = $bag->price_tag === null ? null : rtrim(rtrim($bag->price_tag, '0'), '.');
                @endphp
                <div class="figures">
                    <p
                        class="figure"><b>{{ Duration::about($costs->minutes->likely) }}</b><span>{{
                            Duration::about($costs->minutes->low()) }}
                        to {{ Duration::about($costs->minutes->high()) }} in 9 of 10,
                        {{ $sheet->tally()->pace() }}</span></p>
                    @if ($costs->stuff !== null)<p class="figure"><b>{{ Decimal::print($costs->stuff,
                        2) }}</b><span>{{ $noun }}, at its price{{ $estimate->others === [] ? '' : ($costs->unpriced > 0
                        ? '; not all the others have one' : ', with the others') }}</span></p>@endif
                    @if ($costs->work !== null)<p class="figure"><b>{{ Decimal::print($costs->work, 2) }}</b><span>your
                        work</span></p>@endif
                    @if ($costs->both() !== null)<p class="figure"><b>{{ Decimal::print($costs->both(),
                        2) }}</b><span>both</span></p>@endif
                    @if ($costs->tag !== null)<p class="figure"><b>{{ Decimal::print($costs->tag, 2) }}</b><span>on your
                        price tag{{ $costs->leavesAnHour() === null ? ''
                        : ', which leaves '.Decimal::print($costs->leavesAnHour(), 2).' for an hour' }}</span></p>@endif
                </div>
                <form class="begin" method="post" action="{{ route('bags.price', $bag) }}">
                    @csrf
                    <x-really />
                    <label>Your price tag <input class="form-control" name="price_tag"
                        value="{{ Typed::before('price_tag', $tag) }}" placeholder="yours to set" inputmode="decimal"
                        autocomplete="off"></label>
                    <button class="btn btn-quiet">Keep it</button>
                </form>
                @if ($costs->work === null)<p class="soft">Say what an hour of your work is worth at <a
                    href="{{ route('account') }}">your account</a>, and it stands here too.</p>@endif
                <form class="begin" method="post" action="{{ route('bags.time', $bag) }}">
                    @csrf
                    <label>Part <select class="form-select"
                        name="part">@foreach ($estimate->parts as $part)@if (Part::tryFrom($part->part))
                        <option @selected(Typed::before('part') === $part->part)>{{ $part->part }}</option>
                        @endif @endforeach</select></label>
                    <label>took <input class="form-control" name="minutes" value="{{ Typed::before('minutes') }}"
                        placeholder="1 h 20; 0 takes it out" autocomplete="off"></label>
                    <button class="btn btn-quiet">Log it</button>
                </form>
                @if ($logged->isNotEmpty())<ul class="list-plain">@foreach ($logged as $part => $took)
                    <li><span>{{ $part }}</span><b>{{ Duration::print($took) }}</b></li>@endforeach</ul>@endif
            </div>
        </section>
    </div>
</x-layout>
