@use(Fescue\Core\Measure\Decimal)
@use(Fescue\Core\Measure\Duration)
@php
    $here = route('bags.what-if', $bag);
@endphp
<x-layout :title="$bag->name().', what if'">
    @include('bags.head')
    @if ($errors->any())<div class="flash trouble" role="alert" tabindex="-1" data-focus><p>{{ $errors->first() }}</p></div>@endif
    <p>The same bag on other hooks and of other materials, {{ $from === '' ? 'as common proportions guess it: you have no swatch yet' : "learned from {$from}" }}: the size if the counts stay, the counts if the size stays, and what either takes.@if ($sheet->plan->spec->strands->others !== []) All of it is reckoned in one material; taking one takes the others out. @endif</p>
    <form class="sift" method="get" action="{{ route('bags.what-if', $bag) }}">
        <fieldset class="picks"><legend>Materials, up to six</legend>
            @foreach ($strands as $one)<label><input type="checkbox" name="materials[]" value="{{ $one->id }}" @checked($materials->contains('id', $one->id))> {{ $one->name }}</label>@endforeach
        </fieldset>
        <button class="btn btn-quiet">Compare</button>
    </form>
    <div class="wide" tabindex="0" role="group" aria-label="Hooks and materials">
        <table class="what-if">
            <thead><tr><th scope="col">material</th><th scope="col"><span class="visually-hidden">what stays</span></th>@foreach ($hooks as $hook)<th scope="col">{{ $hook->print() }}</th>@endforeach</tr></thead>
            @foreach ($materials as $material)
                <tbody>
                    @foreach (['counts', 'size'] as $keep)
                        <tr>
                            @if ($keep === 'counts')<th scope="rowgroup" rowspan="2">{!! $material->chip() !!} {{ $material->name }}</th>@endif
                            <th scope="row" class="stays">{{ $keep === 'counts' ? 'counts stay' : 'size stays' }}</th>
                            @foreach ($table[$material->id] as $cell)
                                <td @class(['mine' => $cell->isMine])>
                                    @if ($cell->{$keep})
                                        <p><b>{{ $cell->{$keep}->said }}</b></p>
                                        <p>{{ Decimal::print($cell->{$keep}->grams).' g' }}@if ($cell->{$keep}->inHundred !== null), <span class="{{ $cell->{$keep}->isSure ? 'good' : 'bad' }}">{{ $cell->{$keep}->inHundred }} in 100</span>@endif<br>{{ Duration::about($cell->{$keep}->minutes) }}@if ($keep === 'counts')<br>firmness {{ Decimal::print($cell->firmness, 2) }}<br><span class="soft">{{ $cell->isMeasured ? 'swatch measured' : 'expected' }}</span>@endif</p>
                                        <form method="post" action="{{ $here }}">@csrf<input type="hidden" name="material_id" value="{{ $material->id }}"><input type="hidden" name="hook" value="{{ $cell->hook }}"><input type="hidden" name="keep" value="{{ $keep }}"><button class="plain" aria-label="Take {{ $material->name }} on {{ $cell->hook }}, {{ $keep }} kept">Take it</button></form>
                                    @else
                                        <p class="soft">{{ $keep === 'counts' ? 'make no bag' : 'no counts come to it' }}</p>
                                    @endif
                                </td>
                            @endforeach
                        </tr>
                    @endforeach
                </tbody>
            @endforeach
        </table>
    </div>
    <p class="hint">Firmness is the strand’s thickness over a stitch’s width: the larger, the stiffer the fabric. Hours are {{ $sheet->pace() }}. Tight, bulky work strains the hands; take the larger hook when it pulls.</p>
</x-layout>
