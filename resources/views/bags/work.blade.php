{{-- Made for a phone at arm's length: one instruction, one count, one target. --}}
@use(App\Rules\Typed)
@use(App\Tongue\Tongues)
@use(Fescue\Core\Measure\Duration)
@use(Fescue\Core\Work\TapHours)
@php
    $row = $work->row();
    $onHand = $work->sheet->plan->spec->facts->strands->own->onHand;
    $tape = session('tape');
    $marks = session('marks');
    $last = $work->lastDone();
    $byPart = TapHours::of($work->log, $work->course);
    $strands = array_keys($work->sheet->plan->spec->facts->strands->all());
    $ofLast = $work->strand($last === null ? 0 : $work->sheet->plan->materials[$work->place->row - 1]);
    // What was asked is answered in its sheet, without a script too.
    $open = match (true) {
        $errors->hasAny('left', 'after') => 'weigh',
        $errors->hasAny('high', 'wide') || is_array($tape) => 'measure',
        $errors->has('material_id') => 'ball',
        $errors->hasAny('gap', 'minutes') || is_array($marks) => 'more',
        default => '',
    };
@endphp
<!doctype html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    @auth<meta name="maker" content="{{ auth()->user()->keeperKey() }}">@endauth

    <meta name="color-scheme" content="dark light">
    <title>{{ __('{name}, work · Fescue', ['name' => $bag->name()]) }}</title>
    <link rel="icon" href="{{ asset('mark.svg') }}" type="image/svg+xml">
    @scripts()
    @vite(['resources/scss/fonts.css', 'resources/scss/app.scss', 'resources/js/app.js'])
</head>
<body class="work" data-look="dark">
<main id="main" class="bench" data-work data-open="{{ $open }}">
    <header>
        <h1><a href="{{ route('bags.plan', $bag) }}">{{ $bag->name() }}</a></h1>
        <p class="kept" data-kept role="status">{{ __('kept') }}</p>
    </header>
    <p class="told" data-told role="status" @if (! session('status')) hidden @endif>{{ session('status') }}</p>
    <div class="marks" data-marks aria-hidden="true"></div>
    <section class="now" aria-label="{{ __('Now') }}">
        <p class="piece" data-piece>{{ $row->id->piece() }}</p>
        <h2 data-row>{{ $work->isDone() ? __('All rows are done') : $row->called }}</h2>
        <p class="of" data-of>@if ($work->isDone()) {{ __('Finish it: edges, ends, the load.') }} @else {{
            __('of {n} rows', ['n' => count($work->course->rows)]) }} · {{ __($row->part->value) }}@endif</p>
        <p class="does" data-does>{{ $work->isDone() ? '' : $row->said }}</p>
        <p class="whole" data-whole></p>
        <p class="how"><a data-how href="{{ route('how-to') }}#{{ $work->how() }}" target="_blank" rel="noopener">{{
            __('How it is worked') }}</a></p>
        <ul class="heed" data-heed>@foreach ($work->isDone() ? [] : $row->heed as $said)<li>{{
            Tongues::say($said) }}</li>@endforeach
            </ul>
        <p class="next" data-next></p>
    </section>
    <div class="tally" data-tally aria-hidden="true"></div>
    <div class="grows" data-grows data-at="{{ $work->place->row ?? 0 }}">{!! $work->growing() !!}</div>
    @if ($work->place === null)
        <section class="ask" aria-label="{{ __('Where are you?') }}">
            <p>@told('<b>The plan was changed</b> since you worked last, below where you were or under it. At '
                .'which row of it are you now?')</p>
            <form method="post" action="{{ route('bags.work.step', $bag) }}">
                @csrf <input type="hidden" name="do" value="here">
                <label for="row">{{ __('I begin') }}</label>
                <select class="form-select" id="row" name="row">@foreach ($work->course->rows as $one)
                    <option value="{{ $one->id }}">{{ $one->called }}</option>@endforeach</select>
                <button class="btn btn-primary">{{ __('Here') }}</button>
                <p class="wrong">{{ $errors->first('row') }}</p>
            </form>
        </section>
    @endif
    <div class="reach">
        <section class="left" aria-label="{{ __('Left') }}" data-left>
            @foreach ($work->foretold as $which => $one)
                @php $now = $work->shown($which); @endphp
                <div data-strand="{{ $which }}" @if ($which > 0 && $one->come[$work->place->row ?? 0] < 0.5) hidden
                    @endif>
                    <p><span>{{ __('{strand} left', ['strand' => $work->strand($which)]) }}</span><b data-of="left">{{
                        $now['left'] }}</b> <small
                        data-of="off">{{ $now['off'] }}</small></p>
                    <p><span>{{ __('still to come') }}</span><b data-of="come">{{ $now['come'] }}</b></p>
                    <p><span>{{ __('runs out') }}</span><b data-of="out">{{ $now['out'] }}</b></p>
                </div>
            @endforeach
            <p class="hours"><span>{{ __('by your taps') }}</span><b data-minutes>{{ Duration::about(array_sum($byPart))
                }}</b></p>
        </section>
        <section class="ask" data-ask hidden aria-live="polite"></section>
        <nav class="targets" aria-label="{{ __('Step') }}" data-targets>
            <noscript>
                <form method="post" action="{{ route('bags.work.step', $bag) }}">
                    @csrf <input type="hidden" name="do" value="back"><button class="back">{{ __('a row back')
                        }}</button></form>
                <form method="post" action="{{ route('bags.work.step', $bag) }}">
                    @csrf <input type="hidden" name="do" value="done"><button
                    class="go">{{ __('{called} done', ['called' => lcfirst($row->called)]) }}</button></form>
            </noscript>
            <button class="back" type="button" data-back hidden>{{ __('go back') }}</button>
            <button class="go" type="button" data-go hidden>{{ __('done') }}</button>
        </nav>
        <nav class="tools" aria-label="{{ __('Write down') }}" data-only-script hidden>
            <button type="button" data-opens="count">{{ __('Count') }}</button>
            <button type="button" data-opens="weigh">{{ __('Weigh') }}</button>
            <button type="button" data-opens="measure">{{ __('Measure') }}</button>
            <button type="button" data-opens="ball">{{ __('New ball') }}</button>
            <button type="button" class="quiet" data-opens="more">{{ __('More') }}</button>
        </nav>
    </div>
    <dialog data-pane="count" aria-labelledby="pane-count">
        <h2 id="pane-count">{{ __('Count') }}</h2>
        <p data-answer tabindex="-1"></p>
        <div class="ask" data-count aria-live="polite"></div>
        <p class="shut"><button class="btn btn-quiet" type="button" data-close>{{ __('Close it') }}</button></p>
    </dialog>
    <dialog data-pane="weigh" aria-labelledby="pane-weigh">
        <h2 id="pane-weigh">{{ __('Weigh what is left') }}</h2>
        <form method="post" action="{{ route('bags.enough', $bag) }}" data-weigh data-answered novalidate>
            @csrf <x-really /> <input type="hidden" name="from" value="work">
            <p>@told('All that is left of <b data-after-strand>{strand}</b> for this bag, the work hanging beside the '
                .'scale, '
                .'after <b data-after-said>{row}</b>.', [
                'strand' => $ofLast, 'row' => $last->called ?? __('the first row'),
            ])</p>
            <label for="left">{{ __('It weighs') }}</label>
            <input class="form-control" id="left" name="left" autocomplete="off" inputmode="decimal" autofocus
                placeholder="{{ $onHand === null ? '640 g' : Tongues::figure($onHand->grams).' g' }}"
                value="{{ Typed::before('left') }}" aria-describedby="left-wrong">
            <input type="hidden" name="after" value="{{ $last->id ?? '' }}" data-after>
            <p class="wrong" id="left-wrong" role="alert">{{ $errors->first('left') }}{{ $errors->first('after') }}</p>
            <button class="btn btn-primary" @disabled($last === null)>{{ __('Enter it') }}</button>
        </form>
        <p data-answer tabindex="-1"></p>
        <p class="shut"><button class="btn btn-quiet" type="button" data-close>{{ __('Close it') }}</button></p>
    </dialog>
    <dialog data-pane="measure" aria-labelledby="pane-measure">
        <h2 id="pane-measure">{{ __('Measure') }}</h2>
        <form method="post" action="{{ route('bags.work.tape', $bag) }}" data-answered novalidate>
            @csrf
            <p>@told('Lay the work flat, after <b data-after-said>{row}</b>.', [
                'row' => $last->called ?? __('the first row'),
            ])</p>
            <label for="high">{{ __('By the tape it stands, high') }}</label>
            <input class="form-control" id="high" name="high" autocomplete="off" inputmode="decimal" autofocus
                value="{{ Typed::before('high') }}" placeholder="{{ $work->sheet->unit->value }}"
                aria-describedby="high-wrong">
            <label for="wide">{{ __('and flat across its last round (may be left out)') }}</label>
            <input class="form-control" id="wide" name="wide" autocomplete="off" inputmode="decimal"
                value="{{ Typed::before('wide') }}" placeholder="{{ $work->sheet->unit->value }}">
            <p class="wrong" id="high-wrong" role="alert">{{ $errors->first('high') }} {{ $errors->first('wide') }}</p>
            <button class="btn btn-primary">{{ __('What does that change?') }}</button>
        </form>
        @if (is_array($tape))
            <form class="proposal" method="post" action="{{ route('bags.work.tape', $bag) }}" data-answered>
                @csrf <input type="hidden" name="high" value="{{ $tape['high'] }}"><input type="hidden" name="wide"
                    value="{{ $tape['wide'] }}"><input type="hidden" name="take" value="yes">
                <p>{{ __($tape['off'] < 0
                    ? 'Rows are {percent} % lower than planned: as it is planned it comes to {high}.'
                    : 'Rows are {percent} % higher than planned: as it is planned it comes to {high}.', [
                    'percent' => abs($tape['off']), 'high' => $tape['comes'],
                ]) }}
                @if ($tape['changes']) @told('<b>{rows} rows instead of {was}</b> come nearest to what you wished.', [
                    'rows' => $tape['rows'], 'was' => $tape['was'],
                ])@else {{ __('The rows as planned come nearest to what you wished.') }}@endif
                @if ($tape['across'] !== null) {{ __('Flat it comes to {wide}, planned were {planned}: the count '
                    .'stays, it is in the rounds you have.', [
                    'wide' => $tape['across'], 'planned' => $tape['planned'],
                ]) }}@endif
                    @if ($tape['taken'] && abs($tape['grams']) >= 1) {{ __($tape['grams'] > 0
                        ? 'It takes {g} g more; size, tops, lining and hours follow.'
                        : 'It takes {g} g less; size, tops, lining and hours follow.', [
                        'g' => Tongues::figure(abs($tape['grams'])),
                    ]) }}@endif</p>
                @if ($tape['taken'])<button class="btn btn-primary">{{ __('Take it') }}</button>@endif
            </form>
        @endif
        <p data-answer tabindex="-1"></p>
        <p class="shut"><button class="btn btn-quiet" type="button" data-close>{{ __('Close it') }}</button></p>
    </dialog>
    <dialog data-pane="ball" aria-labelledby="pane-ball">
        <h2 id="pane-ball">{{ __('New ball') }}</h2>
        <form method="post" action="{{ route('bags.work.used-up', $bag) }}" data-answered data-used-up>
            @csrf
            <p>{{ __('The strand in hand is used up here.') }}</p>
            <label for="material_id">{{ __('From the next row goes on') }}</label>
            <select class="form-select" id="material_id" name="material_id" autofocus>
                <option value="">{{ __('another ball of the same') }}</option>@foreach ($choices as $id => $name)
                <option value="{{ $id }}" @selected(Typed::before('material_id') === (string) $id)>{{ $name }}</option>
                @endforeach</select>
            <p class="wrong" role="alert">{{ $errors->first('material_id') }}</p>
            <button class="btn btn-primary">{{ __('It is used up') }}</button>
        </form>
        <p data-answer tabindex="-1"></p>
        <p class="shut"><button class="btn btn-quiet" type="button" data-close>{{ __('Close it') }}</button></p>
    </dialog>
    <dialog class="more" data-pane="more" aria-labelledby="pane-more">
        <h2 id="pane-more">{{ __('More') }}</h2>
        <form data-rip data-only-script hidden>
            <label for="rip">{{ __('I ripped back to the beginning of') }}</label>
            <select class="form-select" id="rip" name="row">@foreach ($work->course->rows as $one)
                <option value="{{ $one->id }}" @selected($one->id->is($row->id))>{{ $one->called }}</option>@endforeach
                </select>
            <button class="btn btn-quiet">{{ __('Go on from there') }}</button>
        </form>
        <form method="post" action="{{ route('bags.work.marks', $bag) }}" data-answered novalidate>
            @csrf
            <label for="gap">{{ __('Marks for the tops, laid flat: the front’s stand before the back’s by, stitches')
                }}</label>
            <input class="form-control" id="gap" name="gap" autocomplete="off" value="{{ Typed::before('gap') }}"
                placeholder="2">
            <button class="btn btn-quiet">{{ __('How far do they move?') }}</button>
            <p class="wrong" role="alert">{{ $errors->first('gap') }}</p>
        </form>
        @if (is_array($marks))
            <form class="proposal" method="post" action="{{ route('bags.work.marks', $bag) }}" data-answered>
                @csrf <input type="hidden" name="gap" value="{{ $marks['gap'] }}"><input type="hidden" name="take"
                    value="yes">
                <p>@if ($marks['move'] == 0){{ __('They meet: leave them.') }}@else<b>{{ __(match (true) {
                    $marks['move'] == 1 => 'Move all four marks one stitch back, against the way you work.',
                    $marks['move'] == -1 => 'Move all four marks one stitch on, in the way you work.',
                    $marks['move'] > 0 => 'Move all four marks {n} stitches back, against the way you work.',
                    default => 'Move all four marks {n} stitches on, in the way you work.',
                }, ['n' => Tongues::exact(abs($marks['move']))]) }}</b>@endif
                    {{ __('Over {rounds} rounds the start leaned {lean} stitches a round.', [
                    'rounds' => $marks['rounds'], 'lean' => Tongues::exact($marks['lean']),
                ]) }}</p>
                <button class="btn btn-primary">{{ __('Plan with that lean') }}</button>
            </form>
        @endif
        @foreach ($byPart as $part => $minutes)
            @if ($minutes >= 1)
                <form method="post" action="{{ route('bags.time', $bag) }}" data-answered novalidate>
                    @csrf <input type="hidden" name="part" value="{{ $part }}"><input type="hidden" name="from"
                        value="work">
                    <label for="minutes-{{ $part }}">{{ __('By your taps the {part} took so far, breaks taken out', [
                        'part' => __($part),
                    ]) }}</label>
                    <input class="form-control" id="minutes-{{ $part }}" name="minutes" autocomplete="off"
                        value="{{ (int) round($minutes) }} min">
                    <button class="btn btn-quiet">{{ __('Keep as its hours') }}</button>
                    <p class="wrong" role="alert">{{ $errors->first('minutes') }}</p>
                </form>
            @endif
        @endforeach
        <p data-answer tabindex="-1"></p>
        <div data-only-script hidden>
            <fieldset class="grain">
                <legend>{{ __('One tap is') }} <x-term of="grain" asked /></legend>
                <label><input type="radio" name="grain" value="stitch"> {{ __('a stitch') }}</label>
                <label><input type="radio" name="grain" value="group"> {{ __('a group') }}</label>
                <label><input type="radio" name="grain" value="row" checked> {{ __('a row') }}</label>
            </fieldset>
            <p class="looks">
                <label>{{ __('Look') }} <select class="form-select" data-look-pick><option value="dark">{{ __('dark')
                    }}</option>
                    <option value="light">{{ __('light') }}</option><option value="contrast">{{ __('most contrast')
                        }}</option></select></label>
                <label>{{ __('Target') }} <select class="form-select" data-hand><option value="right">{{
                    __('right hand') }}</option>
                    <option value="left">{{ __('left hand') }}</option></select></label>
                <label>{{ __('Break after') }} <select class="form-select" data-break><option value="0">{{
                    __('never asked') }}</option>
                    <option value="20">20 min</option><option value="30" selected>30 min</option>
                    <option value="45">45 min</option></select></label>
                <label>{{ __('Ask for counts') }} <select class="form-select" data-checks>
                    <option value="every">{{ __('after every row') }}</option><option value="usual"
                    selected>{{ __('where slips are usual') }}</option><option value="few">{{
                        __('where the count changes') }}</option>
                    <option value="none">{{ __('never') }}</option></select></label>
            </p>
            <p class="looks">
                <label><input type="checkbox" data-aloud> {{ __('read the next aloud') }}</label>
                <label><input type="checkbox" data-buzz> {{ __('buzz at a tap') }}</label>
                <label><input type="checkbox" data-tick> {{ __('tick at a tap') }}</label>
                <label><input type="checkbox" data-awake checked> {{ __('keep the screen awake') }}</label>
            </p>
            <p class="soft">{{ __('Space, Enter, → or Page Down: done. ←, Backspace or Page Up: back. A pedal that '
                .'sends keys works too.') }}</p>
        </div>
        <p><a href="{{ route('bags.words', $bag) }}">{{ __('Words') }}</a> · <a
            href="{{ route('bags.enough', $bag) }}">{{ __('Enough?') }}</a> · <a
            href="{{ route('bags.work.csv', $bag) }}">{{ __('The log as a table') }}</a></p>
        <p class="shut"><button class="btn btn-quiet" type="button" data-close>{{ __('Close it') }}</button></p>
    </dialog>
    <noscript>
        <ol class="checklist" aria-label="{{ __('Rows') }}">
            @foreach ($work->course->rows as $place => $one)
                <li @class(['done' => $place < ($work->place->row ?? 0),
                    'now' => $place === ($work->place->row ?? 0)])><b>{{ $one->called }}</b>
                    {{ $one->said }}
                    ({{ $one->leaves }})</li>
            @endforeach
        </ol>
    </noscript>
    <script type="application/json" data-course>{!! $work->json() !!}</script>
</main>
</body>
</html>
