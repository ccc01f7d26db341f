<?php

declare(strict_types=1);

namespace Fescue\Core\Written;

use Fescue\Core\Instruction\Count;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\InOne;
use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Join;
use Fescue\Core\Instruction\Marker;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Instruction\StartingChain;
use Fescue\Core\Instruction\Turn;
use Fescue\Core\Instruction\Vocabulary;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Text\Checked;
use Fescue\Core\Text\ProvenRow;
use Fescue\Core\Text\Prover;
use Fescue\Core\Text\RowResult;
use Fescue\Core\Text\Step;
use Fescue\Core\Text\Target;
use Fescue\Core\Text\Token;
use Fescue\Core\Text\Tops;
use Fescue\Core\Text\Worked;
use Fescue\Core\Text\WrittenRow;

/**
 * A fabric of a maker's own, out of a text of its rounds. How many stitches it repeats over is the least that all of
 * them prove over; those that the last does not lead into again set it up.
 */
final readonly class OwnMotif
{
    /** Rounds of a text, those among them that it says once more. */
    private const MOST_ROUNDS = 2 * Motif::MOST_ROWS;

    /** Repeats of it that are proven side by side, beside one alone. */
    private const SIDE_BY_SIDE = [2, 3];

    /**
     * @param ?Motif $motif null where it makes none
     * @param ?Saying $why it makes none; null where it makes one, and of a text that is no fabric's at all
     */
    private function __construct(public ?Motif $motif, public ?Saying $why) {}

    /** @param string $name that she calls it by */
    public static function of(Checked $checked, string $name): self
    {
        if ($checked->rows === [] || ! self::isOne($checked)) {
            return new self(null, null);
        }
        $lines = array_map(
            fn(ProvenRow $row): WrittenRow => $row->line->numbered($row->line->number),
            $checked->rows,
        );
        $first = Prover::row($lines[0], null)->there;
        // Over fewer than they were proven over, they do not come out.
        for ($wide = $checked->rows[0]->outcome->there; $wide <= Motif::WIDEST && $first > 0; $wide += $first) {
            $rows = self::over($lines, $wide);
            if (count($rows) === count($lines)) {
                return self::worked($lines, $rows, $name, $wide);
            }
        }

        return new self(null, self::whyNot($checked->rows));
    }

    /** Whether it may be meant as one: rounds that come out, and stand on no chain and in no ring. */
    private static function isOne(Checked $checked): bool
    {
        $begin = array_filter($checked->rows, fn(ProvenRow $one): bool => $one->line->isFirst);
        $isFlat = array_filter($checked->rows, fn(ProvenRow $one): bool => ! $one->line->isRound) !== [];

        $first = $checked->rows[0];
        $isInRing = array_filter(
            $first->line->steps,
            fn(Step $one): bool => $one instanceof Worked && $one->into === Target::Ring,
        ) !== [];

        return count($begin) === 1 && ! $isFlat && ! $isInRing && $checked->isRight()
            && $first->line->chain === null && $first->line->stated === null
            && count($checked->rows) <= self::MOST_ROUNDS && $first->outcome->there > 0;
    }

    /**
     * The rounds over so many stitches, as far as each takes and leaves them all.
     *
     * @param non-empty-list<WrittenRow> $lines
     *
     * @return list<RowResult>
     */
    private static function over(array $lines, int $wide): array
    {
        $rows = [];
        $below = null;
        foreach ($lines as $line) {
            // That it leaves as many tells which of its readings is meant.
            $line = $line->stating($wide);
            $one = $below === null ? Prover::over($line, $wide) : Prover::row($line, $below);
            if (! $one->isRight() || $one->tops->count(false) + $one->tops->chains() !== $wide) {
                break;
            }
            $rows[] = $one;
            $below = $one->tops;
        }

        return $rows;
    }

    /**
     * @param non-empty-list<WrittenRow> $lines
     * @param list<RowResult> $rows over one repeat
     */
    private static function worked(array $lines, array $rows, string $name, int $wide): self
    {
        foreach (self::SIDE_BY_SIDE as $times) {
            if (count(self::over($lines, $times * $wide)) < count($lines)) {
                return new self(null, new Saying(
                    'It comes out over {n, plural, one {# stitch} other {# stitches}}, and not over {more}: in a '
                        .'round a fabric goes on without an end. Leave out what evens its ends, and let all of it '
                        .'repeat around.',
                    ['n' => $wide, 'more' => $times * $wide],
                ));
            }
        }
        try {
            $turn = self::turn($lines, $rows, array_map(self::told(...), $rows));
        } catch (NotWorkable) {
            return new self(null, self::untold());
        }
        if ($turn === null) {
            return new self(null, new Saying(
                'What its last round leaves, none of its rounds goes on from: write one more, or say which repeat, '
                    .'like “Repeat rounds 2 and 3”.',
            ));
        }
        $motif = Motif::find(Motif::key($name, ...$turn));

        return $motif === null ? new self(null, self::untold()) : new self(self::isPlain($motif) ? null : $motif, null);
    }

    /** Whether it is one that has a name already: a stitch in each. */
    private static function isPlain(Motif $motif): bool
    {
        [$setUp, $rows] = $motif->told();
        $only = $rows[0][0];

        return $setUp === [] && count($rows) === 1 && count($rows[0]) === 1
            && $only instanceof Each && $only->count === 1
            && $only->loop === Loop::Both && $only->into === Into::Stitch;
    }

    private static function untold(): Saying
    {
        return new Saying(
            'It cannot be told as a fabric: at most {rows} rounds over at most {n} stitches, worked into the stitches, '
                .'spaces and posts of the round below.',
            ['rows' => Motif::MOST_ROWS, 'n' => Motif::WIDEST],
        );
    }

    /**
     * Rows that set it up, and those that repeat: as the text says them once more, else from the first that its last
     * leads into.
     *
     * @param non-empty-list<WrittenRow> $lines
     * @param list<RowResult> $rows
     * @param list<string> $told
     *
     * @return ?array{list<string>, non-empty-list<string>}
     */
    private static function turn(array $lines, array $rows, array $told): ?array
    {
        $many = count($told);
        foreach ($lines as $nth => $line) {
            // One that "Repeat rounds 2 and 3" says again has a number beyond those of its line.
            if ($line->number > ($line->to ?? $line->number)) {
                $from = (int) array_search($line->at, array_map(fn(WrittenRow $one): Token => $one->at, $lines), true);
                $repeat = array_slice($told, $from, $nth - $from);

                return $repeat === [] ? null : [array_slice($told, 0, $from), $repeat];
            }
        }
        $tops = $rows === [] ? new Tops() : $rows[$many - 1]->tops;
        foreach ($lines as $nth => $line) {
            $again = Prover::row($line->stating($rows[$nth]->leaves), $tops);
            $repeat = array_slice($told, $nth);
            if ($again->isRight() && $repeat !== []
                && self::told($again) === $told[$nth]) {
                return [array_slice($told, 0, $nth), $repeat];
            }
        }

        return null;
    }

    /**
     * One repeat of a round in US terms, without what lifts and closes it.
     *
     * @throws NotWorkable
     */
    private static function told(RowResult $row): string
    {
        $edges = RowInstructions::of($row->reading, EdgeKind::Tops, false);
        if (count($edges) !== 1) {
            throw new NotWorkable();
        }
        $does = [];
        foreach ($edges[0][1] as $one) {
            $one = self::plain($one);
            $last = $does === [] ? null : $does[count($does) - 1];
            if ($one instanceof Each && $last instanceof Each
                && [$one->stitch, $one->loop, $one->into] === [$last->stitch, $last->loop, $last->into]) {
                $does[count($does) - 1] = new Each($one->stitch, $last->count + $one->count, $one->loop, $one->into);
            } elseif ($one !== null) {
                $does[] = $one;
            }
        }
        if (Count::of($does)->leaves !== $row->leaves) {
            throw new NotWorkable();
        }

        return Vocabulary::of(Terms::US)->list($does);
    }

    /** What stands in the row for it: a stitch for the chain that counts as one; null for what lifts or closes. */
    private static function plain(Instruction $one): ?Instruction
    {
        return match (true) {
            $one instanceof StartingChain => match (true) {
                $one->as === null => null,
                $one->more > 0 => new Several($one->as, 1 + $one->more, 1),
                default => new Each($one->as, 1),
            },
            $one instanceof InOne => new InOne(
                array_values(array_filter(array_map(self::plain(...), $one->instructions))),
                $one->into,
                $one->anchors,
            ),
            $one instanceof Join, $one instanceof Marker, $one instanceof Turn => null,
            default => $one,
        };
    }

    /** @param list<ProvenRow> $rows */
    private static function whyNot(array $rows): ?Saying
    {
        foreach ($rows as $row) {
            [$there, $leaves] = [$rows[0]->outcome->there, $row->outcome->leaves];
            if ($leaves !== $there) {
                return new Saying(
                    '{row} leaves {m} of {n, plural, one {# stitch} other {# stitches}}: a fabric goes on over as '
                        .'many.',
                    ['row' => RowId::read($row->line->name) ?? '', 'n' => $there, 'm' => $leaves],
                );
            }
        }

        return null;
    }
}
