@use(App\Rules\Typed)
@use(App\Bags\BagForm)
@use(Fescue\Core\Bag\Makers)
@use(Fescue\Core\Bag\PartsReader)
@use(Fescue\Core\Bag\RowsReader)
@use(Fescue\Core\Written\AsWritten)
@php
    $learned = ($bag->choices['learned'] ?? false) === true;
    $choices = $bag->choices;
    $stations = $sheet?->stations()->values() ?? [];
    $solved = $sheet?->stations()->solved() ?? [];
    $maker = auth()->user();
    $with = function (array $names, $linked, string $own) {
        if ($linked !== null && ! collect($names)->contains(fn ($said,
            $id) => $id === $linked->id || (is_array($said) && isset($said[$linked->id])))) {
            $names[$linked->id] = $linked->trashed()
                ? __('{name} (put away)', ['name' => $linked->name]) : __('{name}, hung', ['name' => $linked->name]);
        }
        return $linked === null ? ['' => $own] + $names : $names;
    };
    $wall = (Makers::WALL)::open();
    $above = array_values((array) old('body.above', $choices['body']['above'] ?? []));
    $above = array_values(array_filter($above, fn ($one) => is_array($one) && is_string($one['stitch'] ?? null)
        && $one['stitch'] !== ''));
    $spare = min(PartsReader::MOST_BANDS - 2, count($above));
    $changes = array_values(array_filter((array) ($choices['changes'] ?? []), is_array(...)));
    $others = (array) ($choices['others'] ?? []);
    $asFile = BagForm::files($others);
    $to = fn (int $which): string => match (true) {
        $which === 0 => BagForm::OWN,
        isset($others[$which - 1]['material_id']) => (string) $others[$which - 1]['material_id'],
        default => array_search($others[$which - 1] ?? null, $asFile, true) ?: '',
    };
    $putAway = array_filter($bag->others(), fn ($one) => $one?->trashed());
    $toWhich = ['' => __('choose'), BagForm::OWN => __('the bag’s own')] + array_combine(array_keys($asFile),
        array_map(fn ($place) => count($asFile) > 1
            ? __('as its file says').' ('.($place + 1).')' : __('as its file says'),
        array_keys(array_values($asFile))))
        + $materials->pluck('name', 'id')->all() + array_combine(array_map(fn ($one) => $one->id, $putAway),
            array_map(fn ($one) => __('{name} (put away)', ['name' => $one->name]), $putAway));
    $pieces = isset($choices['build']);
    $written = ($choices['build']['type'] ?? '') === AsWritten::key();
    $sides = $pieces ? ['length' => __('Wide'), 'width' => __('Deep'), 'height' => __('High')] : ['length' =>
        __('Base length'),
        'width' => __('Base width'), 'height' => __('Height')];
    $open = $errors->any() ? match (strtok($errors->keys()[0], '.')) {
        'size', 'name' => 'size', 'working', 'starting_chain', 'lean' => $pieces ? 'handles' : 'base', 'base', 'body',
            'build' => strtok($errors->keys()[0], '.'), 'changes' => 'material', 'handles', 'edge' => 'handles',
            default => 'material',
    } : 'size';
    $from = fn (int $place): string => Fescue\Core\Pattern\RowId::read($changes[$place]['from'] ?? '')?->short()
        ?? ($changes[$place]['from'] ?? '');
