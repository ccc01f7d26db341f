@use(App\Drawing\SwatchChip)
@use(App\Models\RawPiece)
@use(App\Stash\Choosing)
@use(Fescue\Core\Measure\Decimal)
@use(Fescue\Core\Measure\Length)
@use(Fescue\Core\Strip\PieceChoice)
@use(Fescue\Core\Strip\CutPlan)
@use(Fescue\Core\Strip\CutMethod)
@php
    $schools = $choosing->stuff === 'bags'
        ? [CutMethod::Joined->value => 'loops, joined (double)', CutMethod::OneStrand->value => 'one spiral (single)']
        : [CutMethod::OneStrand->value => 'one strand', CutMethod::Joined->value => 'strips, joined'];
    $plan = $choosing->plan;
    $byId = $choosing->pieces->keyBy('id');
@endphp
<x-layout title="I need so much strand">
    <div class="page-head">
        <h1>Cutting table</h1>
        @include('cutting.tabs')
    </div>
    @error('batch')<div class="flash trouble" role="alert" tabindex="-1" data-focus>
        <p><b>Not begun.</b> {{ $message }}</p></div>@enderror
    <div class="cutting">
        <form method="get" action="{{ route('cutting.choose') }}" id="choosing" novalidate>
            <x-field name="need" label="I need" :value="$choosing->typed('need')" placeholder="42 m" autocomplete="off"
                />
            <x-field name="density" label="of about" hint="As it is worked, after the pull."
                :value="$choosing->typed('density')" placeholder="7 g/m" autocomplete="off" />
            <x-pick name="stuff" label="from" :options="Choosing::STUFF" :value="$choosing->stuff" />
            <x-pick name="school" label="cut as" :options="$schools" :value="$choosing->school->value" />
            <button class="btn btn-primary">Choose the pieces</button>
        </form>
        <div>
            @if ($choosing->pieces->isEmpty())
                <div class="section-rule"><h2>Nothing of that waits to be cut</h2>
                    <p>Fescue chooses among your <a href="{{ route('cutting.pieces') }}">raw pieces</a>: measure one of
                    each, weigh it, and say how many there are.</p></div>
            @elseif ($choosing->wanted === null)
                <div class="section-rule"><h2>From the strand to the pieces</h2>
                    <p>Say how much strand the bag takes and how heavy it should be. Fescue says how wide to cut each
                    piece for that, which of them to cut so that little is left over, and in which order. When the first
                    is cut, say what it gave: the rest is chosen anew.</p></div>
            @elseif ($choosing->wrong !== [])
                <div class="section-rule"><p>Mend what is marked, and the pieces stand here.</p></div>
            @elseif ($plan === null)
                <div class="section-rule"><h2>Not enough waits to be cut</h2>
                    <p>All of it would give about {{ Decimal::print($choosing->all, 1) }} m of such strand. Add pieces,
                    take a lighter strand, or cut what there is and look again.</p></div>
            @else
                <div class="figures">
                    <p class="figure"><b>{{ Decimal::print($plan->metres->likely, 1) }}</b> m<span>expected,
                        {{ Decimal::print($plan->metres->low()) }} to {{ Decimal::print($plan->metres->high()) }} in 9
                        of 10</span></p>
                    <p class="figure {{ $plan->chance >= CutPlan::SURE ? 'good' : 'bad' }}"><b>{{ Decimal::print(min(99,
                        100 * $plan->chance)) }}</b> in 100<span>that it is enough</span></p>
                    <p class="figure"><b>{{ count($plan->order) }}</b> {{ count($plan->order) === 1 ? 'piece'
                        : 'pieces' }}<span>{{ $plan->isAllOf($choosing->waiting) ? 'all there are'
                        : ($plan->choice->within === null ? 'no choice as sure leaves less over'
                        : 'at most '.Decimal::print($plan->choice->within, 1).' m from the best choice') }}</span></p>
                </div>
                @php
                    $runs = [];
                    foreach ($plan->order as $key) {
                        $end = array_key_last($runs);
                        if ($end !== null && $runs[$end][0] === $key) { $runs[$end][1]++; } else { $runs[] = [$key, 1];
                            }
                    }
                @endphp
                @if ($plan->order === [])<p class="soft">What is cut already is enough: cut no more.</p>@endif
                <ol class="picked">
                    @foreach ($runs as [$key, $many])
                        @php $piece = $byId[$key]; $one = $choosing->plans[$key]; @endphp
                        <li>
                            {!! SwatchChip::of($piece->colour, RawPiece::becomes($piece->form), null, Length::mm(6)) !!}
                            <div><b>{{ $many > 1 ? "$many × " : '' }}{{ $piece->name }}</b><p
                                class="sub">@if ($piece->form !== 'ribbon') strips of
                                {{ $one->spec->piece->strip->print($unit) }}, @endif about
                                {{ Decimal::print($one->pulled->mm / 1000, 1) }} m {{ $many > 1 ? 'each' : '' }}</p>
                                </div>
                        </li>
                    @endforeach
                </ol>
                @if ($choosing->given === [] || array_filter($choosing->given) === [])
                    <p class="soft">The first one tells most about the rest: cut it, measure or weigh what it gave, and
                    enter that below.</p>@endif
                @include('cutting.cautions', ['kind' => ['cloth' => 'tube', 'bags' => 'bag',
                    'ribbon' => 'ribbon'][$choosing->stuff]])
                @if ($plan->order !== [])<h2 class="section-rule">Cut them</h2>@endif
                @foreach ($plan->choice->picked as $key => $many)
                    @php $piece = $byId[$key]; $one = $choosing->plans[$key]; @endphp
                    <form class="begin" method="post" action="{{ route('cutting.batches') }}">
                        @csrf
                        <input type="hidden" name="raw_piece_id" value="{{ $key }}">
                        <input type="hidden" name="school" value="{{ $choosing->school->value }}">
                        <input type="hidden" name="strip" value="{{ $one->spec->piece->strip->exact() }}">
                        <label>{{ $piece->name }} <input class="form-control" name="pieces" value="{{ $many }}"
                            inputmode="numeric" size="4"></label>
                        @if ($many > 1)<label>over each other <input class="form-control" name="stack"
                            value="{{ min(5, $many) }}" inputmode="numeric" size="3"></label>@endif
                        <button class="btn btn-quiet" aria-label="Begin a batch of {{ $piece->name }}">Begin a
                            batch</button>
                    </form>
                @endforeach
            @endif
            @if ($choosing->plans !== [])
                <h2 class="section-rule">What was cut so far gave</h2>
                @foreach ($choosing->plans as $id => $one)
                    @php $wrong = $errors->first("gave.$id"); @endphp
                    <div class="field line">
                        <label for="gave-{{ $id }}">{{ $byId[$id]->name }}</label>
                        <input form="choosing" id="gave-{{ $id }}" name="gave[{{ $id }}]" autocomplete="off"
                            value="{{ $choosing->typed("gave.$id") }}" placeholder="13.2 m; 13.6 m"
                            @class(['form-control', 'is-invalid' => $wrong !== '']) @if ($wrong !== '')
                            aria-invalid="true" aria-describedby="gave-{{ $id }}-wrong" @endif>
                        @if ($wrong !== '')<p class="wrong" id="gave-{{ $id }}-wrong">{{ $wrong }}</p>@endif
                    </div>
                @endforeach
                <p><button form="choosing" class="btn btn-quiet">Choose anew</button></p>
            @endif
            @if ($choosing->leftOut !== [])
                <h2 class="section-rule">Left out</h2>
                <ul class="notes">@foreach ($choosing->leftOut as $id => $why)
                    <li><b>{{ $byId[$id]->name }}.</b> {{ $why }}</li>@endforeach</ul>
            @endif
        </div>
    </div>
</x-layout>
