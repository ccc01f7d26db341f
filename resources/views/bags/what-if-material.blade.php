@use(App\Drawing\SizeMark)
@use(App\Tongue\Tongues)
@use(Fescue\Core\Measure\Duration)
@use(Fescue\Core\Piece\Setting)
@php
    $out = $compared->sheet->plan->comesOut;
    $row = $compared->rows[$material->id];
    // Of counts that are as they are written, none follows the size.
    $follow = array_merge(...array_map(
        fn($part) => Setting::serving($part->maker->settings()),
        $compared->sheet->plan->parts,
    ));
    $keeps = $follow === [] ? ['counts'] : ['counts', 'size'];
    $room = max(0.0, ...array_map(fn($cell) => $cell->counts->flat[1] ?? 0.0, $row));
    $take = ($here ?? route('bags.what-if', $bag))."?material_id={$material->id}";
@endphp
<tbody>
    @foreach ($keeps as $keep)
        <tr>
            @if ($keep === 'counts')<th scope="rowgroup" rowspan="{{ count($keeps) }}">{!! $material->chip() !!}
                {{ $material->name }}</th>@endif
            <th scope="row" class="stays">{{ $keep === 'counts' ? __('counts stay') : __('size stays') }}</th>
            @foreach ($row as $cell)
                @php
                    $would = $cell->{$keep};
                    $took = ['material' => $material->name, 'hook' => $cell->hook];
                @endphp
                <td @class(['mine' => $cell->isMine]) data-hook="{{ $cell->hook }}">
                    @if ($would)
                        @if ($keep === 'counts'){!! SizeMark::of($would->flat, [$out->flatWidth->mm, $out->height->mm],
                            $room, $material->colour) !!}@endif
                        <p><b>{{ $would->said }}</b></p>
                        <p>{{ Tongues::figure($would->grams).' g' }}@if ($would->inHundred !== null), <span
                            class="{{ $would->isSure ? 'good' : 'bad' }}">{{ __('{n} in 100', ['n' =>
                            $would->inHundred]) }}</span>@endif<br>{{ Duration::about($would->minutes) }}@if ($keep ===
                                'counts')
                            <br>{{ __('firmness {firmness}', ['firmness' => Tongues::figure($cell->firmness, 2)])
                                }}<br><span
                            class="soft">{{ $cell->isMeasured ? __('swatch measured') : __('expected')
                            }}</span>@endif</p>
                        <button class="plain"
                            formaction="{{ $take }}&amp;hook={{ rawurlencode($cell->hook) }}&amp;keep={{ $keep }}"
                            aria-label="{{ $keep === 'counts'
                                ? __('Take {material} on {hook}, the counts kept', $took)
                                : __('Take {material} on {hook}, the size kept', $took) }}">{{
                                __('Take it') }}</button>
                    @else
                        <p class="soft">{{ $keep === 'counts' ? __('make no bag') : __('no counts come to it') }}</p>
                    @endif
                </td>
            @endforeach
        </tr>
    @endforeach
</tbody>
