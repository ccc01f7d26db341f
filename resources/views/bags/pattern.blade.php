{{-- The pattern row by row; a run of like rounds is written once. Notes stand at the row they speak of. --}}
@php $part = null; @endphp
<p class="method">{{ $sheet->explained() }} The number at the end of a row is what to count there.</p>
<ol class="words">
    @foreach ($sheet->sections() as $section)
    @if ($section->title !== '')<li class="piece-start"><h2>{{ $section->title }}</h2></li>@endif
    @if ($section->start !== '')<li class="part-start"><b>Foundation</b><span class="text">{{ $section->start }}</span><span class="count">{{ $section->chain }}</span></li>@endif
    @php $part = null; @endphp
    @foreach ($section->runs as $run)
        <li @class(['part-start' => $run->part !== $part])>
            <b>{{ $run->name }}@if ($run->side !== '') <small>{{ $run->side }}</small>@endif</b>
            <span class="text">{{ $run->text }}</span>
            <span class="count" aria-label="{{ $run->count }} stitches">{{ $run->count }}</span>
            @foreach ($run->notes as $note)
                <p class="aside">{{ $note->text() }}</p>
            @endforeach
        </li>
        @php $part = $run->part; @endphp
    @endforeach
    @endforeach
    @foreach ($sheet->closing() as $name => $text)
        <li @class(['part-start' => $loop->first])><b>{{ $name }}</b><span class="text">{{ $text }}</span></li>
    @endforeach
</ol>
