{{-- The bag as it stands. Without a script it is a drawing; with one it turns: a stage is put over it. --}}
@use(App\Drawing\SolidDrawing)
@use(Fescue\Core\Measure\LengthUnit)
@use(Fescue\Core\Solid\SkinOf)
@php
    $solid = $sheet->solid();
    $standing = SolidDrawing::of($solid, $sheet->unit, $sheet->colours());
    $handles = in_array(SkinOf::Handle, array_column($solid->skins, 'of'), true);
    $drawn = $standing->inline();
    $own = isset($sheet->bag->id);
    $glb = $own ? route('bags.solid', [$sheet->bag, 'of' => substr(md5($drawn), 0, 8)])
        : (isset($begun) ? '/begin/solid.glb?'.$begun->query() : null);
@endphp
<div class="table-head"><h2>{{ __('Standing') }}</h2><span>@if ($glb !== null)<span hidden data-solid-act>{{
    __('drag it, or ← → ↑ ↓') }} · </span><a href="{{ $glb }}" download
    aria-label="{{ __('Keep as glTF, as large as it is') }}">glTF</a>@endif @if ($own) · <a
    href="/bags/{{ $sheet->bag->id }}/solid.svg"
    aria-label="{{ __('Keep as SVG: {drawing}', ['drawing' => __('Standing')]) }}">SVG</a>@if ($handles)<noscript> · <a
    href="/bags/{{ $sheet->bag->id }}/solid.svg?carried=1">{{ __('carried, full') }}</a></noscript>@endif
    @endif</span></div>
<div class="sheet solid" tabindex="0" role="group" aria-label="{{ __('{drawing}, drawn', ['drawing' => __('Standing')])
    }}" @if ($glb !== null) data-solid="{{ $glb }}" data-name="{{ $sheet->bag->slug() }}"
    data-square="{{ $sheet->unit === LengthUnit::Inch ? 0.1016 : 0.1 }}" @endif>
    <div class="solid-frame" data-solid-frame>{!! $drawn !!}</div>
    <p class="solid-said">{{ $own ? $standing->scale : $standing->said }}@if ($handles)<span hidden
        data-carried-said> {{ $sheet->carried() }}</span>@endif</p>
    @if ($glb !== null)<p class="solid-acts" hidden data-solid-act>
        <span>{{ __('Beside it') }}</span>
        @foreach (['a4' => __('a sheet of A4'), 'litre' => __('a litre'), 'hand' => __('a hand')] as $thing => $named)
            <label><input type="checkbox" data-beside value="{{ $thing }}" autocomplete="off"
                @checked($thing === 'litre' || ($thing === 'a4' && $standing->hasSheet()))> {{ $named }}</label>
        @endforeach
        @if ($handles)
            <label><input type="checkbox" data-carried autocomplete="off"> {{ __('carried, full') }}</label>
        @endif
        <button type="button" class="plain" data-solid-png>PNG</button>
        <span aria-live="polite" data-solid-said></span>
    </p>@endif
</div>
