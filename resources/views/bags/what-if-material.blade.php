@use(App\Drawing\SizeMark)
@use(Fescue\Core\Measure\Decimal)
@use(Fescue\Core\Measure\Duration)
@php
    $out = $compared->sheet->plan->comesOut;
    $row = $compared->rows[$material->id];
    $room = max(0.0, ...array_map(fn($cell) => $cell->counts->flat[1] ?? 0.0, $row));
    $take = ($here ?? route('bags.what-if', $bag))."?material_id={$material->id}";
@endphp
<tbody>
    @foreach (['counts', 'size'] as $keep)
        <tr>
            @if ($keep === 'counts')<th scope="rowgroup" rowspan="2">{!! $material->chip() !!}
                {{ $material->name }}</th>@endif
            <th scope="row" class="stays">{{ $keep === 'counts' ? 'counts stay' : 'size stays' }}</th>
            @foreach ($row as $cell)
                @php $would = $cell->{$keep}; @endphp
                <td @class(['mine' => $cell->isMine])>
                    @if ($would)
                        @if ($keep === 'counts'){!! SizeMark::of($would->flat, [$out->flatWidth->mm, $out->height->mm],
                            $room, $material->colour) !!}@endif
                        <p><b>{{ $would->said }}</b></p>
                        <p>{{ Decimal::print($would->grams).' g' }}@if ($would->inHundred !== null), <span
                            class="{{ $would->isSure ? 'good' : 'bad' }}">{{ $would->inHundred }} in
                            100</span>@endif<br>{{ Duration::about($would->minutes) }}@if ($keep === 'counts')
                            <br>firmness {{ Decimal::print($cell->firmness, 2) }}<br><span
                            class="soft">{{ $cell->isMeasured ? 'swatch measured' : 'expected' }}</span>@endif</p>
                        <button class="plain"
                            formaction="{{ $take }}&amp;hook={{ rawurlencode($cell->hook) }}&amp;keep={{ $keep }}"
                            aria-label="Take {{ $material->name }} on {{ $cell->hook }}, {{ $keep }} kept">Take
                            it</button>
                    @else
                        <p class="soft">{{ $keep === 'counts' ? 'make no bag' : 'no counts come to it' }}</p>
                    @endif
                </td>
            @endforeach
        </tr>
    @endforeach
</tbody>
