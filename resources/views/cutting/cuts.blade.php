{{-- A piece as it is cut, both ways. --}}
@use(App\Drawing\CutDrawing)
@use(App\Models\RawPiece)
@use(App\Stash\CuttingForm)
@use(App\Tongue\Tongues)
@use(Fescue\Core\Measure\Length)
@use(Fescue\Core\Measure\LengthUnit)
@use(Fescue\Core\Strip\JoinMethod)
@use(Fescue\Core\Strip\CutMethod)
@use(Fescue\Core\Strip\StripPlan)
@php
    $how = [
        'tube, one strand'
            => __('Slits go through both layers, from the fold at the left to the spine. Then open the spine at the '
                .'right and cut aslant from each slit to the next one over; the first and the last run out to the '
                .'edge.'),
        'tube, joined'
            => __('Cut up the fold at the right first, so that every ring is open; then through both layers. Sew or '
                .'knot each strip to the next, never where it is thin.'),
        'panel, one strand'
            => __('Slit from alternate sides and leave a strip’s width uncut at each turn. Round the corners off, or '
                .'they work up as lumps.'),
        'panel, joined' => __('Cut right across, and join strip to strip.'),
        'bag, one strand'
            => __('Keep turning the bag: each cut slants half a strip down on the front and half on the back, and '
                .'goes on as the next. Cut off the thin half of the first turn and the last.'),
        'bag, joined' => __('Slip each loop through the last, and draw it up to the thick of the hook.'),
        'ribbon, one strand'
            => __('Cut down the middle and stop a strip’s width short of the end: one strand, folded over at the '
                .'turn.'),
        'ribbon, joined' => __('Cut right through, and join the two halves; or work each by itself.'),
    ];
@endphp
@if ($form->isExample())
    <p class="aside">@switch($form->kind)
        @case('tube') {{ __('A tube is slit from its fold up to a spine left uncut; the spine '
            .'is opened and cut aslant from each slit to the next: one strand without a join. '
            .'Or it is cut into rings that are joined. Sleeves are small tubes; a dress or '
            .'skirt is a large one.') }} @break
        @case('panel') {{ __('A panel is slit from alternate sides into a zigzag: one strand '
            .'with a thick corner at each turn. Or it is cut into strips that are joined.') }} @break
        @case('bag') {{ __('A bag lies flat with its folds out; handles and seam come off. '
            .'Loops across it are joined by hitches into a double strand, or it is cut round '
            .'and round into a single one.') }} @break
        @case('ribbon') {{ __('A ribbon too wide for a hole or a chain link is cut in half '
            .'lengthwise: only as much of it as that round needs.') }} @break
    @endswitch</p>
    <p class="soft">@told('Drawn as an example until you have measured yours: the drawing follows. Many alike, or '
        .'from a stash of <a>raw pieces</a>? Keep them there, and <a>say what strand you need</a>.', [],
        [route('cutting.pieces'), route('cutting.choose')])</p>
@endif
@if ($form->spec === null)
    <p>{{ __('Mend what is marked, and the cuts stand here.') }}</p>
@else
@php
    $plans = $form->plans();
    $pieces = $form->spec->pieces;
    $weighed = $plans[0]->mass !== null;
    $metres = fn (Length $length): string => Tongues::figure($length->in(LengthUnit::Metre), 1).' m';
    $rows = [
        __('strand from one') => fn (StripPlan $plan) => $metres($plan->cutting->length),
        ($pieces > 1 ? __('from {n}, joined', ['n' => $pieces]) : null) => fn (StripPlan $plan) =>
            $metres($plan->cut),
        ($form->spec->pull > 1 ? __('after the pull') : null)
            => fn (StripPlan $plan) => $metres($plan->pulled),
        ($weighed ? __('strand weighs') : null) => fn (StripPlan $plan)
            => Tongues::printed((string) $plan->mass?->print()).', '
                .''.Tongues::figure($plan->density()?->gramsPerMetre ?? 0, 1).' g/m',
        __('thrown away') => fn (StripPlan $plan)
            => Tongues::figure(100 * (1 - min(1, $plan->cutting->kept()))).' %'
            .($weighed ? ', '.Tongues::printed((string) $plan->waste?->print()) : ''),
        __('the strand lies') => fn (StripPlan $plan) => $plan->cutting->double ? __('double')
            : __('single'),
        __('strips of one') => fn (StripPlan $plan) => $plan->cutting->strips(),
        ($pieces > 1 ? __('joins in all') : __('joins')) => fn (StripPlan $plan) => $plan->joins,
        __('thick places of one') => fn (StripPlan $plan) => $plan->cutting->lumps,
        ($pieces > 1 ? __('minutes in all, a guess') : __('minutes, a guess')) => fn (StripPlan $plan)
            => ($plan->cutting->minutes($pieces, min(5, $pieces)) < 1 ? __('under 1')
            : Tongues::figure($plan->cutting->minutes($pieces, min(5, $pieces)))),
    ];
    unset($rows['']);
