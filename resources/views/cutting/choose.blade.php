@use(App\Drawing\SwatchChip)
@use(App\Models\RawPiece)
@use(App\Stash\Choosing)
@use(App\Tongue\Tongues)
@use(Fescue\Core\Measure\Length)
@use(Fescue\Core\Strip\PieceChoice)
@use(Fescue\Core\Strip\CutPlan)
@use(Fescue\Core\Strip\CutMethod)
@php
    $schools = $choosing->stuff === 'bags'
        ? [CutMethod::Joined->value => __('loops, joined (double)'), CutMethod::OneStrand->value =>
            __('one spiral (single)')]
        : [CutMethod::OneStrand->value => __('one strand'), CutMethod::Joined->value => __('strips, joined')];
    $plan = $choosing->plan;
    $byId = $choosing->pieces->keyBy('id');
@endphp
<x-layout :title="__('I need so much strand')">
    <div class="page-head">
        <h1>{{ __('Cutting table') }}</h1>
        @include('cutting.tabs')
    </div>
    @error('batch')<div class="flash trouble" role="alert" tabindex="-1" data-focus>
        <p><b>{{ __('Not begun.') }}</b> {{ $message }}</p></div>@enderror
    <div class="cutting">
        <form method="get" action="{{ route('cutting.choose') }}" id="choosing" novalidate>
            <x-field name="need" :label="__('I need')" :value="$choosing->typed('need')" placeholder="42 m"
                autocomplete="off"
                />
            <x-field name="density" :label="__('of about')" :hint="__('As it is worked, after the pull.')"
                :value="$choosing->typed('density')" placeholder="7 g/m" autocomplete="off" />
            <x-pick name="stuff" :label="__('from')" :options="array_map(__(...), Choosing::STUFF)"
                :value="$choosing->stuff" />
            <x-pick name="school" :label="__('cut as')" :options="$schools" :value="$choosing->school->value" />
            <button class="btn btn-primary">{{ __('Choose the pieces') }}</button>
        </form>
        <div>
            @if ($choosing->pieces->isEmpty())
                <div class="section-rule"><h2>{{ __('Nothing of that waits to be cut') }}</h2>
                    <p>@told('Fescue chooses among your <a>raw pieces</a>: measure one of each, weigh it, and say '
                        .'how many there are.', [], [route('cutting.pieces')])</p></div>
            @elseif ($choosing->wanted === null)
                <div class="section-rule"><h2>{{ __('From the strand to the pieces') }}</h2>
                    @php $scale = RawPiece::scale($choosing->pieces, 190); @endphp
                    <ul class="waiting">
                        @foreach ($choosing->pieces as $piece)
                            <li>{!! $piece->drawn($scale) !!}<b>{{ $piece->count > 1 ? $piece->count.' × ' : '' }}{{
                                $piece->name }}</b><span class="soft">{{ Tongues::printed($piece->size()) }}</span></li>
                        @endforeach
                    </ul>
                    <p>{{ __('Say how much strand the bag takes and how heavy it should be. Fescue says how wide '
                        .'to cut each piece for that, which of them to cut so that little is left over, and in '
                        .'which order. When the first is cut, say what it gave: the rest is chosen anew.') }}</p></div>
            @elseif ($choosing->wrong !== [])
                <div class="section-rule"><p>{{ __('Mend what is marked, and the pieces stand here.') }}</p></div>
            @elseif ($plan === null)
                <div class="section-rule"><h2>{{ __('Not enough waits to be cut') }}</h2>
                    <p>{{ __('All of it would give about {all} m of such strand. Add pieces, take a lighter '
                        .'strand, or cut what there is and look again.', [
                        'all' => Tongues::figure($choosing->all, 1),
                    ]) }}</p></div>
            @else
                <div class="figures">
                    <p class="figure"><b>{{ Tongues::figure($plan->metres->likely, 1) }}</b> m<span>{{
                        __('expected, {low} to {high} in 9 of 10', [
                        'low' => Tongues::figure($plan->metres->low()),
                        'high' => Tongues::figure($plan->metres->high()),
                    ]) }}</span></p>
                    <p class="figure {{ $plan->chance >= CutPlan::SURE ? 'good' : 'bad' }}">@told('<b>{min}</b> in '
                        .'100', ['min' => Tongues::figure(min(99, 100 * $plan->chance))])<span>{{
                            __('that it is enough') }}</span></p>
                    <p class="figure"><b>{{ count($plan->order) }}</b> {{ __('{n, plural, one {piece} other {pieces} }',
                        ['n' => count($plan->order)]) }}<span>{{ $plan->isAllOf($choosing->waiting) ?
                            __('all there are')
                        : ($plan->choice->within === null ? __('no choice as sure leaves less over')
                        : __('at most {m} m from the best choice', ['m' => Tongues::figure($plan->choice->within, 1)]))
                            }}</span></p>
                </div>
                @php
                    $runs = [];
                    foreach ($plan->order as $key) {
                        $end = array_key_last($runs);
                        if ($end !== null && $runs[$end][0] === $key) { $runs[$end][1]++; } else { $runs[] = [$key, 1];
                            }
                    }
                @endphp
                @if ($plan->order === [])<p class="soft">{{ __('What is cut already is enough: cut no more.')
                    }}</p>@endif
                <ol class="picked">
                    @foreach ($runs as [$key, $many])
                        @php $piece = $byId[$key]; $one = $choosing->plans[$key]; @endphp
                        <li>
                            {!! SwatchChip::of($piece->colour, RawPiece::becomes($piece->form), null, Length::mm(6)) !!}
                            <div><b>{{ $many > 1 ? "$many × " : '' }}{{ $piece->name }}</b><p
                                class="sub">@if ($piece->form !== 'ribbon') {{ __('strips of {strip},', [
                                    'strip' => $one->spec->piece->strip,
                                ]) }}@endif {{ __($many > 1 ? 'about {m} m each' : 'about {m} m', [
                                    'm' => Tongues::figure($one->pulled->mm / 1000, 1),
                                ]) }}</p>
                                </div>
                        </li>
                    @endforeach
                </ol>
                @if ($choosing->given === [] || array_filter($choosing->given) === [])
                    <p class="soft">{{ __('The first one tells most about the rest: cut it, measure or weigh what '
                        .'it gave, and enter that below.') }}</p>@endif
                @include('cutting.cautions', ['kind' => ['cloth' => 'tube', 'bags' => 'bag',
                    'ribbon' => 'ribbon'][$choosing->stuff]])
                @if ($plan->order !== [])<h2 class="section-rule">{{ __('Cut them') }}</h2>@endif
                @foreach ($plan->choice->picked as $key => $many)
                    @php $piece = $byId[$key]; $one = $choosing->plans[$key]; @endphp
                    <form class="begin" method="post" action="{{ route('cutting.batches') }}">
                        @csrf
                        <input type="hidden" name="raw_piece_id" value="{{ $key }}">
                        <input type="hidden" name="school" value="{{ $choosing->school->value }}">
                        <input type="hidden" name="strip" value="{{ $one->spec->piece->strip->exact() }}">
                        <label>{{ $piece->name }} <input class="form-control" name="pieces" value="{{ $many }}"
                            inputmode="numeric" size="4"></label>
                        @if ($many > 1)<label>{{ __('over each other') }} <input class="form-control" name="stack"
                            value="{{ min(5, $many) }}" inputmode="numeric" size="3"></label>@endif
                        <button class="btn btn-quiet" aria-label="{{ __('Begin a batch of {name}', ['name' =>
                            $piece->name]) }}">{{
                            __('Begin a batch') }}</button>
                    </form>
                @endforeach
            @endif
            @if ($choosing->plans !== [])
                <h2 class="section-rule">{{ __('What was cut so far gave') }}</h2>
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
                <p><button form="choosing" class="btn btn-quiet">{{ __('Choose anew') }}</button></p>
            @endif
            @if ($choosing->leftOut !== [])
                <h2 class="section-rule">{{ __('Left out') }}</h2>
                <ul class="notes">@foreach ($choosing->leftOut as $id => $why)
                    <li><b>{{ $byId[$id]->name }}.</b> {{ $why }}</li>@endforeach</ul>
            @endif
        </div>
    </div>
</x-layout>
