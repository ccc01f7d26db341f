@use(App\Bags\PictureMarks)
@php
    $at = $marks->at;
    $r = max($picture->width, $picture->height) / 60;
@endphp
<x-layout :title="__('Mark the picture')">
    <div class="page-head">
        <h1>{{ __('Mark the picture') }}</h1>
        @include('swatches.tabs')
    </div>
    @if ($errors->any() && $errors->hasAny(['hook', 'stitches', 'rows']))<x-wrongs />@endif
    <form class="marking" method="post" action="{{ route('swatches.picture.marks', $picture) }}" data-marking
        novalidate>
        @csrf
        <input type="hidden" name="shrunk" value="{{ $marks->typed('shrunk') }}">
        <div class="photo">
            <svg viewBox="0 0 {{ $picture->width }} {{ $picture->height }}" role="group"
                aria-label="{{ __('The picture and its marks') }}">
                <image href="{{ route('swatches.picture.jpeg', $picture) }}" width="{{ $picture->width }}"
                    height="{{ $picture->height }}"/>
                <path data-line="card1 card2 card3 card4 card1"
                    d="M{{ $at['card1'][0] }} {{ $at['card1'][1] }}L{{ $at['card2'][0] }} {{ $at['card2'][1] }}L{{
                        $at['card3'][0] }} {{ $at['card3'][1] }}L{{ $at['card4'][0] }} {{ $at['card4'][1] }}Z"
                    class="card-line"/>
                <path data-line="st1 st2"
                    d="M{{ $at['st1'][0] }} {{ $at['st1'][1] }}L{{ $at['st2'][0] }} {{ $at['st2'][1] }}"
                    class="run-line"/>
                <path data-line="row1 row2"
                    d="M{{ $at['row1'][0] }} {{ $at['row1'][1] }}L{{ $at['row2'][0] }} {{ $at['row2'][1] }}"
                    class="run-line"/>
                @foreach (PictureMarks::MARKS as $mark => $said)
                    <g data-mark="{{ $mark }}" tabindex="0" role="button"
                        aria-label="{{ __('{mark}: move with the arrow keys', ['mark' => __($said)]) }}"
                        transform="translate({{ $at[$mark][0] }} {{ $at[$mark][1] }})">
                        <circle class="grab" r="{{ round(4 * $r, 1) }}"/><circle r="{{ round($r, 1) }}"/><path
                            d="M-{{ round($r, 1) }} 0H{{ round($r, 1) }}M0 -{{ round($r, 1) }}V{{ round($r, 1) }}"/>
                    </g>
                @endforeach
            </svg>
            <div class="loupe" data-loupe aria-hidden="true" hidden><svg viewBox="0 0 1 1"><image
                href="{{ route('swatches.picture.jpeg', $picture) }}" width="{{ $picture->width }}"
                height="{{ $picture->height }}"/></svg></div>
            <p class="hint">{{ __('Drag a mark, or step to it with Tab and move it with the arrow keys; with Shift '
                .'ten times as far.') }}</p>
        </div>
        <div>
            <div class="pair">
                <x-field name="stitches" :label="__('Stitches between the marks')" :value="$marks->typed('stitches')"
                    inputmode="decimal" placeholder="10" autocomplete="off" />
                <x-field name="rows" :label="__('Rows between the marks')" :value="$marks->typed('rows')"
                    inputmode="decimal"
                    placeholder="10" autocomplete="off" />
            </div>
            <label class="check"><input type="checkbox" name="upright" value="1"
                @checked($marks->typed('upright') === '1')> {{ __('The card stands on its short side') }}</label>
            <div class="pair">
                <x-pick name="lies" :label="__('The card lies')" :options="array_map(__(...), PictureMarks::LIES)"
                    :value="$marks->typed('lies')"
                    />
                <x-field name="thick" :label="__('The fabric is thick')" :value="$marks->typed('thick')"
                    :placeholder="__('two strands')" autocomplete="off" />
                <x-pick name="set" :label="__('The marks are set')" :options="array_map(__(...), PictureMarks::SET)"
                    :value="$marks->typed('set')"
                    />
            </div>
            <button class="btn btn-quiet">{{ __('Measure') }}</button>
            <div class="section-rule" data-region="measured" role="status">@include('swatches.measured')</div>
            <div class="pair">
                <x-pick name="material_id" :label="__('Material')" :options="['' => __('none of these')] + $materials"
                    :value="$marks->typed('material_id')" />
                <x-field name="hook" :label="__('Hook')" :value="$marks->typed('hook')"
                    :placeholder="__('8 mm or L-11')"
                    autocomplete="off" />
                <x-motif :value="$marks->typed('stitch')" />
            </div>
            <button class="btn btn-primary" formaction="{{ route('swatches.picture', $picture) }}">{{
                __('Keep it as a swatch') }}</button>
            <details class="joins">
                <summary>{{ __('The marks in numbers') }}</summary>
                <div class="numbers">
                    @foreach (PictureMarks::MARKS as $mark => $said)
                        @foreach (['x' => 0, 'y' => 1] as $axis => $which)
                            <label>{{ __($said) }}, {{ $axis }} <input class="form-control" name="{{ $mark.$axis }}"
                                value="{{ $marks->typed($mark.$axis) === '' ? $at[$mark][$which]
                                    : $marks->typed($mark.$axis) }}"
                                inputmode="decimal" autocomplete="off"></label>
                        @endforeach
                    @endforeach
                </div>
            </details>
        </div>
    </form>
</x-layout>