@endphp
@foreach ($form->refused() as $school => $why)<p class="caution"><b>{{ __('Not so: {way}.', [
    'way' => __($school),
]) }}</b> {{ $why }}</p>@endforeach
@include('cutting.cautions', ['kind' => $form->kind])
@foreach ($plans as $plan)
    @php $drawing = CutDrawing::of($plan->cutting, $unit); $school = $plan->cutting->school; @endphp
    <div class="table-head"><h2>{{ ucfirst(__($school->name())) }}</h2><span>{{ __('drawn {ratio}',
        ['ratio' => $drawing->ratio()]) }},
        {{ __('{n, plural, one {one cut} other {# cuts in order} }',
        ['n' => count($plan->cutting->cuts)]) }}</span></div>
    <div class="sheet" tabindex="0" role="group"
        aria-label="{{ __('Cuts: {way}', ['way' => __($school->name())]) }}">{!! $drawing->inline()
        !!}</div>
    <p>{{ $how["{$form->kind}, {$school->name()}"] }}</p>
    @if (! $form->isExample())
    <form class="begin" method="post" action="{{ route('cutting.batches') }}">
        @csrf
        @foreach ($form->again() as $name => $text)<input type="hidden" name="{{ $name }}"
            value="{{ $text }}">@endforeach
        <input type="hidden" name="school" value="{{ $school->value }}">
        @if ($pieces > 1)
            <label>{{ __('over each other') }} <input class="form-control" name="stack"
                value="{{ min(5, $pieces) }}" inputmode="numeric" size="3"></label>
        @endif
        @if ($plan->joins > 0)
            <label>{{ __('join') }} <select class="form-select" name="join">
                <option value="as-you-go">{{ __('as you go') }}</option><option
                value="ahead">{{ __('when all are cut') }}</option></select></label>
        @endif
        <button class="btn btn-quiet">{{ __('Cut it so') }}</button>
        <a href="{{ route('cutting.print', $form->again() + ['school' => $school->value]) }}">{{
            __('Print the drawing') }}</a>
        <a href="{{ route('cutting.cuts', $form->again() + ['school' => $school->value]) }}">{{
            __('Cuts as CSV') }}</a>
    </form>
    @endif
@endforeach
<table class="compare">
    <thead><tr><th scope="col">{{ __('Both ways') }}</th>@foreach ($plans as $plan)
        <th scope="col">{{ $plan->cutting->school === CutMethod::Joined && $form->kind === 'bag'
        ? __('loops, joined') : __($plan->cutting->school->name()) }}</th>@endforeach</tr></thead>
    <tbody>
        @foreach ($rows as $name => $say)
            <tr><th scope="row">{{ $name }}</th>@foreach ($plans as $plan)<td>{{ $say($plan) }}</td>
                @endforeach</tr>
        @endforeach
    </tbody>
</table>
<details class="joins">
    <summary>{{ __('Ways to join it, and where no join should fall') }}</summary>
    <ul class="notes">
        @foreach (JoinMethod::of(RawPiece::becomes($form->kind)) as $join)
            <li>@told('<b>{name}</b>, takes about {loss}. {how} {avoid}', [
                'name' => ucfirst(__($join->name())), 'loss' => $join->loss(),
                'how' => __($join->how()), 'avoid' => __($join->avoid()),
            ])</li>
        @endforeach
    </ul>
</details>
@endif
