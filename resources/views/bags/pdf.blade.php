@use(App\Drawing\LayDrawing)
@use(App\Drawing\Typeset)
@php
    $plan = $sheet->plan;
    $drawings = $sheet->drawings();
    $steps = $sheet->folding();
    $picture_of = fn (array $one): string => 'data:image/svg+xml;base64,'.base64_encode(Typeset::outlined($one[1]->alone()));
    $svg_of = fn (string $svg): string => 'data:image/svg+xml;base64,'.base64_encode(Typeset::outlined($svg));
@endphp
<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $sheet->bag->name() }}</title>
<style>
    @foreach (['text' => 'Text', 'name' => 'Name'] as $use => $family)
        @foreach (['latin' => '', 'latin-ext' => ' Ext'] as $subset => $ext)
            @font-face { font-family: 'Fescue {{ $family.$ext }}'; font-weight: normal; src: url('{{ Typeset::folder() }}/{{ $use }}-{{ $subset }}-plain.ttf') format('truetype'); }
            @font-face { font-family: 'Fescue {{ $family.$ext }}'; font-weight: bold; src: url('{{ Typeset::folder() }}/{{ $use }}-{{ $subset }}-bold.ttf') format('truetype'); }
        @endforeach
    @endforeach
    @page { margin: 16mm 18mm; }
    body { font: 10pt/1.35 'Fescue Text'; color: #22302b; }
    .ext { font-family: 'Fescue Text Ext'; }
    h1, h2 { font-family: 'Fescue Name'; font-weight: bold; page-break-after: avoid; }
    h1 .ext, h2 .ext { font-family: 'Fescue Name Ext'; }
    h1 { font-size: 20pt; margin: 0 0 2mm; }
    h2 { font-size: 12pt; border-top: 1.5pt solid #22302b; padding-top: 2mm; margin: 5mm 0 2mm; }
    table { width: 100%; border-collapse: collapse; }
    td { border-top: .5pt solid #b9b09c; padding: 1.5mm 2mm 1.5mm 0; vertical-align: top; }
    td.name { width: 27mm; font-weight: bold; }
    td.piece { font-family: 'Fescue Name'; font-size: 11pt; font-weight: bold; padding-top: 4mm; border-top: 1.2pt solid #22302b; }
    td.count { width: 14mm; text-align: right; font-weight: bold; padding-right: 0; }
    .aside { color: #8f3715; font-size: 9pt; }
    img { width: 173.57mm; }
    .drawing { page-break-inside: avoid; }
    .care { font-size: 9pt; }
    .cover { page-break-after: always; }
    .photograph { max-width: 120mm; max-height: 150mm; width: auto; }
</style>
</head>
<body>
@if ($cover)
<div class="cover">
    <h1>{{ $sheet->bag->name() }}</h1>
    <p>{{ $sheet->figure($plan->comesOut->flatWidth) }} × {{ $sheet->say($plan->comesOut->height) }} {{ $sheet->foot() }}.</p>
    <p>@if ($picture !== null)<img class="photograph" src="data:image/jpeg;base64,{{ base64_encode($picture->jpeg) }}" alt="The bag">@else<img src="{{ $picture_of($drawings['side'] ?? $drawings['closed'] ?? array_values($drawings)[0]) }}" alt="The bag">@endif</p>
    @if ($done !== null)
    <table>
        @if ($done->wide !== null || $done->high !== null)<tr><td class="name">It came</td><td>{{ implode(' × ', array_filter([$done->wide, $done->high])) }}</td></tr>@endif
        @if ($done->outcome() !== null)<tr><td class="name">It took</td><td>{{ round($done->outcome()->came) }} g</td></tr>@endif
        @if ($done->load !== null)<tr><td class="name">It held</td><td>{{ $done->load }}</td></tr>@endif
        @if ($done->otherwise !== '')<tr><td class="name">Next time</td><td>{{ $done->otherwise }}</td></tr>@endif
    </table>
    @endif
</div>
@endif
<h1>{{ $sheet->bag->name() }}</h1>
<p>{{ $sheet->figure($plan->comesOut->flatWidth) }} × {{ $sheet->say($plan->comesOut->height) }} {{ $sheet->foot() }}. {{ strtoupper($sheet->terms->value) }} stitch names.</p>
<h2>You need</h2>
<table>
    @foreach ($sheet->needs() as [$what, $much])
        <tr><td>{{ $what }}</td><td class="count" style="width: 50mm">{{ $much }}</td></tr>
    @endforeach
</table>
<h2>{{ $plan->assembly() === null ? 'Rounds' : 'Pieces' }}</h2>
<p>{{ $sheet->explained() }}</p>
<table>
    @foreach ($sheet->sections() as $section)
    @if ($section->title !== '')<tr><td colspan="3" class="piece">{{ $section->title }}</td></tr>@endif
    @if ($section->start !== '')<tr><td class="name">Foundation</td><td>{{ $section->start }}</td><td class="count">{{ $section->chain }}</td></tr>@endif
    @foreach ($section->runs as $run)
        <tr>
            <td class="name">{{ $run->name }}@if ($run->side !== '')<br><small>{{ $run->side }}</small>@endif</td>
            <td>{{ $run->text }}
                @foreach ($run->notes as $note)<div class="aside">{{ $note->text() }}</div>@endforeach
            </td>
            <td class="count">{{ $run->count }}</td>
        </tr>
    @endforeach
    @endforeach
    @foreach ($sheet->closing() as $name => $text)
        <tr><td class="name">{{ $name }}</td><td>{{ $text }}</td><td></td></tr>
    @endforeach
</table>
@if ($sheet->cautions() !== [])<h2>Take care</h2>@endif
<div class="care">
    @foreach ($sheet->cautions() as $note)
        <p><b>{{ $note->lead }}</b> {{ $note->rest }}</p>
    @endforeach
</div>
<div class="drawing"><h2>Drawings</h2>
@foreach ($drawings as $name => [$title, $canvas, $said])
@if (! $loop->first)<div class="drawing">@endif<p>{{ $title }}, drawn {{ $canvas->ratio() }}{{ $loop->first ? ' where paper is printed at its own size' : $said }}.<br><img src="{{ $svg_of($canvas->alone()) }}" alt="{{ $title }}"></p></div>
@endforeach
@if ($steps !== null)<div class="drawing"><h2>Going together</h2><table><tr>@foreach ($steps->does() as $nth => $does)<td style="border: 0"><b>{{ $nth + 1 }}</b> {{ $does }}<br><img style="width: 40mm" src="{{ $svg_of($steps->step($nth, 220, 170)) }}" alt="{{ $does }}"></td>@endforeach</tr></table></div>@endif
@foreach ($plan->fitted as $fitted)
    @if ($cover && $fitted->lining !== null)
    @php $lay = LayDrawing::of($fitted->lining, $plan->spec->finish[$loop->index]->cloth(), $sheet->unit); @endphp
    @if ($lay !== null)<div class="drawing"><h2>Lining, {{ $fitted->lining->as }}</h2><p>The lay, drawn {{ $lay->ratio() }}.<br><img src="{{ $svg_of($lay->alone()) }}" alt="The lay"></p></div>@endif
    @endif
@endforeach
</body>
</html>
