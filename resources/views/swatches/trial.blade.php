@use(App\Rules\Typed)
@use(App\Books\MakerHistory)
@use(App\Drawing\HookPatch)
@use(Fescue\Core\Gauge\State)
@use(Fescue\Core\Material\Fabric)
@use(App\Tongue\Tongues)
@use(Fescue\Core\Measure\Length)
@use(Fescue\Core\Measure\LengthUnit)
@use(Fescue\Core\Instruction\Motif)
@php
    $terms = auth()->user()->terms;
    $ten = Length::mm(100);
    $four = Length::of(4, LengthUnit::Inch);
    $sure = fn (float $many, float $spread): string => $spread > 0 ? '± '.Tongues::figure($many * $spread, 1) :
        __('once');
    $over = fn (float $one, Length $length): string => Tongues::figure($length->mm / $one, 1);
@endphp
<x-layout :title="__('Hook trial')">
    <div class="page-head">
        <h1>{{ __('Swatches') }}</h1>
        @include('swatches.tabs')
    </div>
    @if ($trial === null)
        <div class="teach"><div><h2>{{ __('Nothing to try a hook on') }}</h2>
            <p>{{ __('Weigh a material first; then work a few rows of it on two or three hooks and put them side '
                .'by side here.') }}</p><p><a class="btn btn-primary" href="{{ route('stash.create') }}">{{
                    __('Add a material') }}</a></p></div></div>
    @else
        <form class="sift" method="get" action="{{ route('swatches.trial') }}">
            <label>{{ __('Material') }} <select class="form-select" name="material">@foreach ($strands as $one)
                <option value="{{ $one->id }}" @selected($one->id === $material->id)>{{ $one->name }}</option>
                @endforeach</select></label>
            <label>{{ __('Stitch') }} <select class="form-select" name="stitch">
                <option value="">{{ __('as tried') }}</option>@foreach (array_values(Motif::all()) as $one)
                <option value="{{ $one->key }}" @selected($one === $motif)>{{ $one->abbreviation($terms) }}</option>
                @endforeach</select></label>
            <button class="btn btn-quiet">{{ __('Show') }}</button>
        </form>
        <ol class="patches" aria-label="{{ __('The fabric of each hook') }}">
            @foreach ($trial->swatches as $swatch)
                @php $gauge = $swatch->measured()->gauge(); @endphp
                <li @class(['mine' => $swatch->chosen])>
                    {!! HookPatch::of($material->colour, $gauge->width, $gauge->height, $trial->diameter, $gauge->motif,
                        $unit) !!}
                    <b>{{ Tongues::printed($swatch->hookSize()->print()) }}</b> {{ $gauge->motif->abbreviation($terms)
                        }}<br>{{
                        __('firmness {mm}', ['mm' => Tongues::figure($trial->diameter->mm / $gauge->width->mm, 2)])
                            }}@if ($swatch->chosen), <b
                        class="good">{{ __('chosen') }}</b>@elseif ($swatch->state !== State::Relaxed),
                        {{ __($swatch->state->value) }}@endif
                </li>
            @endforeach
            @foreach ($trial->expected as [$hook, $predicted])
                <li class="guess">
                    {!! HookPatch::of($material->colour, $predicted->width(), $predicted->height(), $trial->diameter,
                        $predicted->motif, $unit) !!}
                    <b>{{ Tongues::printed($hook->print()) }}</b> {{ $predicted->motif->abbreviation($terms) }}<br>{{
                        __('firmness {likely}, expected', [
                        'likely' => Tongues::figure($trial->diameter->mm / $predicted->width->likely, 2),
                    ]) }}
                </li>
            @endforeach
        </ol>
        <p class="hint">{{ __('Drawn 1 : 1, strand and stitch: the more ground shows between, the softer the '
            .'fabric.') }}</p>
        <div class="wide" tabindex="0" role="group" aria-label="{{ __('Hooks side by side') }}">
            <table class="what-if trial">
                <thead><tr><th scope="col">{{ __('hook') }}</th><th scope="col">{{ __('stitch') }}</th><th
                    scope="col">{{
                    __('in 10 cm') }}</th>
                    <th scope="col">{{ __('in 4 in') }}</th><th scope="col"><x-term
                        of="firmness">{{ __('firmness') }}</x-term></th><th scope="col">{{
                        __('one stitch') }}</th>
                    <th scope="col">{{ __('how it was') }}</th><th scope="col"><span class="visually-hidden">{{
                        __('choose') }}</span></th></tr>
                    </thead>
                <tbody>
                    @foreach ($trial->swatches as $swatch)
                        @php $measured = $swatch->measured(); $gauge = $measured->gauge(); @endphp
                        <tr @class(['mine' => $swatch->chosen])>
                            <th scope="row"><a
                                href="{{ route('swatches.edit', $swatch) }}">{{ $swatch->hookSize()->print() }}</a></th>
                            <td>{{ $swatch->stitch->abbreviation($terms) }}</td>
                            <td><b>{{ Tongues::figure($measured->stitchesOver($ten), 1) }} ×
                                {{ Tongues::figure($measured->rowsOver($ten),
                                1) }}</b>@if ($measured->widthSpread + $measured->heightSpread > 0)
                                <br><span class="soft">{{ $sure($measured->stitchesOver($ten),
                                $measured->widthSpread) }} × {{ $sure($measured->rowsOver($ten),
                                $measured->heightSpread) }}</span>@endif</td>
                            <td>{{ Tongues::figure($measured->stitchesOver($four), 1) }} ×
                                {{ Tongues::figure($measured->rowsOver($four), 1) }}</td>
                            <td>{{ Tongues::figure($trial->diameter->mm / $gauge->width->mm, 2) }}</td>
                            <td>{{ $gauge->mass ? Tongues::figure($gauge->mass->grams, 2).' g' : __('not weighed')
                                }}</td>
                            <td>{{ $swatch->hung_load
                                ? __('{state} under {mass}', [
                                    'state' => __($swatch->state->value), 'mass' => $swatch->hung_load,
                                ]) : __($swatch->state->value) }}{{ $swatch->drape
                                ? ', '.__($swatch->drape->value) : '' }}@php $hang = $swatch->state === State::Hung ?
                                    MakerHistory::hang($swatch,
                                $trial->swatches) : null; @endphp @if ($hang)
                                <br><b>{{ implode(', ', array_map(Tongues::say(...), $hang->said())) }}</b>@endif
                                    @if ($swatch->note)
                                <br><span class="soft">{{ $swatch->note }}</span>@endif
                                @if (isset($doubts[$swatch->id]))<p class="wrong">{{ $doubts[$swatch->id] }}</p>@endif
                                </td>
                            <td>@if ($swatch->chosen)<b class="good">{{ __('chosen') }}</b><br><a
                                href="{{ route('bags.create', ['swatch' => $swatch->id]) }}">{{
                                    __('Plan a bag of it') }}</a>@elseif ($swatch->state !== State::Hung)
                                <form method="post" action="{{ route('swatches.choose', $swatch) }}">
                                @csrf<button class="plain"
                                aria-label="{{ __('Choose {name}', ['name' => $swatch->name]) }}">{{ __('Choose')
                                }}</button></form>@endif</td>
                        </tr>
                    @endforeach
                    @foreach ($trial->expected as [$hook, $predicted])
                        @php [$w, $h] = [$predicted->width, $predicted->height]; @endphp
                        <tr class="guess">
                            <th scope="row">{{ $hook->print() }}</th>
                            <td>{{ $predicted->motif->abbreviation($terms) }}</td>
                            <td>{{ $over($w->likely, $ten) }} × {{ $over($h->likely, $ten) }}<br><span
                                class="soft">{{ $over($w->high(), $ten) }}–{{ $over($w->low(), $ten) }} ×
                                {{ $over($h->high(), $ten) }}–{{ $over($h->low(), $ten) }}</span></td>
                            <td>{{ $over($w->likely, $four) }} × {{ $over($h->likely, $four) }}</td>
                            <td>{{ Tongues::figure($trial->diameter->mm / $w->likely, 2) }}</td>
                            <td>{{ Tongues::figure($material->density()->massOf($predicted->strand())->grams, 2) }}
                                g</td>
                            <td class="soft">{{ $from === '' ? __('not tried; a guess')
                                : __('not tried; from {from}', ['from' => $from]) }}</td>
                            <td></td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        @php $curves = $trial->curves(); @endphp
        @if ($curves !== [])
            <section class="section-rule" aria-labelledby="hand">
                <h2 id="hand">{{ __('What your hand makes of it') }}</h2>
                <div class="curves">@foreach ($curves as $curve){!! $curve !!}@endforeach</div>
                <p class="hint">{{ __('Nine in ten of your next swatches lie in the green band; dashed is where any '
                    .'hand’s would lie. Dots are swatches of this one as they lay, the chosen one warm.') }}
                    {{ $from === '' ? __('The band is guessed by common proportions.')
                    : __('The band is learned from {from}.', ['from' => $from]) }}</p>
            </section>
        @endif
        <section class="section-rule narrow-form">
            <h2>{{ __('One more hook') }}</h2>
            <form method="post" action="{{ route('swatches.trial') }}" novalidate>
                @csrf
                <input type="hidden" name="material" value="{{ $material->id }}">
                <div class="pair">
                    <x-field name="hook" :label="__('Hook')" :placeholder="__('8 mm or L-11')" autocomplete="off" />
                    <x-motif :value="$motif->key ?? 'sc'" />
                    <x-pick name="state" :label="__('Measured')" :options="array_combine(array_column(State::cases(),
                        'value'),
                        array_map(fn ($one) => __($one->said()), State::cases()))" />
                    <x-field name="hung_load" :label="__('Load it hung under')"
                        :placeholder="__('only if it hung: 2 kg')"
                        autocomplete="off" />
                    <x-pick name="drape" :label="__('The fabric is')" :options="['' => __('not said'), 'firm' =>
                        __('firm'),
                        'even' => __('even'), 'drape' => __('drapey')]" />
                </div>
                @php $wrong = $errors->first('quick'); @endphp
                <div class="field">
                    <label for="quick">{{ __('What the tape says') }}</label>
                    <p class="hint" id="quick-hint">{{ __('A line each, edge stitches left out; say it as often as '
                        .'you measured it: “16 chains = 20 cm”, “31 rows = 40 cm”.') }}</p>
                    <textarea id="quick" name="quick" rows="4" spellcheck="false"
                        @class(['form-control', 'is-invalid' => $wrong !== ''])
                        aria-describedby="quick-hint @if ($wrong !== '') quick-wrong @endif" @if ($wrong !== '')
                        aria-invalid="true" @endif>{{ Typed::before('quick') }}</textarea>
                    @if ($wrong !== '')<p class="wrong" id="quick-wrong">{{ $wrong }}</p>@endif
                </div>
                <div class="pair">
                    <x-field name="stitch_mass" :label="__('One stitch weighs')"
                        :hint="__('Of ten unravelled, a tenth. Empty if not weighed.')" placeholder="0.79 g"
                        autocomplete="off"
                        />
                    <x-field name="note" :label="__('Note')" maxlength="120" autocomplete="off" />
                </div>
                <button class="btn btn-primary">{{ __('Put it beside the others') }}</button>
            </form>
        </section>
        <p class="hint">{{ __('Tight, bulky work strains the hands. If it hurts, take a larger hook and a break; '
            .'see a professional if it goes on.') }}</p>
    @endif
</x-layout>
