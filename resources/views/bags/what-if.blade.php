@php
    $from = $compared->from;
    $hooks = $compared->hooks;
    $sheet = $compared->sheet;
    $here = route('bags.what-if', $bag);
    $all = $here.'?'.http_build_query(['materials' => array_column($compared->materials, 'id'), 'whole' => 1]);
@endphp
<x-layout :title="$bag->name().', what if'">
    @include('bags.head')
    @if ($errors->any())<div class="flash trouble" role="alert" tabindex="-1" data-focus><p>{{ $errors->first() }}</p>
        </div>@endif
    <p>The same bag on other hooks and of other materials, {{ $from === ''
        ? 'as common proportions guess it: you have no swatch yet' : "learned from {$from}" }}: the size if the counts
        stay, the counts if the size stays, and what either
        takes.@if ($sheet->plan->spec->facts->strands->others !== []) All of it is reckoned in one material; taking one
        takes the others out. @endif</p>
    <form class="sift" method="get" action="{{ route('bags.what-if', $bag) }}">
        <fieldset class="picks"><legend>Materials, up to six</legend>
            @foreach ($compared->strands as $one)<label><input type="checkbox" name="materials[]" value="{{ $one->id }}"
                @checked(in_array($one, $compared->materials, true))> {{ $one->name }}</label>@endforeach
        </fieldset>
        <button class="btn btn-quiet">Compare</button>
    </form>
    <form method="post" action="{{ $here }}">
        @csrf
        <div class="wide" tabindex="0" role="group" aria-label="Hooks and materials">
        <table class="what-if">
            <thead><tr><th scope="col">material</th><th scope="col"><span
                class="visually-hidden">what stays</span></th>@foreach ($hooks as $hook)
                <th scope="col">{{ $hook->print() }}</th>@endforeach</tr></thead>
            @foreach ($compared->materials as $material)
                @if (isset($compared->rows[$material->id]))
                    @include('bags.what-if-material')
                @else
                    <tbody data-later="{{ $here }}/{{ $material->id }}">
                        <tr><th scope="rowgroup">{!! $material->chip() !!} {{ $material->name }}</th>
                        <td colspan="{{ 1 + count($compared->hooks) }}"><x-coming :href="$all">Reckon it too</x-coming>
                            </td></tr>
                    </tbody>
                @endif
            @endforeach
        </table>
        </div>
    </form>
    <p class="hint">Dashes are the bag as it is. Firmness is the strand’s thickness over a stitch’s width: the larger,
        the stiffer the fabric. Hours are {{ $sheet->tally()->pace() }}. Tight, bulky work strains the hands; take the
        larger hook when it pulls.</p>
</x-layout>
