{{-- The pattern in two tongues, line beside line: for who makes it and who sells it, or a class of both. --}}
@php
    [$one, $two] = [$sheet->words()->published(), $other->words()->published()];
    $langs = [$sheet->tongue()->locale(), $other->tongue()->locale()];
    $by = fn ($of): string => trim(($of->by === '' ? '' : "{$of->by} · ")."{$of->level}\n{$of->rights}");
    $pairs = [
        [$by($one), $by($two)],
        [$one->titles->size, $two->titles->size], [implode("\n", $one->size), implode("\n", $two->size)],
        [$one->titles->gauge, $two->titles->gauge], [$one->gauge, $two->gauge],
        [$one->titles->materials, $two->titles->materials],
    ];
    $heads = [$one->titles->size, $one->titles->gauge, $one->titles->materials, $one->titles->abbreviations,
        $one->titles->specials, $one->titles->notes, $one->titles->finishing, $one->titles->care];
    $zip = fn (array $a, array $b, \Closure $say): array => array_map(
        fn (int $nth): array => [isset($a[$nth]) ? $say($a[$nth]) : '', isset($b[$nth]) ? $say($b[$nth]) : ''],
        range(0, max(0, max(count($a), count($b)) - 1)),
    );
    array_push($pairs, ...$zip($one->materials, $two->materials, fn (array $of): string => trim(implode(' ', $of))));
    $short = fn ($of): string => implode(' · ', array_map(fn (array $word): string => implode(' ', $word),
        $of->abbreviations));
    array_push($pairs, [$one->titles->abbreviations, $two->titles->abbreviations], [$short($one), $short($two)]);
    $named = fn (array $of): string => "{$of[0]}, {$of[1]}";
    if ($one->specials !== []) {
        array_push($pairs, [$one->titles->specials, $two->titles->specials],
            ...$zip($one->specials, $two->specials, $named));
    }
    array_push($pairs, [$one->titles->notes, $two->titles->notes], ...$zip($one->notes, $two->notes, fn ($of) => $of));
    $line = fn ($of): string => trim(implode(' ', $of->before)."\n"
        .($of->head === '' ? '' : "{$of->head}: ").$of->text.($of->count === '' ? '' : " ({$of->count})"));
    foreach ($one->sections as $nth => $section) {
        $heads[] = $section->title;
        array_push($pairs, [$section->title, $two->sections[$nth]->title ?? ''], ...$zip(
            $section->lines, $two->sections[$nth]->lines ?? [], $line));
    }
    $step = fn (array $of): string => "{$of[0]}: {$of[1]}";
    if ($one->finishing !== []) {
        array_push($pairs, [$one->titles->finishing, $two->titles->finishing],
            ...$zip($one->finishing, $two->finishing, $step));
    }
    if ($one->cautions !== []) {
        array_push($pairs, [$one->titles->care, $two->titles->care],
            ...$zip($one->cautions, $two->cautions, fn ($of) => $of));
    }
@endphp
<div class="pattern pair">
    @foreach ($pairs as [$left, $right])
        @if (in_array($left, $heads, true) && $left !== '')
            <h2 lang="{{ $langs[0] }}">{{ $left }}</h2><h2 lang="{{ $langs[1] }}">{{ $right }}</h2>
        @else
            <p lang="{{ $langs[0] }}">{!! nl2br(e($left)) !!}</p><p lang="{{ $langs[1] }}">{!! nl2br(e($right)) !!}</p>
        @endif
    @endforeach
</div>
