{{-- The pattern as it is published, on pages and on paper: everything in its order, told once. --}}
@php
    $published = $sheet->words()->published();
    $meant = fn (string $line): string => implode('', array_map(
        fn (array $part): string => $part[1] === '' ? e($part[0])
            : '<abbr title="'.e($part[1]).'">'.e($part[0]).'</abbr>',
        $published->meanings($line),
    ));
@endphp
<div class="pattern" lang="{{ $sheet->tongue()->locale() }}">
    <p class="level">@if ($published->by !== ''){{ $published->by }} · @endif{{ $published->level }}</p>
    @if ($published->rights !== '')<p class="level">{{ $published->rights }}</p>@endif
    <div class="facts">
        <section><h2>{{ $published->titles->size }}</h2>@foreach ($published->size as $one)<p>{{ $one }}</p>@endforeach
            </section>
        <section><h2>{{ $published->titles->gauge }}</h2><p>{{ $published->gauge }}</p></section>
    </div>
    <section>
        <h2>{{ $published->titles->materials }}</h2>
        <ul class="material">@foreach ($published->materials as [$letter, $one])
            <li>@if ($letter !== '')<b>{{ $letter }}</b> @endif{{ $one }}</li>@endforeach</ul>
    </section>
    <section>
        <h2>{{ $published->titles->abbreviations }}</h2>
        <p>@foreach ($published->abbreviations as [$short, $long])@if (! $loop->first) · @endif<b>{{ $short }}</b>
            {{ $long }}@endforeach</p>
    </section>
    @if ($published->specials !== [])
    <section>
        <h2>{{ $published->titles->specials }}</h2>
        @foreach ($published->specials as [$name, $how])<p><b>{{ $name }}</b>, {{ $how }}</p>@endforeach
    </section>
    @endif
    <section>
        <h2>{{ $published->titles->notes }}</h2>
        @foreach ($published->notes as $one)<p>{{ $one }}</p>@endforeach
    </section>
    @foreach ($published->sections as $section)
    <section @class(['made', 'leads' => ($section->lines[0]->head === '' || $section->lines[0]->before !== [])
        && mb_strlen($section->title) <= 9])>
        <h2>{{ $section->title }}</h2>
        <ol class="words">
            @foreach ($section->lines as $line)
                @foreach ($line->before as $one)<li class="before"><p class="aside">{{ $one }}</p></li>@endforeach
                <li><b>{{ $line->head }}</b><span class="text">{!! $meant($line->text) !!}</span><span
                    class="count">{{ $line->count === '' ? '' : "({$line->count})" }}</span></li>
            @endforeach
        </ol>
    </section>
    @endforeach
    @if ($published->finishing !== [])
    <section>
        <h2>{{ $published->titles->finishing }}</h2>
        <dl class="finishing">@foreach ($published->finishing as [$name, $text])<div><dt>{{ $name }}</dt>
            <dd>{{ $text }}</dd></div>@endforeach</dl>
    </section>
    @endif
    @if ($published->cautions !== [])
    <section class="care">
        <h2>{{ $published->titles->care }}</h2>
        @foreach ($published->cautions as $one)<p>{{ $one }}</p>@endforeach
    </section>
    @endif
</div>
