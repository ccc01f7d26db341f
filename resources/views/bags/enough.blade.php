@use(App\Drawing\RunDown)
@use(App\Rules\Typed)
@use(Fescue\Core\Estimate\MaterialEstimate)
@use(App\Tongue\Tongues)
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
    $noun = __($plan->spec->facts->strands->own->kind->noun());
    $names = $plan->work->names();
    $called = Tongues::rows($plan->work);
    $rows = array_combine($names, $plan->spec->facts->strands->others === [] ? $called : array_map(fn ($name,
        $which) => "{$name}, {$sheet->named($which)}", $called, $plan->materials));
    $all = [$estimate, ...$estimate->others];
    $ends = array_filter($all, fn ($one) => $one->runsOut() !== null);
    $rest = $onHand === null ? null : $onHand->grams - $estimate->grams->likely;
    $partNames = array_intersect([...array_column(Part::cases(), 'value'), ...MaterialEstimate::BESIDES],
        array_merge(...array_map(fn ($one) => array_column($one->parts, 'part'), $all)));
    $grams = fn (float $much): string => Tongues::figure($much, $much < 10 ? 1 : 0);
    $next = $names[min(count($names) - 1, $plan->begun() === 0 ? 4 : $plan->begun() + 2)];
@endphp
<x-layout :title="__('{bag}, enough?', ['bag' => $bag->name()])">
    @include('bags.head')
    @if ($errors->any())<div class="flash trouble" role="alert" tabindex="-1" data-focus>
        <p><b>{{ __('Not entered.') }}</b> {{ $errors->first() }}</p></div>@endif
    <div class="card-page">
        <section aria-label="{{ __('Whether it is enough') }}">
            <div class="figures">
                <p class="figure @if ($estimate->isSure()) good @elseif ($chance !== null) bad @endif"><b>{{ $chance
                    ?? '?' }}</b>@if ($chance !== null) {{ __('in 100') }}@endif<span>{{ $chance === null ?
                        __('ball not weighed')
                    : __('that it is enough') }}</span></p>
                <p class="figure"><b>{{ Tongues::figure($estimate->grams->likely) }}</b>
                    g<span>{{ __('{low} to {high} in 9 of 10', [
                        'low' => Tongues::figure($estimate->grams->low()),
                        'high' => Tongues::figure($estimate->grams->high()),
                    ]) }}</span></p>
                <p class="figure"><b>{{ Tongues::figure($estimate->metres->likely) }}</b>
                    m<span>{{ __($estimate->origin->value) }}</span></p>
                @if ($done > 0)@foreach ($foretold as $one)<p class="figure"
                    data-come="{{ $one->which }}"><b>{{ Tongues::figure($one->come[$done]) }}</b>
                    g<span>{{ $estimate->others === []
                        ? __('still to come after {row}', ['row' => $called[$done - 1]])
                        : __('{material}, still to come after {row}', [
                            'material' => $sheet->named($one->which), 'row' => $called[$done - 1],
                        ]) }}</span></p>@endforeach @endif
            </div>
            @foreach ($all as $one)
                @php $unweighed = $sheet->needs()->unweighedFrom($one->which); @endphp
                @if ($unweighed > 0)<p class="section-rule">@told('<b>You used a ball up by {unweighed}, and what '
                    .'goes on was not weighed.</b> Weigh what is left of {named} after your next round: these '
                    .'figures still reckon with what was on hand.', [
                    'unweighed' => $called[$unweighed - 1],
                    'named' => $sheet->named($one->which),
                ])</p>@endif
            @endforeach
            @if ($ends !== [])
                @foreach ($ends as $one)
                @php $out = $one->runsOut(); @endphp
                <p class="section-rule">@told('<b>{material} runs out in {row}, near stitch {stitch}:</b>', [
                    'material' => $estimate->others === [] ? __('The strand') : ucfirst($sheet->named($one->which)),
                    'row' => $out->row, 'stitch' => $out->stitch,
                ]) {{ $out->latest === null
                    ? __('not before {earliest}, or not at all, in nine of ten bags.', ['earliest' => $out->earliest])
                    : __('not before {earliest} and not after {latest}, in nine of ten bags.', [
                        'earliest' => $out->earliest, 'latest' => $out->latest,
                    ]) }}</p>
                @endforeach
            @elseif ($rest !== null && $rest > 0)
                <p class="section-rule">{{ __('{material} is likely to reach, with about {grams} g ({metres} m) left '
                    .'over.', [
                    'material' => $estimate->others === [] ? __('The strand') : ucfirst($sheet->named(0)),
                    'grams' => Tongues::figure($rest),
                    'metres' => Tongues::figure($rest / $plan->spec->facts->strands->own->density->gramsPerMetre),
                ]) }}@if ($alsoMade !== []) {{ __('The rest would do for {things}.', [
                    'things' => Tongues::either($alsoMade),
                ]) }}@endif</p>
                @if ($rests !== [])<p class="soft">{{ __('At this gauge the rest is surely enough for one of these:') }}
                    @foreach ($rests as $one){{ __($one->thing) }}, {{ $sheet->figure($one->plan->comesOut->baseLength)
                        }} ×
                    {{ $sheet->figure($one->plan->comesOut->baseWidth) }} ×
                    {{ $sheet->say($one->plan->comesOut->height) }}, {{ Tongues::figure($one->estimate->grams->likely)
                        }}
                    g{{ $loop->last ? '.' : '; ' }}@endforeach</p>@endif
            @endif
            @if ($estimate->isSure() === false)<p><a href="{{ route('bags.what-if', $bag) }}">{{
                __('Or a smaller hook, or another material: what if?') }}</a></p>@endif
            @foreach ($foretold as $one)
                @php
                    $named = $estimate->others === [] ? __('The strand') : ucfirst($sheet->named($one->which));
                    $run = RunDown::of($plan, $one);
                @endphp
                @if ($run !== null)
                    <div class="table-head"><h2>{{ $estimate->others === [] ? __('Row by row') : $named }}</h2><span>{{
                        __('grams left after each row, nine of ten bags inside the band') }}</span></div>
                    <div class="sheet run-down" tabindex="0" role="group" aria-label="{{ __('{drawing}, drawn',
                        ['drawing' => __('Row by row')]) }}">{!! $run->svg($done, $named) !!}</div>
                @endif
            @endforeach
            <div class="sheet narrowing">{!! $bands !!}</div>
            @if ($mends === null)
                <section class="section-rule" data-later="/bags/{{ $bag->id }}/enough/mends">
                    <h2>{{ __('Making it fit') }}</h2>
                    <p><x-coming :href="route('bags.enough', [$bag, 'whole' => 1])">{{ __('Reckon what makes it fit')
                        }}</x-coming>
                        </p>
                </section>
            @elseif ($estimate->isSure() === false)
                @include('bags.mends')
            @endif
            <section class="section-rule" aria-labelledby="parts">
                <h2 id="parts">{{ __('Where it goes') }}</h2>
                @if ($estimate->others === [])
                    <table class="compare">
                        <thead><tr><th scope="col">{{ __('part') }}</th><th scope="col">{{ __('metres') }}</th><th
                            scope="col">{{ __('grams') }}</th></tr>
                            </thead>
                        <tbody>@foreach ($estimate->parts as $part)<tr><th scope="row">{{ __($part->part) }}</th>
                            <td>{{ Tongues::figure($part->metres, 1) }}</td><td>{{ $grams($part->grams) }}</td></tr>
                            @endforeach</tbody>
                        <tfoot><tr><th scope="row">{{ __('in all') }}</th><td>{{
                            Tongues::figure($estimate->metres->likely,
                            1) }}</td><td><b>{{ Tongues::figure($estimate->grams->likely) }}</b></td></tr></tfoot>
                    </table>
                @else
                    <div class="wide" tabindex="0" role="group" aria-label="{{
                        __('What each part takes of each material') }}">
                        <table class="compare">
                            <thead><tr><th scope="col">{{ __('grams') }}</th>@foreach ($all as $one)
                                <th scope="col">{{ ucfirst($sheet->named($one->which)) }}</th>@endforeach</tr></thead>
                            <tbody>@foreach ($partNames as $name)<tr>
                                <th
                                scope="row">{{ __($name) }}</th>@foreach ($all as $one)@php $part =
                                collect($one->parts)->firstWhere('part', $name);
                                @endphp<td>{{ $part === null ? '' : $grams($part->grams) }}</td>@endforeach</tr>
                                @endforeach</tbody>
                            <tfoot>
                                <tr><th scope="row">{{ __('in all') }}</th>@foreach ($all as $one)
                                    <td><b>{{ Tongues::figure($one->grams->likely) }}</b></td>@endforeach</tr>
                                <tr><th scope="row">{{ __('in metres') }}</th>@foreach ($all as $one)
                                    <td>{{ Tongues::figure($one->metres->likely, 1) }}</td>@endforeach</tr>
                            </tfoot>
                        </table>
                    </div>
                @endif
                <details class="above"><summary>{{ __('A stitch, seams') }}</summary>
                <p class="soft">{{ __('Each takes:') }} @foreach ($breakdown->each as $stitch => $metres)
                    {{ Vocabulary::of($sheet->terms)->abbreviation(Stitch::from($stitch)) }}
                    {{ Tongues::figure(100 * $metres, 1) }} cm{{ $loop->last ? '.' : ',' }}@endforeach</p>
                <p class="soft">{{ $sheet->tally()->hasSeams()
                    ? __('What is sewn or closed by stitches is in the lines above.')
                    : __('No seams: the bag is worked in rounds.') }} @if (! $estimate->unit) {{ __('Say what one '
                        .'ball weighs at its price, and the joins between balls stand here too.') }}@endif</p>
                </details>
                <details class="above">
                    <summary>{{ __('Round by round, and what the ball should weigh after it') }}</summary>
                    <table class="compare">
                        <thead><tr><th scope="col">{{ __('round') }}</th><th scope="col">{{ __('grams') }}</th><th
                            scope="col">{{
                            __('then left') }}</th>
                            </tr></thead>
                        <tbody>@foreach ($breakdown->rows as $row)<tr><th
                            scope="row">{{ Tongues::here()->short($row->row) }}@if ($row->which > 0) <span
                            class="soft">{{ $sheet->named($row->which) }}</span>@endif</th>
                            <td>{{ Tongues::figure($row->grams, 1) }}</td>
                            <td>@if ($row->left !== null){{ Tongues::figure($row->left) }} <span
                            class="soft">{{ Tongues::figure($row->low) }}–{{
                                Tongues::figure($row->high) }}</span>@endif</td>
                            </tr>@endforeach</tbody>
                    </table>
                </details>
                @foreach ($estimate->others as $place => $other)
                    @continue($other->enough === null)
                    <p>{{ __('Of {named}, {from}, there is enough in {hundred} of 100 such bags: {low} to {high} g '
                        .'in 9 of 10.', [
                        'named' => $sheet->named($place + 1),
                        'from' => $sheet->needs()->from($other),
                        'hundred' => MaterialEstimate::hundred($other->enough),
                        'low' => Tongues::figure($other->grams->low()),
                        'high' => Tongues::figure($other->grams->high()),
                    ]) }}</p>
                @endforeach
                @if ($estimate->waste->likely > 0)
                    <p>{{ __('Cutting that much strand throws away about {likely} g beside it, as your last batch '
                        .'did.', ['likely' => Tongues::figure($estimate->waste->likely)]) }}</p>
                @endif
                @foreach ($all as $one)
                    @continue($one->unit === null)
                    <p>{{ __('{material} of {unit}: {balls} to be 80 % sure, {surer} for 95 %, {surest} for 99 %.', [
                        'material' => $estimate->others === []
                            ? ucfirst(__($supplies[$one->which]->noun ?? 'balls')) :
                                ucfirst($sheet->named($one->which)),
                        'unit' => $one->unit->print(),
                        'balls' => $one->balls(0.8), 'surer' => $one->balls(0.95), 'surest' => $one->balls(0.99),
                    ]) }}@if ($one->enough !== null)
                        {{ $one->ballsMore(0.99) === 0 ? __('What is on hand is enough for each.')
                        : __('To get beside what is on hand: {balls}, {surer}, {surest}.', [
                            'balls' => $one->ballsMore(0.8), 'surer' => $one->ballsMore(0.95),
                            'surest' => $one->ballsMore(0.99),
                        ]) }}@endif</p>
                @endforeach
                @if ($balls !== [])
                    <p>{{ __('What is on hand, worked one after another, the begun one first:') }}</p>
                    <ol class="list-plain balls">
                        @foreach ($balls as $ball)
                            <li><span>{{ Tongues::printed($ball->left->print())
                                }}</span><span>@if ($ball->earliest->is($ball->latest))
                                @told('ends in <b>{row}</b>, near stitch {stitch}.', [
                                    'row' => $ball->row, 'stitch' => $ball->stitch,
                                ])@else @told('ends in <b>{row}</b>, near stitch {stitch}, from {earliest} to '
                                    .'{latest}.', [
                                    'row' => $ball->row, 'stitch' => $ball->stitch,
                                    'earliest' => $ball->earliest, 'latest' => $ball->latest,
                                ])@endif @if ($ball->join)@told('Lay the next in by the end of <b>{join}</b>, clear '
                                    .'of slots '
                                .'and the last two rounds.', ['join' => $ball->join])@elseif ($ball->bears){{
                                    __('Join where it ends.') }}@else {{ __('No round before that bears a join: begin '
                                        .'with a whole one.') }}@endif</span></li>
                        @endforeach
                    </ol>
                @endif
                @if ($bag->swatch)
                    <form method="post" action="{{ route('bags.swatch-counts', $bag) }}" class="begin">
                        @csrf
                        <input type="hidden" name="counts"
                            value="{{ $plan->spec->facts->hands->swatch->fromOnHand ? 0 : 1 }}">
                        <p>{{ $plan->spec->facts->hands->swatch->fromOnHand
                            ? __('The swatch is counted: it came out of what is on hand since that was weighed.')
                            : __('The swatch is not counted: what is on hand was weighed after it, or it will be '
                                .'unravelled.')
                        }}@if ($plan->spec->facts->hands->swatch->mass) ({{
                            Tongues::printed($plan->spec->facts->hands->swatch->mass->print()) }})@endif</p>
                        <button class="btn btn-quiet">{{ $plan->spec->facts->hands->swatch->fromOnHand ?
                            __('Leave it out')
                            : __('Count it') }}</button>
                    </form>
                @endif
            </section>
        </section>
        <section aria-label="{{ __('Weigh-ins') }}">
            @isset($bag->choices['together'])<p><a href="{{ route('stash.together', ['bag' => $bag->id]) }}">{{
                __('The '
                .'strands kept with this bag, and where each runs out') }}</a></p>@endisset
            <h2>{{ __('Weigh what is left') }} <x-term of="weigh-in" asked /></h2>
            <p>{{ __('Between two rounds, the work hanging beside the scale: all that is left of it for this bag, '
                .'other balls too.') }}</p>
            <form method="post" action="{{ route('bags.enough', $bag) }}" novalidate>
                @csrf
                <x-really />
                <div class="pair">
                    <x-pick name="after" :label="__('After')" :options="$rows" :value="$next" />
                    <x-field name="left" :label="__('is left')" placeholder="640 g" autocomplete="off" />
                </div>
                <p class="keys"><button class="btn btn-primary">{{ __('Enter it') }}</button> <button class="plain"
                    type="button"
                    data-take="left" hidden>{{ __('Take the scale’s reading') }}</button></p>
            </form>
            <details class="above">
                <summary>{{ __('The kitchen scale') }}</summary>
                @include('stash.scale')
            </details>
            @foreach ($sheet->notes as $note)@if ($note->code === 'weigh-in-odd')
                <p class="wrong" role="alert"><b>{{ Tongues::say($note->lead) }}</b>
                    {{ Tongues::say($note->rest) }}</p>@endif @endforeach
            @if ($weighIns !== [])
                <ul class="list-plain weigh-ins">
                    @foreach ($weighIns as $weighIn)
                        <li><span>{{ __('after {row}', ['row' => $rows[(string) $weighIn->after]]) }}</span><b>{{
                            Tongues::printed(Mass::parse($weighIn->left)->print()) }}</b>
                            <form method="post" action="{{ route('bags.enough.remove', [$bag, $weighIn]) }}">
                                @csrf @method('delete')<button class="plain"
                                aria-label="{{ __('Take out the weigh-in after {row}', ['row' => $weighIn->after])
                                }}">{{
                                    __('Take out') }}</button></form>
                        </li>
                    @endforeach
                </ul>
                @if ($lesson)
                    @php $more = (int) round(100 * ($lesson->strand->mm /
                        $plan->gauge->strand($plan->spec->facts->strands->own->density)->mm - 1)); @endphp
                    <p>{{ __($more === 0 ? 'So far your hands took {cm} cm a stitch, just what was expected.' : ($more >
                        0
                        ? 'So far your hands took {cm} cm a stitch, {percent} % more than expected.'
                        : 'So far your hands took {cm} cm a stitch, {percent} % less than expected.'), [
                        'cm' => Tongues::figure($lesson->strand->mm / 10, 1), 'percent' => abs($more),
                    ]) }} {{ __('What they take is remembered for other bags.') }}</p>
                @endif
            @elseif ($onHand === null)
                <p class="soft">{{ __('What was on hand at the start is not known: the first weigh-in only begins.')
                    }}</p>
            @endif
            <details class="section-rule folded" @if ($errors->hasAny(['price_tag', 'minutes', 'part'])) open @endif>
                <summary><h2>{{ __('Time and cost') }}</h2></summary>
                @php
                    $logged = collect($bag->logged())->mapWithKeys(fn ($one) => [$one->part->value => $one->minutes]);
                    $tag = $bag->price_tag === null ? null : rtrim(rtrim($bag->price_tag, '0'), '.');
                @endphp
                <div class="figures">
                    <p
                        class="figure"><b>{{ Duration::about($costs->minutes->likely) }}</b><span>{{
                            __('{low} to {high} in 9 of 10, {pace}', [
                            'low' => Duration::about($costs->minutes->low()),
                            'high' => Duration::about($costs->minutes->high()),
                            'pace' => $sheet->tally()->pace(),
                        ]) }}</span></p>
                    @if ($costs->stuff !== null)<p class="figure"><b>{{ Tongues::figure($costs->stuff,
                        2) }}</b><span>{{ __($estimate->others === [] ? '{material}, at its price' : ($costs->unpriced >
                            0
                            ? '{material}, at its price; not all the others have one'
                            : '{material}, at its price, with the others'), ['material' => $noun]) }}</span></p>@endif
                    @if ($costs->work !== null)<p class="figure"><b>{{ Tongues::figure($costs->work, 2) }}</b><span>{{
                        __('your work') }}</span></p>@endif
                    @if ($costs->both() !== null)<p class="figure"><b>{{ Tongues::figure($costs->both(),
                        2) }}</b><span>{{ __('both') }}</span></p>@endif
                    @if ($costs->tag !== null)<p class="figure"><b>{{ Tongues::figure($costs->tag, 2) }}</b><span>{{
                        $costs->leavesAnHour() === null
                        ? __('on your price tag') : __('on your price tag, which leaves {money} for an hour', [
                            'money' => Tongues::figure($costs->leavesAnHour(), 2),
                        ]) }}</span></p>@endif
                </div>
                <form class="begin" method="post" action="{{ route('bags.price', $bag) }}">
                    @csrf
                    <x-really />
                    <label>{{ __('Your price tag') }} <input class="form-control" name="price_tag"
                        value="{{ Typed::before('price_tag', $tag) }}" placeholder="{{ __('yours to set') }}"
                        inputmode="decimal"
                        autocomplete="off"></label>
                    <button class="btn btn-quiet">{{ __('Keep it') }}</button>
                </form>
                @if ($costs->work === null)<p class="soft">@told('Say what an hour of your work is worth at '
                    .'<a>your account</a>, and it stands here too.', [], [route('account')])</p>@endif
                <form class="begin" method="post" action="{{ route('bags.time', $bag) }}">
                    @csrf
                    <label>{{ __('Part') }} <select class="form-select"
                        name="part">@foreach ($estimate->parts as $part)@if (Part::tryFrom($part->part))
                        <option value="{{ $part->part }}" @selected(Typed::before('part') === $part->part)>{{
                            __($part->part) }}
                            </option>
                        @endif @endforeach</select></label>
                    <label>{{ __('took') }} <input class="form-control" name="minutes" value="{{
                        Typed::before('minutes') }}"
                        placeholder="{{ __('1 h 20; 0 takes it out') }}" autocomplete="off"></label>
                    <button class="btn btn-quiet">{{ __('Log it') }}</button>
                </form>
                @if ($logged->isNotEmpty())<ul class="list-plain">@foreach ($logged as $part => $took)
                    <li><span>{{ __($part) }}</span><b>{{ Duration::print($took) }}</b></li>@endforeach</ul>@endif
            </details>
        </section>
    </div>
</x-layout>
