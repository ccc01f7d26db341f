@use(App\Drawing\LayDrawing)
@use(App\Rules\Typed)
@use(Fescue\Core\Measure\Decimal)
@php
    $plan = $sheet->plan;
    $lining = $finish->lining;
    $lay = LayDrawing::of($lining, $finish->cloth, $sheet->unit);
    $long = $lining->lay($finish->cloth->mm)[1] ?? null;
    $asked = array_filter(request()->only(['seam', 'cloth', 'lies', 'stands', 'closure']), is_string(...));
    $noun = $plan->spec->strands->own->kind->noun();
    $done = $finish->finish;
@endphp
<x-layout :title="$bag->name().', finish'">
    @include('bags.head')
    <div class="card-page">
        <section aria-label="Finish">
            <div class="section-rule">
                <h2>Lining, {{ $lining->as }}</h2>
                <form class="sift" method="get" action="{{ route('bags.finish', $bag) }}">
                    @foreach (['seam' => ['Seam', '1 cm'], 'cloth' => ['Cloth is wide', $sheet->say($finish->cloth)], 'lies' => ['The bag lies, wide', $sheet->say($plan->comesOut->flatWidth)], 'stands' => ['It stands, high', $sheet->say($plan->comesOut->height)], 'closure' => ['The closure is wide', $sheet->say($finish->closureWide)]] as $field => [$label, $else])
                        <label>{{ $label }} <input class="form-control" name="{{ $field }}" value="{{ Typed::text(request(), $field) }}" placeholder="{{ $else }}" autocomplete="off" aria-describedby="{{ $field }}-wrong"></label>
                        @if ($errors->has($field))<p class="wrong" id="{{ $field }}-wrong">{{ $label }}: {{ $errors->first($field) }}</p>@endif
                    @endforeach
                    <button class="btn btn-quiet">Draw it</button>
                </form>
                @if ($lay === null)
                    <p class="wrong">A piece is wider than the cloth; take wider cloth, or lay it the other way round.</p>
                @else
                    <div class="table-head"><h3>The lay</h3><span>{{ Decimal::print($long / 10, 0) }} cm of cloth · drawn {{ $lay->ratio() }}</span></div>
                    <div class="sheet" tabindex="0" role="group" aria-label="The lay of the lining">{!! $lay->inline() !!}</div>
                @endif
                <p><a href="{{ route('bags.finish.pdf', [$bag, 'paper' => 'A4'] + $asked) }}">Pieces at true size, A4</a> · <a href="{{ route('bags.finish.pdf', [$bag, 'paper' => 'Letter'] + $asked) }}">Letter</a>: print at 100 % and measure the bar.</p>
                <ol class="numbered">@foreach ($lining->order as $step)<li>{{ $step }}</li>@endforeach</ol>
                <p class="care-line">Scissors and rotary cutters: cut away from you, on a mat, with the guard on; pins counted before and after.</p>
            </div>
            <div class="section-rule">
                <h2>Closing it</h2>
                @if ($finish->closure === null)
                    <p class="wrong">A closure of {{ $sheet->say($finish->closureWide) }} is wider than the opening.</p>
                @else
                    <p>A magnet, snap, clasp or button {{ $sheet->say($finish->closureWide) }} wide stands in the middle of both sides: {{ $sheet->say($finish->closure->from) }} from either fold, on stitch {{ Decimal::exact($finish->closure->stitch) }} of {{ $finish->closure->side }}@if ($finish->closure->off > 0), half a stitch off either way: it takes whole stitches @endif. Think of it in {{ $finish->closure->row }}.</p>
                @endif
                <p>A zip is as long as the opening: {{ $sheet->say($plan->comesOut->flatWidth) }} lying flat, less a stitch at each end.</p>
                <p>A drawstring: {{ $sheet->say($finish->string->length) }}, in and out through {{ $finish->string->gaps }} gaps, its ends {{ $finish->string->out[0] }} stitches either side of the front’s middle.@if ($finish->string->doubled !== []) Pass two stitches at {{ implode(' and ', $finish->string->doubled) }}, so that the gaps come out even.@endif {{ Decimal::print($finish->grams($finish->string->length) * 3, 0) }} g of {{ $noun }} as a chain.</p>
                <p class="care-line">Small magnets and snaps are swallowed: not where small children are. Cords and long straps can strangle.</p>
            </div>
            <div class="section-rule">
                <h2>Tassels</h2>
                <p>{{ $finish->tassels->many }} round the edge, one on every sixth stitch: 50 wraps on a card of 5.5 cm, a tie of 15 cm, a binding of 30 cm. {{ $sheet->say($finish->tassels->each) }} each, {{ Decimal::print($finish->tassels->strand->mm / 1000, 1) }} m and {{ Decimal::print($finish->grams($finish->tassels->strand), 0) }} g in all.</p>
            </div>
            <div class="section-rule">
                <h2>Ends and load</h2>
                <dl class="closing">@foreach ($sheet->closing() as $name => $text)<dt>{{ $name }}</dt><dd>{{ $text }}</dd>@endforeach</dl>
            </div>
        </section>
        <aside aria-label="What it was">
            <section class="section-rule">
                <h2>{{ $done === null ? 'It is done' : 'What it was' }}</h2>
                @if ($done !== null)
                    <table class="plain-table">
                        <thead><tr><th scope="col">side</th><th scope="col">planned</th><th scope="col">came</th><th scope="col">off</th></tr></thead>
                        <tbody>
                            @foreach (['wide' => $plan->comesOut->flatWidth, 'high' => $plan->comesOut->height] as $side => $planned)
                                <tr><th scope="row">{{ $side }}</th><td>{{ $sheet->say($planned) }}</td><td>{{ $done->{$side} ?? 'not measured' }}</td><td>{{ $finish->off($done->{$side}, $planned) }}</td></tr>
                            @endforeach
                            <tr><th scope="row">held</th><td></td><td>{{ $finish->held() ?: 'not hung' }}</td><td></td></tr>
                        </tbody>
                    </table>
                    @if ($done->otherwise !== '')<p>“{{ $done->otherwise }}”</p>@endif
                    <form method="post" action="{{ route('bags.finish.undo', $bag) }}">@csrf @method('delete')<button class="plain">It is not done yet</button></form>
                @endif
                <form method="post" action="{{ route('bags.finish.store', $bag) }}">
                    @csrf
                    @foreach (['wide' => 'Lies, wide', 'high' => 'High', 'load' => 'Held for an hour, kg'] as $field => $label)
                        <div class="field line">
                            <label for="{{ $field }}">{{ $label }}</label>
                            <input class="form-control" id="{{ $field }}" name="{{ $field }}" autocomplete="off" value="{{ Typed::before($field, $field === 'load' ? $finish->held() : $done->{$field} ?? '') }}" aria-describedby="{{ $field }}-wrong">
                            <p class="wrong" id="{{ $field }}-wrong">{{ $errors->first($field) }}</p>
                        </div>
                    @endforeach
                    <div class="field">
                        <label for="otherwise">What I would do otherwise</label>
                        <textarea class="form-control" id="otherwise" name="otherwise" rows="3" aria-describedby="otherwise-wrong">{{ Typed::before('otherwise', $done->otherwise ?? '') }}</textarea>
                        <p class="wrong" id="otherwise-wrong">{{ $errors->first('otherwise') }}</p>
                    </div>
                    <button class="btn btn-primary">Write it down</button>
                </form>
                <p class="hint">Hang the full bag from a hook for an hour before you carry anything in it: look at the handles’ feet, the seams, the joins. It is home-made and untested, never for lifting, never over people. What is left of the {{ $noun }} is weighed at <a href="{{ route('bags.enough', $bag) }}">Enough?</a>, after the last row.</p>
            </section>
            <section class="section-rule">
                <h2>Make it again</h2>
                <form method="post" action="{{ route('bags.again', $bag) }}">
                    @csrf
                    <div class="field line">
                        <label for="larger">Larger by, %</label>
                        <input class="form-control" id="larger" name="larger" inputmode="decimal" autocomplete="off" value="{{ Typed::before('larger') }}" placeholder="0" aria-describedby="larger-wrong">
                        <p class="wrong" id="larger-wrong">{{ $errors->first('larger') }}</p>
                    </div>
                    <button class="btn btn-quiet">A new bag like it</button>
                </form>
            </section>
        </aside>
    </div>
</x-layout>
