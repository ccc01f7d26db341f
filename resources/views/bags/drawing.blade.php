@php $folding = $sheet->words()->folding(); @endphp
@if (! ($apart ?? false)) @include('bags.solid') @endif
@foreach ($sheet->words()->drawings() as $name => [$title, $canvas, $said])
    @if ($loop->last && $folding !== null) @include('bags.folding') @endif
    <div class="table-head"><h2>{{ $title }}</h2><span>{{ __('drawn {ratio}', ['ratio' => $canvas->ratio()]) }}{{
        $said === '' ? '' : ", {$said}" }}@isset($sheet->bag->id) · <a href="/bags/{{ $sheet->bag->id }}/{{ $name
            }}.svg"
        aria-label="{{ __('Keep as SVG: {drawing}', ['drawing' => $title]) }}">SVG</a>@endisset</span></div>
    <div class="sheet" tabindex="0" role="group"
        aria-label="{{ __('{drawing}, drawn', ['drawing' => $title]) }}">{!! $canvas->inline() !!}</div>
@endforeach
