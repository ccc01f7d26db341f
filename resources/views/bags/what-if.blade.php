@use(App\Tongue\Tongues)
@php
    $from = $compared->from;
    $hooks = $compared->hooks;
    $sheet = $compared->sheet;
    $here = route('bags.what-if', $bag);
    $all = $here.'?'.http_build_query(['materials' => array_column($compared->materials, 'id'), 'whole' => 1]);
@endphp
<x-layout :title="__('{bag}, what if', ['bag' => $bag->name()])">
    @include('bags.head')
    @if ($errors->any())<div class="flash trouble" role="alert" tabindex="-1" data-focus><p>{{ $errors->first() }}</p>
        </div>@endif
    <p>{{ __('The same bag on other hooks and of other materials: the size if the counts stay, the counts if the size '
        .'stays, and what either takes.') }} {{ $from === ''
        ? __('It is guessed by common proportions: you have no swatch yet.')
        : __('It is learned from {from}.', ['from' => $from]) }}@if ($sheet->plan->spec->facts->strands->others !== [])
        {{ __('All of it is reckoned in one material; taking one takes the others out.') }}@endif</p>
    <form class="sift" method="get" action="{{ route('bags.what-if', $bag) }}">
        <fieldset class="picks"><legend>{{ __('Materials, up to six') }}</legend>
            @foreach ($compared->strands as $one)<label><input type="checkbox" name="materials[]" value="{{ $one->id }}"
                @checked(in_array($one, $compared->materials, true))> {{ $one->name }}</label>@endforeach
        </fieldset>
        <button class="btn btn-quiet">{{ __('Compare') }}</button>
    </form>
    <form method="post" action="{{ $here }}">
        @csrf
        <div class="wide" tabindex="0" role="group" aria-label="{{ __('Hooks and materials') }}">
        <table class="what-if">
            <thead><tr><th scope="col">{{ __('material') }}</th><th scope="col"><span
                class="visually-hidden">{{ __('what stays') }}</span></th>@foreach ($hooks as $hook)
                <th scope="col">{{ Tongues::printed($hook->print()) }}</th>@endforeach</tr></thead>
            @foreach ($compared->materials as $material)
                @if (isset($compared->rows[$material->id]))
                    @include('bags.what-if-material')
                @else
                    <tbody data-later="{{ $here }}/{{ $material->id }}">
                        <tr><th scope="rowgroup">{!! $material->chip() !!} {{ $material->name }}</th>
                        <td colspan="{{ 1 + count($compared->hooks) }}"><x-coming :href="$all">{{ __('Reckon it too')
                            }}</x-coming>
                            </td></tr>
                    </tbody>
                @endif
            @endforeach
        </table>
        </div>
    </form>
    <p class="hint">{{ __('Dashes are the bag as it is. Firmness is the strand’s thickness over a stitch’s width: '
        .'the larger, the stiffer the fabric. Hours are {pace}. Tight, bulky work strains the hands; take the '
        .'larger hook when it pulls.', ['pace' => $sheet->tally()->pace()]) }}</p>
</x-layout>
