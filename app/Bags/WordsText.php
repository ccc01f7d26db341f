<?php

declare(strict_types=1);

namespace App\Bags;

/** A bag's pattern as plain text. */
final class WordsText
{
    public static function of(PlanSheet $sheet): string
    {
        $out = $sheet->plan->comesOut;
        $lines = [
            $sheet->bag->name(),
            str_repeat('=', mb_strlen($sheet->bag->name())),
            '',
            "{$sheet->figure($out->flatWidth)} × {$sheet->say($out->height)} {$sheet->foot()}.",
            '',
            'You need',
        ];
        foreach ($sheet->needs() as [$what, $much]) {
            $lines[] = "- {$what}: {$much}";
        }
        array_push($lines, '', $sheet->explained(), '');
        foreach ($sheet->sections() as $section) {
            array_push($lines, ...($section->title === '' ? [] : ['', $section->title]));
            array_push($lines, ...($section->start === '' ? [] : ["Foundation: {$section->start}"]));
            foreach ($section->runs as $run) {
                $side = $run->side === '' ? '' : " ({$run->side})";
                $lines[] = "{$run->name}{$side}: {$run->text} ({$run->count})";
                foreach ($run->notes as $note) {
                    $lines[] = "    {$note->text()}";
                }
            }
        }
        foreach ($sheet->closing() as $name => $text) {
            $lines[] = "{$name}: {$text}";
        }
        foreach ($sheet->cautions() as $note) {
            $lines[] = "Take care. {$note->text()}";
        }

        return implode("\n", $lines)."\n";
    }
}
