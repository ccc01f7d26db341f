<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

use Fescue\Core\Instruction\Phrase;

/**
 * Rows that are told at once: one, like ones, several that come over and over, or edges that are joined alike.
 */
final readonly class Verse
{
    /** Rows that may come over and over. */
    private const LONGEST = 4;

    /** Seams alike that are told in a list, no fewer. */
    private const LISTED = 3;

    /**
     * @param non-empty-list<Row> $rows
     * @param string $name "Rounds 5–9"
     * @param string $text what is done, without names and counts
     * @param non-empty-list<string> $leaves what is counted at the end of its rows, each number once, in their order
     */
    private function __construct(
        public array $rows,
        public string $name,
        public string $text,
        public array $leaves,
    ) {}

    /**
     * @param list<Row> $rows of one piece
     * @param list<Row> $anew rows that begin a verse of their own, however they read
     * @param ?\Closure(Row): RowId $as what each is called; null: as it is numbered in its piece
     *
     * @return list<self>
     */
    public static function all(Writer $writer, array $rows, array $anew = [], ?\Closure $as = null): array
    {
        $as ??= fn(Row $row): RowId => $row->id;

        $runs = $writer->runs($rows, $anew);
        $verses = [];
        while ($runs !== []) {
            $seams = self::seams($writer, $runs, $anew);
            if ($seams !== []) {
                $verses[] = self::listed($writer, array_merge(...$seams), $as);
                array_splice($runs, 0, count($seams));

                continue;
            }
            [$long, $again] = self::cycle($writer, $runs, $anew);
            if ($long !== [] && $again !== []) {
                array_push($verses, ...array_map(fn(Row $row): self => self::run($writer, [$row], $as), $long));
                $verses[] = self::again($writer, $long, $again, $as);
                array_splice($runs, 0, count($long) + count($again));
            } else {
                $verses[] = self::run($writer, array_shift($runs), $as);
            }
        }

        return $verses;
    }

    /**
     * @param non-empty-list<Row> $rows that read alike
     * @param \Closure(Row): RowId $as
     */
    private static function run(Writer $writer, array $rows, \Closure $as): self
    {
        [$first, $last] = [$rows[0], $rows[count($rows) - 1]];

        return new self(
            $rows,
            $writer->headed($as($first), $as($last)),
            $writer->words($first),
            [$writer->counted($first)],
        );
    }

    /**
     * Those at the beginning that come over and over, and all that follow them so; none where they do not come once
     * more at least.
     *
     * @param non-empty-list<non-empty-list<Row>> $runs
     * @param list<Row> $anew
     *
     * @return array{list<Row>, list<Row>}
     */
    private static function cycle(Writer $writer, array $runs, array $anew): array
    {
        $rows = [];
        foreach ($runs as $run) {
            $isNext = count($run) === 1
                && $run[0]->kind === $runs[0][0]->kind
                && $run[0]->kind !== RowKind::Seam
                && $run[0]->part === $runs[0][0]->part
                && ! in_array($run[0], $anew, true);
            if (! $isNext) {
                break;
            }
            $rows[] = $run[0];
        }
        $words = array_map($writer->words(...), $rows);
        for ($long = 2; $long <= self::LONGEST; $long++) {
            $again = 0;
            while (isset($words[$long + $again]) && $words[$long + $again] === $words[$again % $long]) {
                $again++;
            }
            if ($again >= $long) {
                return [array_slice($rows, 0, $long), array_slice($rows, $long, $again)];
            }
        }

        return [[], []];
    }

    /**
     * @param non-empty-list<Row> $long those that come over and over
     * @param non-empty-list<Row> $again all that follow them so
     * @param \Closure(Row): RowId $as
     */
    private static function again(Writer $writer, array $long, array $again, \Closure $as): self
    {
        $last = $long[(count($again) - 1) % count($long)];

        return new self(
            $again,
            $writer->headed($as($again[0]), $as($again[count($again) - 1])),
            $writer->say(new Phrase("{$last->kind->value}s.cycle", [
                'n' => $as($long[0])->number, 'm' => $as($long[count($long) - 1])->number, 'k' => $as($last)->number,
            ])),
            array_values(array_unique(array_map($writer->counted(...), $long))),
        );
    }

    /**
     * Seams at the beginning that are sewn alike, whatever they join; none where they are too few for a list.
     *
     * @param non-empty-list<non-empty-list<Row>> $runs
     * @param list<Row> $anew
     *
     * @return list<non-empty-list<Row>>
     */
    private static function seams(Writer $writer, array $runs, array $anew): array
    {
        $seams = [];
        foreach ($runs as $run) {
            $alike = $run[0]->kind === RowKind::Seam
                && ($seams === [] || ($writer->sewn($run[0]) === $writer->sewn($seams[0][0])
                    && ! in_array($run[0], $anew, true)));
            if (! $alike) {
                break;
            }
            $seams[] = $run;
        }

        return count(array_merge(...$seams)) < self::LISTED ? [] : $seams;
    }

    /**
     * @param non-empty-list<Row> $seams
     * @param \Closure(Row): RowId $as
     */
    private static function listed(Writer $writer, array $seams, \Closure $as): self
    {
        return new self(
            $seams,
            $writer->headed($as($seams[0]), $as($seams[count($seams) - 1])),
            "{$writer->sewn($seams[0])}, {$writer->say(new Phrase('seams.order'))}: ".implode('; ', array_map(
                // Not parted at the end of a line.
                fn(Row $one): string => str_replace(
                    ' ',
                    "\u{a0}",
                    "{$one->kind->numbered($one->id->number)}, {$writer->pair($one)}",
                ),
                $seams,
            )).'.',
            [$writer->counted($seams[0])],
        );
    }
}
