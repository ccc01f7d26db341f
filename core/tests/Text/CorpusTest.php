<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Text;

use Fescue\Core\Text\Checked;
use Fescue\Core\Text\ProvenRow;
use Fescue\Core\Text\Resize;
use Fescue\Core\Text\Speech;
use Fescue\Core\Text\TextProblem;
use Fescue\Core\Text\TextWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Texts as people write them, right and wrong, each with what is to be found in it: the tongue; what each row takes and
 * leaves ("22>48", "14/16" where it takes 14 of 16, "*3" of three alike); each problem with its row.
 */
final class CorpusTest extends TestCase
{
    /** @return iterable<string, array{string, string, list<string>, list<string>}> */
    public static function texts(): iterable
    {
        foreach ((array) glob(__DIR__.'/corpus/*.txt') as $file) {
            [$text, $expected] = explode("\n=====\n", (string) file_get_contents((string) $file));
            $lines = explode("\n", trim($expected, "\n"));
            $counts = [];
            foreach (array_filter(explode(' ', $lines[1])) as $one) {
                [$count, $many] = [...explode('*', $one), '1'];
                array_push($counts, ...array_fill(0, (int) $many, $count));
            }
            $problems = array_map(trim(...), array_slice($lines, 2));
            yield basename((string) $file, '.txt') => [$text, $lines[0], $counts, $problems];
        }
    }

    /**
     * @param list<string> $counts
     * @param list<string> $problems
     */
    #[DataProvider('texts')]
    public function testEachIsReadAndProven(string $text, string $tongue, array $counts, array $problems): void
    {
        $checked = Checked::of($text);
        self::assertSame(
            $problems,
            array_map(fn(TextProblem $one): string => trim("{$one->row} {$one->code}"), $checked->problems),
            json_encode(
                $checked->document()['problems'],
                JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE,
            ),
        );
        self::assertSame($counts, array_map(function (ProvenRow $row): string {
            $out = $row->outcome;

            return ($out->takes === $out->there ? '' : "{$out->takes}/")."{$out->there}>{$out->leaves}";
        }, $checked->rows));
        self::assertSame($tongue, $checked->tongue);
    }

    /**
     * What is told of each, read once and kept: its rows in another tongue, its problems at their places, and what each
     * mend would write over what. FESCUE_TELL=1 writes it anew; look at what changes before you keep it.
     *
     * @param list<string> $counts
     * @param list<string> $problems
     */
    #[DataProvider('texts')]
    public function testWhatIsToldOfIt(string $text, string $tongue, array $counts, array $problems): void
    {
        $checked = Checked::of($text);
        $tongues = array_keys(Speech::NAMED);
        $to = $tongues[(strlen((string) $this->dataName()) + (int) array_search($tongue, $tongues, true)) % count($tongues)];
        $writer = new TextWriter($to);
        $told = "{$to}\n";
        foreach ($checked->runs() as [$row, $last]) {
            $told .= "{$row->line->at->line} {$writer->row($row->line, $last)}\n";
        }
        foreach ($checked->problems as $one) {
            $told .= "{$one->line}:{$one->column} {$one->row} {$one->code}: {$one->said->english()}\n";
            foreach ($one->mends as $mend) {
                $told .= "    {$mend->at->line}:{$mend->at->column} {$mend->said->english()} "
                    ."“{$mend->at->text}” → “{$mend->to}”\n";
            }
        }
        foreach (self::sizes($checked, $text) as $what => $by) {
            foreach (Resize::ways($checked, $text, ...$by) as $one) {
                $told .= "{$what}: ".implode('; ', $one->changed)."\n";
            }
        }
        $file = __DIR__."/corpus/told/{$this->dataName()}.txt";
        if (getenv('FESCUE_TELL') === '1') {
            file_put_contents($file, $told);
        }
        self::assertStringEqualsFile($file, $told);
    }

    /** @return array<string, array{int, int, int}> across, rounds, rounds of increases */
    private static function sizes(Checked $checked, string $text): array
    {
        $step = $checked->isRight() ? Resize::step($checked, $text) : null;

        return ($step === null ? [] : ['wider' => [2 * $step, 0, 0]])
            + ['higher' => [0, 2, 0], 'lower' => [0, -1, 0], 'grown' => [0, 0, 1]];
    }
}
