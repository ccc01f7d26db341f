{{-- Made for a phone at arm's length: one instruction, one count, one target. --}}
@use(App\Rules\Typed)
@use(Fescue\Core\Measure\Decimal)
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
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    @auth<meta name="maker" content="{{ auth()->user()->keeperKey() }}">@endauth

    <meta name="color-scheme" content="dark light">
    <title>{{ $bag->name() }}, work · Fescue</title>
    <link rel="icon" href="{{ asset('mark.svg') }}" type="image/svg+xml">
    @vite(['resources/scss/fonts.css', 'resources/scss/app.scss', 'resources/js/app.js'])
</head>
<body class="work" data-look="dark">
<main id="main" class="bench" data-work data-open="{{ $open }}">
    <header>
        <h1><a href="{{ route('bags.plan', $bag) }}">{{ $bag->name() }}</a></h1>
        <p class="kept" data-kept role="status">kept</p>
    </header>
    <p class="told" data-told role="status" @if (! session('status')) hidden @endif>{{ session('status') }}</p>
    <div class="marks" data-marks aria-hidden="true"></div>
    <section class="now" aria-label="Now">
        <p class="piece" data-piece>{{ $row->id->piece() }}</p>
        <h2 data-row>{{ $work->isDone() ? 'All rows are done' : $row->called }}</h2>
        <p class="of" data-of>@if ($work->isDone()) Finish it: edges, ends, the load. @else of
            {{ count($work->course->rows) }} rows · {{ $row->part->value }}@endif</p>
        <p class="does" data-does>{{ $work->isDone() ? '' : $row->said }}</p>
        <p class="whole" data-whole></p>
        <ul class="heed" data-heed>@foreach ($work->isDone() ? [] : $row->heed as $said)<li>{{ $said }}</li>@endforeach
            </ul>
        <p class="next" data-next></p>
    </section>
    <div class="tally" data-tally aria-hidden="true"></div>
    @if ($work->place === null)
        <section class="ask" aria-label="Where are you?">
            <p><b>The plan was changed</b> since you worked last, below where you were or under it. At which row of it
                are you now?</p>
            <form method="post" action="{{ route('bags.work.step', $bag) }}">
                @csrf <input type="hidden" name="do" value="here">
                <label for="row">I begin</label>
                <select class="form-select" id="row" name="row">@foreach ($work->course->rows as $one)
                    <option value="{{ $one->id }}">{{ $one->id }}</option>@endforeach</select>
                <button class="btn btn-primary">Here</button>
                <p class="wrong">{{ $errors->first('row') }}</p>
            </form>
        </section>
    @endif
    <div class="reach">
        <section class="left" aria-label="Left" data-left>
            @foreach ($work->foretold as $which => $one)
                @php $now = $work->shown($which); @endphp
                <div data-strand="{{ $which }}" @if ($which > 0 && $one->come[$work->place->row ?? 0] < 0.5) hidden
                    @endif>
                    <p><span>{{ $work->strand($which) }} left</span><b data-of="left">{{ $now['left'] }}</b> <small
                        data-of="off">{{ $now['off'] }}</small></p>
                    <p><span>still to come</span><b data-of="come">{{ $now['come'] }}</b></p>
                    <p><span>runs out</span><b data-of="out">{{ $now['out'] }}</b></p>
                </div>
            @endforeach
            <p class="hours"><span>by your taps</span><b data-minutes>{{ Duration::about(array_sum($byPart)) }}</b></p>
        </section>
        <section class="ask" data-ask hidden aria-live="polite"></section>
        <nav class="targets" aria-label="Step" data-targets>
            <noscript>
                <form method="post" action="{{ route('bags.work.step', $bag) }}">
                    @csrf <input type="hidden" name="do" value="back"><button class="back">a row back</button></form>
                <form method="post" action="{{ route('bags.work.step', $bag) }}">
                    @csrf <input type="hidden" name="do" value="done"><button
                    class="go">{{ lcfirst($row->called) }} done</button></form>
            </noscript>
            <button class="back" type="button" data-back hidden>back</button>
            <button class="go" type="button" data-go hidden>done</button>
        </nav>
        <nav class="tools" aria-label="Write down" data-only-script hidden>
            <button type="button" data-opens="count">Count</button>
            <button type="button" data-opens="weigh">Weigh</button>
            <button type="button" data-opens="measure">Measure</button>
            <button type="button" data-opens="ball">New ball</button>
            <button type="button" class="quiet" data-opens="more">More</button>
        </nav>
    </div>
    <dialog data-pane="count" aria-labelledby="pane-count">
        <h2 id="pane-count">Count</h2>
        <p data-answer tabindex="-1"></p>
        <div class="ask" data-count aria-live="polite"></div>
        <p class="shut"><button class="btn btn-quiet" type="button" data-close>Close</button></p>
    </dialog>
    <dialog data-pane="weigh" aria-labelledby="pane-weigh">
        <h2 id="pane-weigh">Weigh what is left</h2>
        <form method="post" action="{{ route('bags.enough', $bag) }}" data-weigh data-answered novalidate>
            @csrf <x-really /> <input type="hidden" name="from" value="work">
            <p>All that is left of <b data-after-strand>{{ $ofLast }}</b> for this bag, the work hanging beside the
                scale, after <b data-after-said>{{ $last->called ?? 'the first row' }}</b>.</p>
            <label for="left">It weighs</label>
            <input class="form-control" id="left" name="left" autocomplete="off" inputmode="decimal" autofocus
                placeholder="{{ $onHand === null ? '640 g' : Decimal::print($onHand->grams).' g' }}"
                value="{{ Typed::before('left') }}" aria-describedby="left-wrong">
            <input type="hidden" name="after" value="{{ $last->id ?? '' }}" data-after>
            <p class="wrong" id="left-wrong" role="alert">{{ $errors->first('left') }}{{ $errors->first('after') }}</p>
            <button class="btn btn-primary" @disabled($last === null)>Enter it</button>
        </form>
        <p data-answer tabindex="-1"></p>
        <p class="shut"><button class="btn btn-quiet" type="button" data-close>Close</button></p>
    </dialog>
    <dialog data-pane="measure" aria-labelledby="pane-measure">
        <h2 id="pane-measure">Measure</h2>
        <form method="post" action="{{ route('bags.work.tape', $bag) }}" data-answered novalidate>
            @csrf
            <p>Lay the work flat, after <b data-after-said>{{ $last->called ?? 'the first row' }}</b>.</p>
            <label for="high">By the tape it stands, high</label>
            <input class="form-control" id="high" name="high" autocomplete="off" inputmode="decimal" autofocus
                value="{{ Typed::before('high') }}" placeholder="{{ $work->sheet->unit->value }}"
                aria-describedby="high-wrong">
            <label for="wide">and flat across its last round (may be left out)</label>
            <input class="form-control" id="wide" name="wide" autocomplete="off" inputmode="decimal"
                value="{{ Typed::before('wide') }}" placeholder="{{ $work->sheet->unit->value }}">
            <p class="wrong" id="high-wrong" role="alert">{{ $errors->first('high') }} {{ $errors->first('wide') }}</p>
            <button class="btn btn-primary">What does that change?</button>
        </form>
        @if (is_array($tape))
            <form class="proposal" method="post" action="{{ route('bags.work.tape', $bag) }}" data-answered>
                @csrf <input type="hidden" name="high" value="{{ $tape['high'] }}"><input type="hidden" name="wide"
                    value="{{ $tape['wide'] }}"><input type="hidden" name="take" value="yes">
                <p>Rows are {{ abs($tape['off']) }} % {{ $tape['off'] < 0 ? 'lower' : 'higher' }} than planned: as it is
                    planned it comes to {{ $tape['comes'] }}.
                @if ($tape['changes']) <b>{{ $tape['rows'] }} rows instead of {{ $tape['was'] }}</b> come nearest to
                    what you wished.@else The rows as planned come nearest to what you wished.@endif
                @if ($tape['across'] !== null) Flat it comes to {{ $tape['across'] }}, planned were
                    {{ $tape['planned'] }}: the count stays, it is in the rounds you have.@endif
                    @if ($tape['taken'] && abs($tape['grams']) >= 1) It takes {{ Decimal::print(abs($tape['grams'])) }}
                    g {{ $tape['grams'] > 0 ? 'more' : 'less' }}; size, tops, lining and hours follow.@endif</p>
                @if ($tape['taken'])<button class="btn btn-primary">Take it</button>@endif
            </form>
        @endif
        <p data-answer tabindex="-1"></p>
        <p class="shut"><button class="btn btn-quiet" type="button" data-close>Close</button></p>
    </dialog>
    <dialog data-pane="ball" aria-labelledby="pane-ball">
        <h2 id="pane-ball">New ball</h2>
        <form method="post" action="{{ route('bags.work.used-up', $bag) }}" data-answered data-used-up>
            @csrf
            <p>The strand in hand is used up here.</p>
            <label for="material_id">From the next row goes on</label>
            <select class="form-select" id="material_id" name="material_id" autofocus>
                <option value="">another ball of the same</option>@foreach ($choices as $id => $name)
                <option value="{{ $id }}" @selected(Typed::before('material_id') === (string) $id)>{{ $name }}</option>
                @endforeach</select>
            <p class="wrong" role="alert">{{ $errors->first('material_id') }}</p>
            <button class="btn btn-primary">It is used up</button>
        </form>
        <p data-answer tabindex="-1"></p>
        <p class="shut"><button class="btn btn-quiet" type="button" data-close>Close</button></p>
    </dialog>
    <dialog class="more" data-pane="more" aria-labelledby="pane-more">
        <h2 id="pane-more">More</h2>
        <form data-rip data-only-script hidden>
            <label for="rip">I ripped back to the beginning of</label>
            <select class="form-select" id="rip" name="row">@foreach ($work->course->rows as $one)
                <option value="{{ $one->id }}" @selected($one->id->is($row->id))>{{ $one->called }}</option>@endforeach
                </select>
            <button class="btn btn-quiet">Go on from there</button>
        </form>
        <form method="post" action="{{ route('bags.work.marks', $bag) }}" data-answered novalidate>
            @csrf
            <label for="gap">Marks for the tops, laid flat: the front’s stand before the back’s by, stitches</label>
            <input class="form-control" id="gap" name="gap" autocomplete="off" value="{{ Typed::before('gap') }}"
                placeholder="2">
            <button class="btn btn-quiet">How far do they move?</button>
            <p class="wrong" role="alert">{{ $errors->first('gap') }}</p>
        </form>
        @if (is_array($marks))
            <form class="proposal" method="post" action="{{ route('bags.work.marks', $bag) }}" data-answered>
                @csrf <input type="hidden" name="gap" value="{{ $marks['gap'] }}"><input type="hidden" name="take"
                    value="yes">
                <p>@if ($marks['move'] == 0)They meet: leave them.@else<b>Move all four marks
                    {{ Decimal::exact(abs($marks['move'])) }} stitches {{ $marks['move'] > 0
                    ? 'back, against the way you work' : 'on, in the way you work' }}.</b>@endif Over
                    {{ $marks['rounds'] }} rounds the start leaned {{ Decimal::exact($marks['lean']) }} stitches a
                    round.</p>
                <button class="btn btn-primary">Plan with that lean</button>
            </form>
        @endif
        @foreach ($byPart as $part => $minutes)
            @if ($minutes >= 1)
                <form method="post" action="{{ route('bags.time', $bag) }}" data-answered novalidate>
                    @csrf <input type="hidden" name="part" value="{{ $part }}"><input type="hidden" name="from"
                        value="work">
                    <label for="minutes-{{ $part }}">By your taps the {{ $part }} took so far, breaks taken out</label>
                    <input class="form-control" id="minutes-{{ $part }}" name="minutes" autocomplete="off"
                        value="{{ (int) round($minutes) }} min">
                    <button class="btn btn-quiet">Keep as its hours</button>
                    <p class="wrong" role="alert">{{ $errors->first('minutes') }}</p>
                </form>
            @endif
        @endforeach
        <p data-answer tabindex="-1"></p>
        <div data-only-script hidden>
            <fieldset class="grain">
                <legend>One tap is</legend>
                <label><input type="radio" name="grain" value="stitch"> a stitch</label>
                <label><input type="radio" name="grain" value="group"> a group</label>
                <label><input type="radio" name="grain" value="row" checked> a row</label>
            </fieldset>
            <p class="looks">
                <label>Look <select class="form-select" data-look-pick><option value="dark">dark</option>
                    <option value="light">light</option><option value="contrast">most contrast</option></select></label>
                <label>Target <select class="form-select" data-hand><option value="right">right hand</option>
                    <option value="left">left hand</option></select></label>
                <label>Break after <select class="form-select" data-break><option value="0">never asked</option>
                    <option value="20">20 min</option><option value="30" selected>30 min</option>
                    <option value="45">45 min</option></select></label>
                <label>Ask for counts <select class="form-select" data-checks>
                    <option value="every">after every row</option><option value="usual"
                    selected>where slips are usual</option><option value="few">where the count changes</option>
                    <option value="none">never</option></select></label>
            </p>
            <p class="looks">
                <label><input type="checkbox" data-aloud> read the next aloud</label>
                <label><input type="checkbox" data-buzz> buzz at a tap</label>
                <label><input type="checkbox" data-tick> tick at a tap</label>
                <label><input type="checkbox" data-awake checked> keep the screen awake</label>
            </p>
            <p class="soft">Space, Enter, → or Page Down: done. ←, Backspace or Page Up: back. A pedal that sends keys
                works too.</p>
        </div>
        <p><a href="{{ route('bags.words', $bag) }}">Words</a> · <a
            href="{{ route('bags.enough', $bag) }}">Enough?</a> · <a
            href="{{ route('bags.work.csv', $bag) }}">The log as a table</a></p>
        <p class="shut"><button class="btn btn-quiet" type="button" data-close>Close</button></p>
    </dialog>
    <noscript>
        <ol class="checklist" aria-label="Rows">
            @foreach ($work->course->rows as $place => $one)
                <li @class(['done' => $place < ($work->place->row ?? 0),
                    'now' => $place === ($work->place->row ?? 0)])><b>{{ $one->id }}</b> {{ $one->said }}
                    ({{ $one->leaves }})</li>
            @endforeach
        </ol>
    </noscript>
    <script type="application/json" data-course>{!! $work->json() !!}</script>
</main>
</body>
</html>
