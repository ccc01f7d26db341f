<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

use Fescue\Core\Saying\Saying;

/** A pattern's text, read and proven. */
final readonly class Checked
{
    public const FORMAT = 'fescue-count/1';

    /**
     * @param string $tongue that it was read in
     * @param list<ProvenRow> $rows
     * @param list<TextProblem> $problems in the order of the lines
     * @param int $sizes that it is written for
     */
    private function __construct(
        public string $tongue,
        public array $rows,
        public array $problems,
        public int $sizes = 1,
    ) {}

    /**
     * @param ?string $tongue null: found out from the text
     * @param ?int $size of several that is proven alone, from 1; null: the rows of the first, and each is proven
     */
    public static function of(string $text, ?string $tongue = null, ?int $size = null): self
    {
        if (strlen($text) > Grammar::LONGEST) {
            return new self($tongue ?? 'en-US', [], [new TextProblem(
                1,
                1,
                '',
                TextProblem::TOO_LONG,
                new Saying('At most {n} letters are read; this is longer. Take it in parts.', [
                    'n' => number_format(Grammar::LONGEST, 0, '', ' '),
                ]),
            )]);
        }
        $text = Grammar::cleaned($text);
        $all = array_map(
            fn(string $one): self => self::in($text, $one, $size),
            $tongue === null ? Guess::tongues($text) : [$tongue],
        );
        // Where the words do not say which, the counts do.
        usort($all, fn(self $a, self $b): int => count($a->problems) <=> count($b->problems));

        return $all[0];
    }

    private static function in(string $text, string $tongue, ?int $only): self
    {
        $speech = Speech::of($tongue);
        [$lines, $unread, $sizes] = Grammar::read($text, $speech);
        $nth = max(1, min($only ?? 1, $sizes)) - 1;
        if ($sizes > 1) {
            [$lines, $unread] = Grammar::read($text, $speech, $nth, $sizes);
        }
        if (array_filter($lines, fn(WrittenRow $one): bool => $one->steps !== []) === []) {
            return new self($tongue, [], [new TextProblem(
                1,
                1,
                '',
                TextProblem::NOT_A_PATTERN,
                new Saying('There is no row of a pattern in this text. A row begins like “Round 1:” or “Row 1:”.'),
            )]);
        }
        [$rows, $problems] = Prover::of($lines, $nth);
        $all = [...$unread, ...$problems];
        for ($size = 1; $size < $sizes && $only === null; $size++) {
            [$others] = Grammar::read($text, $speech, $size, $sizes);
            foreach (Prover::of($others, $size)[1] as $problem) {
                $all[] = $problem->inSize($size + 1);
            }
        }
        usort($all, fn(TextProblem $a, TextProblem $b): int => [$a->line, $a->column] <=> [$b->line, $b->column]);

        return new self($tongue, $rows, $all, $sizes);
    }

    /** @return list<non-empty-list<ProvenRow>> the rows of each piece */
    public function pieces(): array
    {
        $pieces = [];
        foreach ($this->rows as $row) {
            if ($pieces === [] || $row->line->isFirst) {
                $pieces[] = [$row];
            } else {
                $pieces[count($pieces) - 1][] = $row;
            }
        }

        return $pieces;
    }

    /** @return list<array{ProvenRow, int}> rows, like ones of one line as one; each with the number of its last */
    public function runs(): array
    {
        $runs = [];
        $before = null;
        foreach ($this->rows as $row) {
            $isLike = $before !== null && $row->isRight() && $before->isRight()
                && $row->line->at === $before->line->at
                && $row->outcome->there === $before->outcome->there
                && $row->outcome->leaves === $before->outcome->leaves;
            $last = array_key_last($runs);
            if ($isLike) {
                $runs[$last] = [$runs[$last][0], $row->line->number];
            } else {
                $runs[] = [$row, $row->line->number];
            }
            $before = $row;
        }

        return $runs;
    }

    public function isRight(): bool
    {
        return $this->problems === [];
    }

    /** @return array<string, mixed> fescue-count/1 */
    public function document(?TextWriter $writer = null): array
    {
        $writer ??= new TextWriter($this->tongue);

        return [
            'format' => self::FORMAT,
            'tongue' => $this->tongue,
            'rows' => array_map(fn(ProvenRow $row): array => [
                'name' => $row->line->name,
                'line' => $row->line->at->line,
                'there' => $row->outcome->there,
                'takes' => $row->outcome->takes,
                'leaves' => $row->outcome->leaves,
                'stated' => $row->line->stated?->all(),
                'ok' => $row->isRight(),
                'text' => $writer->row($row->line),
            ], $this->rows),
            'problems' => array_map(
                fn(TextProblem $one): array => [
                    'line' => $one->line,
                    'column' => $one->column,
                    'row' => $one->row,
                    'code' => $one->code,
                    'message' => $one->said->english(),
                    'mends' => array_map(fn(Correction $mend): string => $mend->said->english(), $one->mends),
                ],
                $this->problems,
            ),
        ];
    }
}
