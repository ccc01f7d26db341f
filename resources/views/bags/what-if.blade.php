@use(Fescue\Core\Estimate\Pace)
@use(Fescue\Core\Measure\Decimal)
@use(Fescue\Core\Measure\Duration)
@php $said = fn ($length) => $sheet->figure($length); @endphp
<x-layout :title="$bag->name().', what if'">
    @include('bags.head')
    @if ($errors->any())<div class="flash trouble" role="alert" tabindex="-1" data-focus><p>{{ $errors->first() }}</p></div>@endif
    <p>The same bag on other hooks and of other materials, {{ $from === '' ? 'as common proportions guess it: you have no swatch yet' : "learned from {$from}" }}. Above, the size if the counts stay; below, the counts if the size stays, and what they take.@if ($sheet->plan->spec->others !== []) All of it is reckoned in one material; taking a cell takes the others out. @endif</p>
    <form class="sift" method="get" action="{{ route('bags.what-if', $bag) }}">
        <fieldset class="picks"><legend>Materials, up to six</legend>
            @foreach ($strands as $one)<label><input type="checkbox" name="materials[]" value="{{ $one->id }}" @checked($materials->contains('id', $one->id))> {{ $one->name }}</label>@endforeach
        </fieldset>
        <button class="btn btn-quiet">Compare</button>
    </form>
    <div class="wide" tabindex="0" role="group" aria-label="Hooks and materials">
        <table class="what-if">
            <thead><tr><th scope="col">material</th>@foreach ($hooks as $hook)<th scope="col">{{ $hook->print() }}</th>@endforeach</tr></thead>
            <tbody>
                @foreach ($materials as $material)
                    <tr>
                        <th scope="row">{!! $material->chip() !!} {{ $material->name }}</th>
                        @foreach ($table[$material->id] as $cell)
                            @php $mine = $material->id === $bag->material_id && $cell->hook->exact() === $sheet->plan->spec->hook->exact(); $chance = $cell->estimate?->inHundred(); @endphp
                            <td @class(['mine' => $mine])>
                                @if ($cell->size)<p><b>{{ $said($cell->size->flatWidth) }} × {{ $sheet->say($cell->size->height) }}</b></p>@endif
                                @if ($cell->plan)
                                    <p>ch {{ $cell->plan->base->chain }}, {{ count($cell->plan->pattern->rows) }} rounds<br><b>{{ Decimal::print($cell->estimate->grams->likely) }} g</b>@if ($chance !== null), <span class="{{ $cell->estimate->isSure() ? 'good' : 'bad' }}">{{ $chance }} in 100</span>@endif<br>{{ Duration::about(Pace::of($cell->plan)->likely) }}, firmness {{ Decimal::print($cell->firmness, 2) }}<br><span class="soft">{{ $cell->predicted === null ? 'swatch measured' : 'expected' }}</span></p>
                                    <form method="post" action="{{ route('bags.what-if', $bag) }}">@csrf<input type="hidden" name="material_id" value="{{ $material->id }}"><input type="hidden" name="hook" value="{{ $cell->hook->exact() }}"><button class="plain" aria-label="Take {{ $material->name }} on {{ $cell->hook->exact() }}">Take it</button></form>
                                @else
                                    <p class="soft">no counts come to that size</p>
                                @endif
                            </td>
                        @endforeach
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    <p class="hint">Firmness is the strand’s thickness over a stitch’s width: the larger, the stiffer the fabric. Hours are guessed at 12 s a stitch. Tight, bulky work strains the hands; take the larger hook when it pulls.</p>
</x-layout>