@endphp
<x-layout :title="$bag->name()">
    @include('bags.head')
    <div data-met>@if (is_array(session('met'))) @include('bags.met', ['met' => session('met')]) @endif</div>
    <form class="workbench" method="post" action="{{ route('bags.update', $bag) }}" data-plan novalidate>
        @csrf @method('put')
        <input type="hidden" name="revision" value="{{ $bag->revision ?? 1 }}">
        <input type="hidden" name="copy" value="">
        <div class="stations">
            <p class="wrong" data-wrong="worked">{{ $errors->first('worked') }}</p>
            @if ($errors->has('finish.*'))<p class="wrong">{{ implode(' ',
                \Illuminate\Support\Arr::flatten($errors->get('finish.*'))) }} @told('Mend it at <a>Finish</a>.', [],
                [route('bags.finish', $bag)])</p>@endif
            <details class="station" name="station" data-station="1" @if ($open === 'size') open @endif>
                <summary><b>{{ $pieces && ! $written ? __('Size, closed') : __('Size') }}</b><span
                    data-region="station-size">{{ $stations['station-size'] ?? '' }}</span></summary>
                <div class="inside">
                    <div class="field">
                        <label for="name">{{ __('Name') }}</label>
                        <input id="name" name="name" class="form-control" maxlength="120"
                            value="{{ Typed::before('name', $bag->name()) }}" aria-describedby="name-wrong">
                        <p class="wrong" id="name-wrong" data-wrong="name">{{ $errors->first('name') }}</p>
                    </div>
                    @foreach ($written ? [] : $sides as $side => $label)
                        <div class="field line">
                            <label for="size-{{ $side }}">{{ $label }}</label>
                            <input id="size-{{ $side }}" name="size[{{ $side }}]" autocomplete="off"
                                value="{{ Typed::before("size.$side", $choices['size'][$side] ?? '') }}"
                                @class(['form-control', 'is-invalid' => $errors->has("size.$side")])
                                aria-describedby="size-{{ $side }}-wrong">
                            <p class="wrong" id="size-{{ $side }}-wrong"
                                data-wrong="size.{{ $side }}">{{ $errors->first("size.$side") }}</p>
                        </div>
                    @endforeach
                    @foreach ($written ? [
                        'wide' => __('Wide, lying flat'), 'high' => __('High'),
                    ] : [] as $side => $label)
                        <div class="field line"><label for="{{ $side }}">{{ $label }}</label><input class="form-control"
                            id="{{ $side }}" name="{{ $side }}" form="resize" autocomplete="off" maxlength="20"
                            value="{{ Typed::before($side, '') }}" aria-describedby="{{ $side }}-wrong">
                            <p class="wrong" id="{{ $side }}-wrong">{{ $errors->first($side) }}</p></div>
                    @endforeach
                    @if ($written)
                        <p><button class="btn btn-quiet" form="resize">{{ __('Write it as large') }}</button></p>
                    @endif
                    <p class="hint">{{ $written ? __('Straight runs, repeats and rows alike become more or fewer; '
                        .'corners, increases and holes stay. Undo takes it back.')
                        : __('Numbers alone are {unit}.', ['unit' => $maker->units->value]) }}</p>
                </div>
            </details>
            <details class="station" name="station" data-station="2" @if ($open === 'material') open @endif>
                <summary><b>{{ __('Material and hook') }}</b><span data-region="station-material">{{
                    $stations['station-material']
                    ?? '' }}</span></summary>
                <div class="inside">
                    <div class="with-chip">
                        <span
                            data-region="chip">@if ($sheet){!! $bag->chip($sheet->plan->spec->facts->strands->own)
                            !!}@endif</span>
                        <p><span data-region="material-name">{{ $stations['material-name'] ?? '' }}</span><br><span
                            class="soft" data-region="material-much">{{ $stations['material-much'] ?? '' }}</span></p>
                    </div>
                    <x-pick name="material_id" :label="__('Material')" :value="$bag->material_id"
                        :options="$with($materials->pluck('name', 'id')->all(), $bag->material, __('as its file says'))"
                        />
                    <x-pick name="swatch_id" :label="__('Swatch and hook')" :value="$learned ? BagForm::LEARNED
                        : $bag->swatch_id" :options="($learned ? $swatches : $with($swatches, $bag->swatch,
                        __('as its file says'))) + [BagForm::LEARNED =>
                            __('what all my swatches teach, on this hook:')]" />
                    <div class="field line">
                        <label for="hook">{{ __('Hook') }}</label>
                        <input id="hook" name="hook" autocomplete="off"
                            value="{{ Typed::before('hook', $choices['hook'] ?? '') }}"
                            placeholder="{{ $sheet?->plan->spec->facts->hands->hook->exact() }}"
                            @class(['form-control', 'is-invalid' => $errors->has('hook')])
                            aria-describedby="hook-wrong">
                        <p class="wrong" id="hook-wrong" data-wrong="hook">{{ $errors->first('hook') }}</p>
                    </div>
                    <p class="hint">{{ __('A swatch brings its own hook. Without one, your other swatches teach '
                        .'what to expect, less surely.') }}</p>
                    <details class="above" @if ($changes !== [] || $errors->has('changes')) open @endif>
                        <summary>{{ __('Other materials, from a round on') }}</summary>
                        @foreach (range(0, min(RowsReader::MOST_CHANGES - 1, count($changes) + 2)) as $place)
                            <div class="change">
                                <label>{{ __('From') }} <input class="form-control" name="changes[{{ $place }}][from]"
                                    autocomplete="off" inputmode="numeric"
                                    aria-label="{{ __('Change {place}, from round', ['place' => $place + 1]) }}"
                                    aria-describedby="changes-wrong"
                                    value="{{ Typed::before("changes.$place.from", $from($place)) }}"></label>
                                <select class="form-select" name="changes[{{ $place }}][to]"
                                    aria-label="{{ __('Change {place}, material', ['place' => $place + 1]) }}">
                                    @foreach ($toWhich as $which => $said)<option value="{{ $which }}"
                                        @selected((string) $which === Typed::before("changes.$place.to",
                                        isset($changes[$place]) ? $to($changes[$place]['to'])
                                        : ''))>{{ $said }}</option>@endforeach
                                </select>
                            </div>
                        @endforeach
                        <div class="field line">
                            <label for="stripes">{{ __('Then by turns, every so many rounds') }}</label>
                            <input id="stripes" name="stripes" class="form-control" autocomplete="off"
                                inputmode="numeric" value="{{ Typed::before('stripes', '') }}"
                                aria-describedby="changes-wrong">
                        </div>
                        <p class="wrong" id="changes-wrong" data-wrong="changes">{{ $errors->first('changes') }}</p>
                        <p class="hint">{{ __('About as thick as the bag’s own, as the gauge stays. An empty round '
                            .'takes a change out.') }}</p>
                    </details>
                </div>
            </details>
            @if ($pieces)
            <details class="station" name="station" data-station="3" @if ($open === 'build') open @endif>
                <summary><b>{{ $written ? __('Pattern') : __('Pieces') }}</b><span data-region="station-build">{{
                    $stations['station-build'] ?? '' }}</span></summary>
                <div class="inside">
                    @if ($written)
                    <input type="hidden" name="build[type]" value="{{ $choices['build']['type'] }}">
                    <x-settings at="build" :maker="AsWritten::of($choices['build']['pattern'] ?? '')"
                        :values="$choices['build']" :$solved />
                    @else
                    <x-ways at="build" :label="__('Made of')" :of="Makers::BUILDS" :values="$choices['build'] ?? []"
                        :$solved
                        />
                    <p class="hint">{{ __('Empty follows the closed bag’s size; every piece moves with it.') }}</p>
                    @endif
                </div>
            </details>
            @else
            <details class="station" name="station" data-station="3" @if ($open === 'base') open @endif>
                <summary><b>{{ __('Base') }}</b><span data-region="station-base">{{ $stations['station-base']
                    ?? '' }}</span></summary>
                <div class="inside">
                    <x-ways at="base" :label="__('Made')" :of="Makers::BASES" :values="$choices['base'] ?? []" :$solved
                        />
                    <x-tiles name="working" :label="__('Rounds meet')" term="joined rounds"
                        :value="$choices['working'] ?? 'spiral'"
                        :options="['spiral' => [__('In a spiral'), __('with a marker')], 'joined' => [__('Joined'),
                        __('each with a slip stitch')], 'joined-turned' => [__('Joined, turned'),
                            __('the wall to and fro')]]" />
                    <x-tiles name="starting_chain" term="starting chain"
                        :label="__('The chain that starts a joined round')"
                        :value="$choices['starting_chain'] ?? 'apart'" :options="['apart' => [__('Stands apart'),
                        __('counts as no stitch')], 'counts' => [__('Counts'), __('as the first stitch')]]" />
                    <x-count name="lean" term="lean" :label="__('My rounds lean on by, stitches a round')"
                        :value="(string) ($choices['lean'] ?? '')" solved="0" :whole="false" />
                    <p class="hint">{{ __('Empty follows the size. Chains that turn the work are not counted here.')
                        }}</p>
                </div>
            </details>
            <details class="station" name="station" data-station="4" @if ($open === 'body') open @endif>
                <summary><b>{{ __('Body') }}</b><span data-region="station-body">{{ $stations['station-body']
                    ?? '' }}</span></summary>
                <div class="inside">
                    <x-settings at="body" :maker="$wall" :values="$choices['body'] ?? []" :$solved />
                    @foreach (range(0, $spare) as $place)
                        <details class="above" @if (isset($above[$place])) open @endif>
                            <summary>{{ $place === 0 ? __('Above that') : __('And above that') }}</summary>
                            <x-settings :at="'body[above]['.$place.']'" :maker="$wall" :of="__('Band {n}', ['n' =>
                                $place + 2])"
                                :none="__('nothing more')" :values="$above[$place] ?? []" :$solved />
                        </details>
                    @endforeach
                    <p class="hint">{{ __('Empty rounds follow the height; of several bands, one can.') }}</p>
                </div>
            </details>
            @endif
            <details class="station" name="station" data-station="{{ $pieces ? 4 : 5 }}" @if ($open === 'handles') open
                @endif>
                <summary><b>{{ __('Handles') }}</b><span data-region="station-handles">{{ $stations['station-handles']
                    ?? '' }}</span></summary>
                <div class="inside">
                    <x-ways at="handles" :label="__('Handles')" :of="Makers::TOPS" :none="__('the edge as it is')"
                        :values="$choices['handles'] ?? ['type' => BagForm::NONE]" :$solved />
                    @if ($pieces)
                    <x-tiles name="working" :label="__('Rounds meet')" :value="$choices['working'] ?? 'spiral'"
                        :options="['spiral' => [__('In a spiral'), __('with a marker')], 'joined' => [__('Joined'),
                        __('each with a slip stitch')], 'joined-turned' => [__('Joined, turned'),
                            __('the wall to and fro')]]" />
                    @endif
                    <x-settings at="edge" :maker="(Makers::RIM)::open()" :none="__('None')" :values="$choices['edge'] ??
                        []"
                        :$solved />
                </div>
            </details>
            @foreach ((array) session('ways') as $ways)
                {{-- Behind the fields, so that what is pressed is what counts. --}}
                <div class="ways-out">@foreach ($ways as $way)<button class="btn btn-quiet" name="{{ $way['name'] }}"
                    value="{{ $way['value'] }}">{{ $way['said'] }}</button> @endforeach</div>
            @endforeach
            <p class="section-rule"><button class="btn btn-primary" data-redraw>{{ __('Save and draw') }}</button></p>
        </div>
        <div class="standing" data-region="standing">@if ($sheet) @include('bags.solid') @endif</div>
        <div class="drawing">
            <p class="stale" data-stale role="status" @if ($sheet !== null && ! $errors->any()) hidden
                @endif>@if ($sheet === null){{ __('No plan yet: mend what is marked at the left.') }}@else {{ __('The '
                    .'drawing shows the last plan that works; mend what is marked at the left.') }}@endif</p>
            <div data-region="drawing">@if ($sheet) @include('bags.drawing', ['apart' => true]) @endif</div>
        </div>
        <section class="tally" id="tally" aria-label="{{ __('Tally') }}" data-region="tally">@if ($sheet)
            @include('bags.tally')
            @endif
            </section>
    </form>
    <a class="foot-bar" href="#tally" data-region="bar">@if ($sheet) @include('bags.bar') @endif</a>
    @if ($written)<form id="resize" method="post" action="{{ route('bags.pattern', $bag) }}">@csrf</form>@endif
</x-layout>
