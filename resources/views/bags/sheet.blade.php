{{-- A bag on paper. Its styles are in paper.scss; what it draws is what the pages draw. --}}
@use(App\Drawing\BagOutline)
@use(App\Drawing\LayDrawing)
@use(Fescue\Core\Measure\Decimal)
@php
    $plan = $sheet->plan;
    $drawings = $sheet->drawings();
    $steps = $sheet->folding();
    $out = $plan->comesOut;
    $outline = BagOutline::of($plan, $sheet->bag->colour());
    [$wide, $high] = [220, 190];
@endphp
<main class="sheet-of-paper">
<header class="sheet-head">
    <div>
        <h1>{{ $sheet->bag->name() }}</h1>
        <p class="soft">{{ $sheet->kind() }} · {{ $sheet->work() }}</p>
        <div class="sheet-facts">
            <section>
                <h2>Finished size</h2>
                <p>{{ $sheet->figure($out->flatWidth) }} × {{ $sheet->say($out->height) }} {{ $sheet->foot() }}@if ($out->litres > 0.05), {{ Decimal::print($out->litres, 1) }} l @endif</p>
            </section>
            <section>
                <h2>Gauge</h2>
                <p>{{ $sheet->gauge() }}, {{ $plan->spec->hands->hook->print() }} hook.</p>
            </section>
        </div>
    </div>
    @if ($picture !== null)<img class="photograph" src="data:image/jpeg;base64,{{ base64_encode($picture->jpeg) }}" alt="The bag">
    @else<div class="portrait" aria-hidden="true">{!! $outline->svg(min(1.2, ($wide - 20) / $outline->width(), ($high - 16) / $outline->height()), $wide, $high) !!}</div>@endif
</header>
@if ($done !== null && ($done->wide !== null || $done->high !== null || $done->outcome() !== null || $done->load !== null || $done->otherwise !== ''))
<section>
    <h2>As it came</h2>
    <dl class="sheet-list">
        @if ($done->wide !== null || $done->high !== null)<div><dt>It came</dt><dd>{{ implode(' × ', array_filter([$done->wide, $done->high])) }}</dd></div>@endif
        @if ($done->outcome() !== null)<div><dt>It took</dt><dd>{{ round($done->outcome()->came) }} g</dd></div>@endif
        @if ($done->load !== null)<div><dt>It held</dt><dd>{{ $done->load }}</dd></div>@endif
        @if ($done->otherwise !== '')<div><dt>Next time</dt><dd>{{ $done->otherwise }}</dd></div>@endif
    </dl>
</section>
@endif
<section>
    <h2>You need</h2>
    <dl class="sheet-list two">
        @foreach ($sheet->needs() as [$what, $much])
            <div><dt>{{ $what }}</dt><dd>{{ $much }}</dd></div>
        @endforeach
    </dl>
</section>
<section>
    <h2>{{ $plan->assembly() === null ? 'Rounds' : 'Pieces' }}</h2>
    <p>{{ $sheet->explained() }} {{ strtoupper($sheet->terms->value) }} stitch names. The number at the end of a row is what to count there.</p>
    @foreach ($sheet->sections() as $section)
    @if ($section->title !== '')<h3>{{ $section->title }}</h3>@endif
    <table>
        @if ($section->start !== '')<tr><th scope="row">Foundation</th><td>{{ $section->start }}</td><td class="count">{{ $section->chain }}</td></tr>@endif
        @foreach ($section->runs as $run)
            <tr>
                <th scope="row">{{ $run->name }}@if ($run->side !== '')<br><small>{{ $run->side }}</small>@endif</th>
                <td>{{ $run->text }}
                    @foreach ($run->notes as $note)<div class="aside">{{ $note->text() }}</div>@endforeach
                </td>
                <td class="count">{{ $run->count }}</td>
            </tr>
        @endforeach
    </table>
    @endforeach
</section>
@if ($sheet->closing() !== [])
<section>
    <h2>Finishing</h2>
    <table>
        @foreach ($sheet->closing() as $name => $text)
            <tr><th scope="row">{{ $name }}</th><td>{{ $text }}</td><td></td></tr>
        @endforeach
    </table>
</section>
@endif
@if ($sheet->cautions() !== [])
<section class="care">
    <h2>Take care</h2>
    @foreach ($sheet->cautions() as $note)
        <p><b>{{ $note->lead }}</b> {{ $note->rest }}</p>
    @endforeach
</section>
@endif
@foreach ($drawings as [$title, $canvas, $said])
<figure class="drawing">
    <h2>{{ $title }}</h2>
    {!! $canvas->inline() !!}
    <figcaption>Drawn {{ $canvas->ratio() }} where paper is printed at its own size{{ $said }}.</figcaption>
</figure>
@endforeach
@if ($steps !== null)
<figure class="drawing">
    <h2>Going together</h2>
    <ol class="folding">@foreach ($steps->does() as $nth => $does)<li>{!! $steps->step($nth, 220, 170) !!}<b>{{ $nth + 1 }}</b> {{ $does }}</li>@endforeach</ol>
</figure>
@endif
@foreach ($plan->fitted as $fitted)
    @if ($whole && $fitted->lining !== null)
    @php $lay = LayDrawing::of($fitted->lining, $plan->spec->finish[$loop->index]->cloth(), $sheet->unit); @endphp
    @if ($lay !== null)<figure class="drawing"><h2>Lining, {{ $fitted->lining->as }}</h2>{!! $lay->inline() !!}<figcaption>The lay, drawn {{ $lay->ratio() }}.</figcaption></figure>@endif
    @endif
@endforeach
</main>
