@use(App\Models\BagFinish)
@use(App\Rules\Typed)
@use(Fescue\Core\Bag\Finishes)
@use(Fescue\Core\Finish\Finishings)
@use(Fescue\Core\Measure\Duration)
@php
    $chosen = array_values(array_filter((array) ($bag->choices['finish'] ?? []), is_array(...)));
    $ways = Finishings::byKey();
    $opened = session('opened') ?? (preg_match('/^finish\.(\d+)/', $errors->keys()[0] ?? '',
        $at) === 1 ? (int) $at[1] : 0);
    $done = $finish->done;
    // All of it is worked, and none of it is written down.
    $isWorked = $done === null && $sheet->done() >= count($sheet->plan->work->rows);
    $hours = array_sum(array_column($sheet->bag->logged(), 'minutes'));
@endphp
<x-layout :title="__('{bag}, finish', ['bag' => $bag->name()])">
    @include('bags.head')
    <div data-met>@if (is_array(session('met'))) @include('bags.met', ['met' => session('met')]) @endif</div>
    <div class="workbench finish-bench">
        <div class="stations">
            <form method="post" action="{{ route('bags.finish.keep', $bag) }}" id="finishing" data-plan novalidate>
                @csrf @method('put')
                <input type="hidden" name="revision" value="{{ $bag->revision ?? 1 }}">
                <p class="stale" data-stale role="status" @if (! $errors->has('finish.*')) hidden
                    @endif>{{ __('The drawing is without what is marked below.') }}</p>
                @foreach ($chosen as $place => $one)
                    @continue(! isset($ways[$one['type'] ?? '']))
                    @php $way = $ways[$one['type']]; @endphp
                    <details class="station" name="station" data-station="{{ $place + 1 }}" @if ($place === $opened)
                        open @endif>
                        <summary><b>{{ __($way::called()[0]) }}</b></summary>
                        <div class="inside">
                            <input type="hidden" name="finish[{{ $place }}][type]" value="{{ $way::key() }}">
                            <x-settings :at="'finish['.$place.']'" :maker="$way::open()" :values="$one"
                                :solved="$finish->settled($place)" />
                            <p class="acts"><button class="plain" form="take-out-{{ $place }}">{{ __('Take it out')
                                }}</button></p>
                        </div>
                    </details>
                @endforeach
                @if ($chosen !== [])<p class="section-rule"><button class="btn btn-primary"
                    data-redraw>{{ __('Keep and draw') }}</button></p>@endif
            </form>
            @foreach ($chosen as $place => $one)
                <form method="post" id="take-out-{{ $place }}"
                    action="{{ route('bags.finish.take-out', [$bag, $place]) }}">
                    @csrf @method('delete')<input type="hidden" name="type"
                    value="{{ is_string($one['type'] ?? null) ? $one['type'] : '' }}"></form>
            @endforeach
            <section class="section-rule add-finish" aria-label="{{ __('Finish it with') }}">
                <details class="folded" @if ($chosen === [] || session()->has('opened') || $errors->has('add')) open
                    @endif>
                <summary><h2>{{ $chosen === [] ? __('Finish it with') : __('And with') }}</h2></summary>
                @error('add')<p class="wrong">{{ $message }}</p>@enderror
                @if (count($chosen) < Finishes::MOST)
                <form method="post" action="{{ route('bags.finish.add', $bag) }}">
                    @csrf
                    @foreach ($ways as $key => $way)<button name="type"
                        value="{{ $key }}"><b>{{ __($way::called()[0]) }}</b>
                        <span>{{ __($way::called()[1]) }}</span></button>@endforeach
                </form>
                @endif
                </details>
            </section>
        </div>
        <div class="drawing" data-region="drawing">@include('bags.finish-drawing')</div>
        <div class="tally">
            <div data-region="tally">@include('bags.finish-needs')</div>
            <section class="section-rule" aria-label="{{ __('What it was') }}" id="log">
                <h2>{{ $done === null ? __('It is done') : __('What it was') }}</h2>
                @if ($done !== null)
                    <table class="plain-table">
                        <thead><tr><th scope="col">{{ __('what') }}</th><th scope="col">{{ __('planned') }}</th><th
                            scope="col">{{ __('came') }}</th>
                            <th scope="col">{{ __('off') }}</th></tr></thead>
                        <tbody>
                            @foreach ($finish->compared() as [$what, $planned, $came, $off])
                                <tr><th scope="row">{{ $what }}</th><td>{{ $planned }}</td><td>{{ $came }}</td>
                                    <td>{{ $off }}</td></tr>
                            @endforeach
                            <tr><th scope="row">{{ __('held') }}</th><td></td><td>{{ $finish->held() ?: __('not hung')
                                }}</td>
                                <td>{{ isset(BagFinish::SEEN[$done->seen ?? '']) ? __(BagFinish::SEEN[$done->seen]) : ''
                                    }}</td></tr>
                        </tbody>
                    </table>
                    @if ($done->otherwise !== '')<p class="quote">“{{ $done->otherwise }}”</p>@endif
                    @php $pictures = $finish->pictures(); @endphp
                    @if ($pictures->isNotEmpty())
                    <div class="photographs">@foreach ($pictures as $picture)
                        <figure><img src="{{ route('bags.picture', [$bag, $picture]) }}" width="{{ $picture->width }}"
                        height="{{ $picture->height }}"
                        alt="{{ __('The bag, photographed {day}', ['day' =>
                        $picture->created_at?->translatedFormat('j F Y')]) }}" loading="lazy"><form
                        method="post" action="{{ route('bags.picture', [$bag, $picture]) }}">
                        @csrf @method('delete')<button class="plain">{{ __('Take it out')
                            }}</button></form></figure>@endforeach
                        </div>
                    @endif
                    @if ($finish->asSwatch())<form method="post" action="{{ route('bags.finish.swatch', $bag) }}">
                        @csrf<button class="btn btn-quiet">{{ __('Keep its measures as a swatch') }}</button></form>
                        <p class="hint">{{ __('So large a piece measures your hand better than any swatch; the '
                            .'next plan of this strand and hook goes by it.') }}</p>@endif
                    <p class="acts"><a href="{{ route('bags.log') }}">{{ __('All your finished bags') }}</a></p>
                    <form method="post" action="{{ route('bags.finish.undo', $bag) }}">
                        @csrf @method('delete')<button class="plain">{{ __('It is not done yet') }}</button></form>
                @endif
                <details class="above" @if ($isWorked || $errors->hasAny(['wide', 'high', 'left_over', 'minutes',
                    'load', 'hung_for', 'strap_lay', 'strap_hung', 'blocked_wide', 'blocked_high', 'otherwise'])) open
                    @endif>
                <summary>{{ $done === null ? __('Measure, weigh and hang it') : __('Correct it') }}</summary>
                <form class="done-form" method="post" action="{{ route('bags.finish.store', $bag) }}">
                    @csrf
                    <h3>{{ __('Tape and scale') }}</h3>
                    @foreach ([
                        'wide' => [__('Lies, wide'), $sheet->say($sheet->plan->comesOut->flatWidth)], 'high' =>
                            [__('High'),
                            $sheet->say($sheet->plan->comesOut->height)],
                        'left_over' => [__('Left of the strand'), 'g'],
                            'minutes' => [__('It took'), $hours > 0 ? Duration::print((float) $hours) : '6 h 30'],
                    ] as $field => [$label, $hint])
                        <x-count :name="$field" :$label :value="$field === 'minutes' ? ($done?->minutes === null
                            ? ($hours > 0 && $done === null ? (string) (int) $hours : '') : (string) $done->minutes)
                            : ($done->{$field} ?? '')" :solved="$hint" :whole="false" />
                    @endforeach
                    <h3>{{ __('The load') }}</h3>
                    <ol class="numbered">
                        <li>{{ __('Measure a strap or handle as it lies.') }}</li>
                        <li>{{ __('Fill the bag as heavy as it will ever be, and hang it from a hook, low over the '
                            .'floor, nobody’s feet under it.') }}</li>
                        <li>{{ __('After an hour measure the strap again, with the load. Look at each foot of the '
                            .'handles, the seams, the joins of strand, the base’s edge.') }}</li>
                        <li>{{ __('Anything that opens, slips or thins: unload, mend, hang again. What gave is not '
                            .'carried.') }}</li>
                    </ol>
                    <p class="care-line">{{ __('Home-made and untested: never for lifting, never over people.') }}</p>
                    <x-count name="load" :label="__('Hung with, kg')" :value="$finish->held()" solved="" :whole="false"
                        />
                    <x-count name="hung_for" :label="__('For, minutes')" :value="(string) ($done->hung_for ?? '')"
                        solved="60"
                        />
                    <x-count name="strap_lay" :label="__('A strap, lying')" :value="$done->strap_lay ?? ''" solved=""
                        :whole="false" />
                    <x-count name="strap_hung" :label="__('A strap, hanging')" :value="$done->strap_hung ?? ''"
                        solved=""
                        :whole="false" />
                    <x-pick name="seen" :label="__('What it did')" :value="$done->seen ?? ''"
                        :options="['' => __('not hung yet')] + array_map(__(...), BagFinish::SEEN)" />
                    <h3>{{ __('Washed or blocked') }}</h3>
                    <x-count name="blocked_wide" :label="__('Then wide')" :value="$done->blocked_wide ?? ''" solved=""
                        :whole="false" />
                    <x-count name="blocked_high" :label="__('Then high')" :value="$done->blocked_high ?? ''" solved=""
                        :whole="false" />
                    <div class="field">
                        <label for="otherwise">{{ __('What I would do otherwise') }}</label>
                        <textarea class="form-control" id="otherwise" name="otherwise" rows="3"
                            aria-describedby="otherwise-wrong">{{ Typed::before('otherwise',
                            $done->otherwise ?? '') }}</textarea>
                        <p class="wrong" id="otherwise-wrong">{{ $errors->first('otherwise') }}</p>
                    </div>
                    <button class="btn btn-primary">{{ __('Write it down') }}</button>
                </form>
                </details>
            </section>
            @if ($done !== null)
            <section class="section-rule" aria-label="{{ __('Photographs') }}">
                <h2>{{ __('Photographs') }}</h2>
                <form method="post" action="{{ route('bags.pictures', $bag) }}" enctype="multipart/form-data">
                    @csrf
                    <div class="field">
                        <label for="picture">{{ __('A picture of it') }}</label>
                        <input class="form-control" type="file" id="picture" name="picture"
                            accept="image/jpeg,image/png,image/webp" aria-describedby="picture-wrong">
                        <p class="wrong" id="picture-wrong">{{ $errors->first('picture') }}</p>
                    </div>
                    <button class="btn btn-quiet">{{ __('Keep it') }}</button>
                    <p class="hint">{{ __('Made anew: where and when it was taken is left out.') }}</p>
                </form>
            </section>
            @endif
            <section class="section-rule" aria-label="{{ __('Make it again') }}">
                <details class="folded" @if ($done !== null || $errors->has('larger')) open @endif>
                <summary><h2>{{ __('Make it again') }}</h2></summary>
                <form class="done-form" method="post" action="{{ route('bags.again', $bag) }}">
                    @csrf
                    <x-count name="larger" :label="__('Larger by, %')" :value="''" solved="0" :whole="false" />
                    <x-pick name="material_id" :label="__('Of')" :value="$bag->material_id"
                        :options="($bag->material_id === null ? ['' => __('as its file says')] : []) +
                        $finish->strands()"
                        />
                    <button class="btn btn-quiet">{{ __('A new bag like it') }}</button>
                </form>
                </details>
            </section>
            @include('bags.finish-give')
        </div>
    </div>
</x-layout>
