<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Sheet;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Sheet\Section;
use Fescue\Core\Sheet\Sheet;
use Fescue\Core\Stitch\Terms;
use PHPUnit\Framework\Assert;

/** Reads a sheet as a pattern editor would, and takes nothing for granted. */
final class Editor
{
    /** A line that is longer is not kept in mind while it is worked. */
    private const LONG = 400;

    /** What finishing uses, and as what Materials have it. */
    private const NOUNS = [
        'with thread' => 'thread', 'pin(?:s|ned)?' => 'pins', 'press it(?! (?:out|in) )' => 'iron|turn lock', 'a card of' => 'card',
        'leather' => 'leather', 'chalk' => 'chalk', 'zip' => 'zip', 'cloth' => 'cloth',
        'clasp' => 'clasp', 'bar' => 'bar',
    ];

    /** What Materials list, and what is done with it. */
    private const TOOLS = [
        'sewing needle and thread' => 'sew|thread|stitch it', 'pins' => '\\bpin', 'clips' => '\\bclip', 'iron' => 'press|iron',
        'scraps of cloth or leather' => 'scrap|leather', 'chalk' => 'chalk', 'stiff card' => 'card',
        'stitch marker' => 'mark', 'blunt needle' => 'needle',
    ];

    public static function reads(Sheet $sheet, BagPlan $plan, Terms $terms, string $of): void
    {
        $text = $sheet->text();
        if (str_contains($text, 'Turning chains do not count as a stitch.')) {
            Assert::assertDoesNotMatchRegularExpression('/^Rows? .*\(counts as/m', $text, "{$of} says it both ways.");
        }
        if ($terms === Terms::UK) {
            Assert::assertDoesNotMatchRegularExpression(
                '/^.*\b(?:skip\w*|gauge|hdc|sl st)\b.*$/mi',
                (string) preg_replace('/^.*\bUS\b.*$/m', '', $text),
                "{$of} is told in US names.",
            );
        }
        if ($terms === Terms::ES) {
            Assert::assertDoesNotMatchRegularExpression(
                '/^.*\b(?:the|and|with|from|that|your|its?|stitch(?:es)?|rounds?|hook|work|over|each)\b.*$/mi',
                $text,
                "{$of} is not told in one tongue.",
            );
        }
        // In its order, each heading once, nothing of a program left over.
        $heads = [
            $sheet->titles->size, $sheet->titles->materials, $sheet->titles->gauge, $sheet->titles->abbreviations,
            $sheet->titles->notes, $sheet->titles->finishing,
        ];
        $at = 0;
        foreach ($heads as $head) {
            $found = strpos($text, "\n\n{$head}\n");
            Assert::assertNotFalse($found, "{$of}: {$head}\n{$text}");
            Assert::assertGreaterThanOrEqual($at, $found, "{$of}: {$head}");
            $at = $found;
        }
        Assert::assertDoesNotMatchRegularExpression('/(?<![\d.,])1 (?:sts|rows|chs|stitches)\b/', $text, $of);
        foreach (['{', '}', '  ', ' ,', ' .', '()'] as $never) {
            Assert::assertStringNotContainsString($never, $text, "{$of}\n{$text}");
        }
        Assert::assertSame(substr_count($text, '('), substr_count($text, ')'), $of);
        Assert::assertSame(substr_count($text, '['), substr_count($text, ']'), $of);
        if ($terms === Terms::US) {
            $materials = implode("\n", array_column($sheet->materials, 1));
            foreach ($sheet->finishing as [$name, $said]) {
                foreach (self::NOUNS as $noun => $listed) {
                    if (preg_match("/\\b{$noun}\\b/i", "{$name} {$said}") === 1) {
                        Assert::assertMatchesRegularExpression("/{$listed}/i", $materials, "{$of}: {$said}");
                    }
                }
            }
            // What is listed is used.
            $does = (string) substr($text, (int) strpos($text, "\n\n{$sheet->titles->notes}\n"));
            foreach (self::TOOLS as $tool => $used) {
                if (str_contains($materials, $tool)) {
                    Assert::assertMatchesRegularExpression("/{$used}/i", $does, "{$of}: {$tool} is listed");
                }
            }
        }
        // Every row is told once, in its order, with its count.
        $told = [];
        foreach ($sheet->sections as $section) {
            foreach ($section->lines as $nth => $line) {
                if ($line->rows !== []) {
                    Assert::assertNotSame('', $line->head, $of);
                    // What goes on in a next line is counted at its end.
                    for ($end = $nth; str_ends_with($section->lines[$end]->text, ',')
                        || str_ends_with($section->lines[$end]->text, ';'); $end++) {
                        Assert::assertSame('', $section->lines[$end]->count, $of);
                        Assert::assertSame('', $section->lines[$end + 1]->head, $of);
                    }
                    Assert::assertMatchesRegularExpression('/^\d/', $section->lines[$end]->count, $of);
                }
                Assert::assertLessThanOrEqual(self::LONG, mb_strlen($line->text), "{$of}: {$line->text}");
                array_push($told, ...array_map(strval(...), $line->rows));
            }
        }
        Assert::assertSame($told, array_unique($told), $of);
        Assert::assertSame([], array_diff($told, [...$plan->work->names(), ...array_map(
            fn(int $row): string => "Row {$row}",
            range(1, 400),
        )]), $of);
        // What a row is abbreviated with is told, and what is told is used.
        $rows = implode("\n", array_merge(...array_map(fn(Section $one): array => array_merge(...array_map(
            fn($line): array => [...$line->before, $line->head, $line->text, $line->count],
            $one->lines,
        )), $sheet->sections)))."\n".implode("\n", [...$sheet->notes, $sheet->gauge, ...array_column($sheet->specials, 1)]);
        foreach ($sheet->abbreviations as [$short, $long]) {
            Assert::assertStringContainsStringIgnoringCase($short, $rows, "{$of}: {$short} is told");
            Assert::assertNotSame('', $long);
        }
        $known = array_column($sheet->abbreviations, 0);
        preg_match_all('/(?<![\p{L}\d-])(?:[FB]P)?(?:sc|hdc|dc|tr|htr|dtr|pb|mpa|pa|pad)(?![\p{L}])/u', $rows, $used);
        foreach (array_unique($used[0]) as $one) {
            Assert::assertContains($one, $known, "{$of}: {$one} is used");
        }
        // Of UK names no US one is left, and the other way round.
        if (in_array($terms, [Terms::US, Terms::UK], true)) {
            $other = ['us' => ['htr', 'dtr', 'miss next'], 'uk' => ['hdc', 'sk next', 'sl st']][$terms->value];
            foreach ($other as $one) {
                Assert::assertDoesNotMatchRegularExpression("/\\b{$one}\\b/", $rows, $of);
            }
        }
    }
}
