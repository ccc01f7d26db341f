<?php

declare(strict_types=1);

namespace Fescue\Core\Written;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Instruction\Along;
use Fescue\Core\Instruction\Catalogue;
use Fescue\Core\Instruction\Chains;
use Fescue\Core\Instruction\Count;
use Fescue\Core\Instruction\InOne;
use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Instruction\Skip;
use Fescue\Core\Instruction\StartingChain;
use Fescue\Core\Instruction\StitchCount;
use Fescue\Core\Instruction\Through;
use Fescue\Core\Instruction\Traverser;
use Fescue\Core\Instruction\Under;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Text\Checked;
use Fescue\Core\Text\ProvenRow;
use Fescue\Core\Text\RowReading;
use Fescue\Core\Text\RowWalk;
use Fescue\Core\Text\Sign;
use Fescue\Core\Text\Target;
use Fescue\Core\Text\Tops;
use Fescue\Core\Text\Worked;

/** The rows of one piece of a text that comes out, as instructions. */
final readonly class WrittenRows
{
    /** Chains over skipped stitches that hold a hand. From memory. */
    private const HOLE = 4;

    /**
     * @param non-empty-list<array{
     *     isRound: bool, fabric: Motif, on: non-empty-list<array{EdgeKind, int}>, does: non-empty-list<Instruction>,
     *     leaves: int, hole: bool, turned: bool, lies: bool,
     * }> $rows of each the edges that it is worked on, and how many anchors it takes of them; what it leaves; whether
     *     it leaves a hole; whether the work is turned before it; whether it lies on the one below, of slip stitches
     *     alone
     * @param int $chain anchors of what it begins on; 1 of a ring
     * @param int $turning chains beside them
     * @param bool $leads whether those count as the first stitch
     * @param bool $isTold whether the text says what it begins on
     * @param bool $isRing whether it is begun in the middle
     */
    private function __construct(
        public array $rows,
        public int $chain,
        public int $turning,
        public bool $leads,
        public bool $isTold,
        public bool $isRing,
        public bool $joins,
    ) {}

    public function hasRounds(): bool
    {
        return array_filter($this->rows, fn(array $row): bool => $row['isRound']) !== [];
    }

    /** Whether a round grows at four places alone, by three or more in one. */
    public function hasFourCorners(int $nth): bool
    {
        $corners = 0;
        foreach (Traverser::unrolled($this->rows[$nth]['does']) as [$leaf]) {
            $corners += match (true) {
                $leaf instanceof Several => $leaf->inOne > 2 ? $leaf->anchors : 0,
                $leaf instanceof Under => (int) ($leaf->count > 2 + $leaf->chains),
                $leaf instanceof InOne => 1,
                $leaf instanceof StartingChain => (int) ($leaf->more > 1),
                default => 0,
            };
        }

        return $corners === 4;
    }

    /** mm from one row to another. */
    public function high(int $from, int $to, Gauge $gauge): float
    {
        return array_sum(array_map(
            fn(array $row): float => $gauge->heightOf($row['fabric'])->mm,
            array_slice($this->rows, $from, $to - $from),
        ));
    }

    /**
     * How many of its rows lie flat: rows before its rounds; else of its rounds those up to the last that adds enough,
     * as long as no two after one another do not.
     *
     * @param float $share of what a flat round adds
     */
    public function lying(Gauge $gauge, float $share): int
    {
        $rows = count(array_filter($this->rows, fn(array $row): bool => ! $row['isRound']));
        if (! $this->rows[0]['isRound']) {
            return $rows;
        }
        $begins = $this->isRing || count($this->rows[0]['on']) > 1
            || $this->rows[0]['on'][0][0] === EdgeKind::BothSides;
        $lying = $begins ? 1 : 0;
        foreach (array_slice($this->rows, 1, null, true) as $nth => $row) {
            $adds = $row['leaves'] - $this->rows[$nth - 1]['leaves'];
            if (! $begins || $nth > $lying + 1) {
                break;
            }
            $lying = $adds >= $share * $gauge->flatGrowth($row['fabric']) ? $nth + 1 : $lying;
        }

        return $lying;
    }

    /**
     * @return non-empty-list<self> of a text without problems
     *
     * @throws NotWritten
     */
    public static function all(Checked $checked): array
    {
        $pieces = [];
        foreach ($checked->pieces() as $rows) {
            $last = array_key_last($pieces);
            // Rounds of which nothing says what they begin on go round the rows before them.
            $goOn = $last !== null && $rows[0]->line->isRound && $rows[0]->line->chain === null
                && $rows[0]->outcome->reading->isChain === false && ! self::isRing($rows[0])
                && ! $pieces[$last][count($pieces[$last]) - 1]->line->isRound;
            if ($goOn) {
                $pieces[$last] = [...$pieces[$last], ...$rows];
            } else {
                $pieces[] = $rows;
            }
        }

        $all = [];
        foreach ($pieces as $rows) {
            array_push($all, ...array_fill(0, $rows[0]->line->pieces, self::of($rows)));
        }

        return $all === [] ? throw new NotWritten('', null) : $all;
    }

    private static function isRing(ProvenRow $row): bool
    {
        return $row->line->chain === 0 || ($row->line->isRound && $row->outcome->there === 1);
    }

    /** @param non-empty-list<ProvenRow> $proven */
    private static function of(array $proven): self
    {
        $first = $proven[0];
        $isRing = self::isRing($first);
        $joins = array_filter(
            $proven,
            fn(ProvenRow $one): bool => $one->line->isRound && Sign::isAmong($one->line->steps, Sign::JOIN),
        ) !== [];
        $rows = $known = [];
        $before = null;
        $rounds = 0;
        foreach ($proven as $row) {
            $reading = $row->outcome->reading;
            $rounds += (int) $row->line->isRound;
            $isPicked = $before !== null && $row->line->isFirst;
            $turned = $before !== null && (! $row->line->isRound || self::isTurned($row, $before) || $isPicked);
            $kind = match (true) {
                $before === null && Sign::isAmong($reading->steps, Sign::BOTH_SIDES) => EdgeKind::BothSides,
                $before === null => EdgeKind::Chain,
                default => EdgeKind::Tops,
            };
            // Rows alike on the same are worked out once.
            $key = spl_object_id($row->outcome).($turned ? ' turned ' : ' ').($before === null ? '' : spl_object_id(
                $before->outcome,
            )).($rounds === 1 ? ' first' : '');
            $rows[] = $known[$key] ??= self::row(
                $row,
                $turned && ! $isPicked ? self::met($row, $before->outcome->tops) : $reading,
                $kind,
                $turned,
                $rounds === 1 && $row->line->isRound && ! $joins,
                $rows === [] ? 0 : $rows[count($rows) - 1]['leaves'],
            );
            $before = $row;
        }
        [$kind, $anchors] = $rows[0]['on'][0];
        $leads = $first->outcome->reading->leads && ! $isRing;
        $chain = $kind === EdgeKind::BothSides ? intdiv($anchors, 2) : $anchors;
        $told = $first->line->chain ?? 0;
        $lifts = (Stitch::tryFrom($rows[0]['fabric']->key) ?? Stitch::Single)->startingChains();

        return new self(
            $rows,
            $chain,
            match (true) {
                $isRing => $first->outcome->reading->leads ? 0 : $lifts,
                $told > $chain => $told - $chain,
                default => $lifts,
            },
            $leads,
            $isRing || $told > 0,
            $isRing,
            $joins,
        );
    }

    private static function isTurned(ProvenRow $row, ProvenRow $before): bool
    {
        $steps = $row->line->steps;
        $lead = array_slice($steps, 0, 2);
        $ends = array_slice($before->line->steps, -1);

        return Sign::isAmong($lead, Sign::TURN) || Sign::isAmong($ends, Sign::TURN);
    }

    /** As the hand meets it that turned the work, where it comes out so, too. */
    private static function met(ProvenRow $row, Tops $below): RowReading
    {
        $as = $row->outcome->reading;
        $there = $row->line->isRound ? $below->turned() : $below->reversed();
        $met = RowReading::on($as->steps, $there, $as->as, $as->start);

        return $as->below !== null && RowWalk::over($met, null)->code === null ? $met : $as;
    }

    /**
     * @param int $there what the row before it leaves
     *
     * @return array{
     *     isRound: bool, fabric: Motif, on: non-empty-list<array{EdgeKind, int}>, does: non-empty-list<Instruction>,
     *     leaves: int, hole: bool, turned: bool, lies: bool,
     * }
     */
    private static function row(
        ProvenRow $row,
        RowReading $reading,
        EdgeKind $kind,
        bool $turned,
        bool $marks,
        int $there,
    ): array {
        try {
            $closing = self::closing($reading, $there);
            $edges = $closing === null
                ? RowInstructions::of($reading, $kind, $turned, $marks)
                : [[EdgeKind::Tops, [$closing]]];
        } catch (NotWorkable) {
            throw new NotWritten($row->line->name, $row->line->at->line);
        }
        $does = $on = [];
        foreach ($edges as $nth => [$of, $made]) {
            $on[] = [$of, Count::of($made)->takes];
            array_push($does, ...($nth === 0 ? $made : [new Along($nth, $of->value, $made)]));
        }
        if (count($on) === 1 && $kind === EdgeKind::Tops && $row->line->isFirst) {
            // Around all of it, of which no part is told.
            $on = [[EdgeKind::Opening, $on[0][1]]];
        }

        return [
            'isRound' => $row->line->isRound,
            'fabric' => FabricOf::row($does),
            'on' => $on,
            'does' => $does,
            'leaves' => Count::of($does)->leaves,
            'hole' => self::leavesHole($does),
            'turned' => $turned,
            'lies' => $closing !== null || self::lies($does),
        ];
    }

    /** What closes an edge through all its layers. @throws NotWorkable where it has too few stitches for that */
    private static function closing(RowReading $reading, int $there): ?Through
    {
        foreach ($reading->steps as $step) {
            if ($step instanceof Worked && $step->into === Target::Layers) {
                $many = $step->places ?? 1;

                return $there < $many ? throw new NotWorkable() : new Through(
                    Stitch::from($step->in[0][0]),
                    $many,
                    $there,
                );
            }
        }

        return null;
    }

    /** @param list<Instruction> $does */
    private static function lies(array $does): bool
    {
        $many = StitchCount::of($does);

        return array_filter(
            [...Catalogue::PLAIN, Stitch::Crab],
            fn(Stitch $one): bool => $many->many($one) > 0,
        ) === [];
    }

    /** @param list<Instruction> $does */
    private static function leavesHole(array $does): bool
    {
        foreach ($does as $nth => $one) {
            $next = $does[$nth + 1] ?? null;
            $isHole = $one instanceof Chains && $one->count >= self::HOLE && $next instanceof Skip;
            if ($isHole || ($one->children() !== [] && self::leavesHole($one->children()))) {
                return true;
            }
        }

        return false;
    }
}
