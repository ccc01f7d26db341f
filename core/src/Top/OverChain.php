<?php

declare(strict_types=1);

namespace Fescue\Core\Top;

use Fescue\Core\Instruction\Chains;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Skip;
use Fescue\Core\Instruction\Under;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Piece\Asked;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Fewer;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\MadeByChoices;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stitch\Stitch;

/** Two openings, front and back: skip some stitches, chain over them, and work the next round around the chain. */
abstract readonly class OverChain extends MadeByChoices
{
    /**
     * Stitches to leave between an opening and the ends of its half of the round, or the chain pulls on the fold
     * itself.
     */
    private const SHOULDER = 2;

    private const AROUND = 'around';

    private const INTO = 'into';

    private const MOST_EDGE_ROUNDS = 20;

    private const MOST_SKIPPED = 400;

    private const MOST_CHAINS = 800;

    public function height(Ground $ground): Length
    {
        return $ground->gauge->singleHeight()->times(1 + $this->edges());
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        $on = $this->on($on, $ground);
        $widest = self::widest($on);
        $skip = $this->count('skip') ?? self::centred(
            $on,
            $this->wide() / $ground->gauge->singleWidth()->mm,
            min($widest, $this->count('chain') ?? $widest),
        );
        $chain = $this->count('chain') ?? $this->long($skip, $ground);
        $this->fits($skip, $chain, $on);
        $stitches = $this->count('stitches') ?? $chain;
        if ($this->choice('worked', self::AROUND) === self::INTO && $stitches !== $chain) {
            throw new Unmakeable(
                'stitches',
                new Saying(
                    'Into the chain goes a stitch a chain, {chain}; work around it where there should be '
                        .'{stitches}.',
                    ['chain' => $chain, 'stitches' => $stitches],
                ),
            );
        }

        return $this->with(['skip' => $skip, 'chain' => $chain]);
    }

    /** How far what is skipped reaches where nothing is said, mm. */
    abstract protected function wide(): float;

    /** Chains over so many skipped, where nothing is said. */
    abstract protected function long(int $skip, Ground $ground): int;

    /**
     * @param string $skip label of the stitches left out
     * @param string $chain label of the chains over them
     * @param string $of what those are of: "a slot"
     *
     * @return list<Asked>
     */
    protected function counts(string $skip, string $chain, string $of): array
    {
        return [
            new Setting(
                'skip',
                $skip,
                new Counted('stitch skipped', 'stitches skipped'),
                $this->count('skip'),
                new Bounds(1, self::MOST_SKIPPED),
                Unsaid::settled(),
            ),
            new Setting(
                'chain',
                $chain,
                new Counted("chain of {$of}", "chains of {$of}", 'ch {n} over {skip}', [
                    'skip' => $this->given('skip', 0),
                ]),
                $this->count('chain'),
                new Bounds(max(1, $this->given('skip', 1)), self::MOST_CHAINS),
                Unsaid::settled(),
                fewer: new Fewer('Make the handles shorter: chain {n}, not {was}'),
            ),
            new Choice(
                'worked',
                'The next round is worked',
                $this->choice('worked', self::AROUND),
                [
                    self::AROUND => ['Around the chain', 'quick, and covers it'],
                    self::INTO => ['Into the chain', 'a stitch in each, neater'],
                ],
            ),
            new Setting(
                'stitches',
                'Stitches on each chain',
                new Counted('stitch on a chain', 'stitches on a chain'),
                $this->count('stitches'),
                new Bounds(1, 2 * self::MOST_CHAINS),
                Unsaid::settled(),
            ),
            new Setting(
                'edge_rounds',
                'Rounds of edge',
                new Counted('edge round'),
                $this->edges(),
                new Bounds(0, self::MOST_EDGE_ROUNDS),
                Unsaid::is(1),
                fewer: Fewer::rows('Leave the edge out'),
            ),
        ];
    }

    private function edges(): int
    {
        return $this->given('edge_rounds', 1);
    }

    /** Counts that are given, held against the side they stand on. @throws Unmakeable */
    private function fits(int $skip, int $chain, Edge $on): void
    {
        $widest = self::widest($on);
        $half = intdiv($on->anchors, 2);
        if ($skip > $widest) {
            throw new Unmakeable(
                'skip',
                new Saying(
                    'Each side has {half} stitches and needs {shoulder} left beyond each end of what is skipped; '
                        .'skip at most {widest}, not {skip}.',
                    ['half' => $half, 'shoulder' => self::SHOULDER, 'widest' => $widest, 'skip' => $skip],
                ),
            );
        }
        if ($chain < $skip) {
            throw new Unmakeable(
                'chain',
                new Saying(
                    'A chain of {chain} over {skip} skipped stitches would pull the edge in; chain at least '
                        .'{skip}.',
                    ['chain' => $chain, 'skip' => $skip],
                ),
            );
        }
    }

    /** The most stitches that can be skipped on the middle of a side. @throws Unmakeable where there is no room */
    protected static function widest(Edge $on): int
    {
        $widest = self::room($on);

        return $widest >= 1 ? $widest : throw new Unmakeable(
            '',
            new Saying(
                'A round of {anchors} stitches has no room for handles; make the base larger or leave them out.',
                ['anchors' => $on->anchors],
            ),
        );
    }

    private static function room(Edge $on): int
    {
        $middles = self::middles($on);

        return (int) floor(2 * (min($middles[0], $on->anchors - max($middles)) - self::SHOULDER));
    }

    /**
     * Stitches to skip so that they stand on the middle of their side: the number nearest to a wish, from 1 to the
     * most, that leaves whole stitches on both sides; 1 where there is none.
     */
    private static function centred(Edge $on, float $wish, int $most): int
    {
        // Odd where the middle lies on a stitch, even where it lies between two.
        $odd = (int) round(2 * self::centre($on)) % 2;
        $nearest = 2 * (int) round(($wish - $odd) / 2) + $odd;
        $largest = $most - ($most + $odd) % 2;

        return max(1, min($nearest, $largest));
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        $on = $this->on($on, $ground);
        [$skip, $chain] = [$this->given('skip'), $this->given('chain')];
        [$before, $second] = array_map(fn(float $middle): int => $this->before($middle), self::middles($on));
        $between = $second - $before - $skip;
        $after = $on->anchors - $second - $skip;
        $stitch = Stitch::Single;
        $around = fn(Edge $on, int $before, int $after, Instruction $over, ?Instruction $under = null): array => $ground
            ->school->on($on->kind, [
                ...self::plain($before), $over, ...($under === null ? [] : [$under]),
                ...self::plain($between), $over, ...($under === null ? [] : [$under]),
                ...self::plain($after),
            ], $stitch);
        // Turned, the round on it begins on the same stitch and comes back the other way.
        [$first, $last] = $ground->school->working === Working::JoinedTurned
            ? [$after + 1, $before - 1]
            : [$before, $after];
        $fabric = Motif::single();
        $rows = [
            new Row(
                Part::Handles,
                $fabric,
                $ground->school->ledTo($on, $around($on, $before, $after, new Chains($chain), new Skip($skip))),
                [$on],
                bearsJoin: false,
            ),
        ];
        $remarks = $this->remarks($ground, $on);
        $on = $ground->school->after($rows[0]);
        for ($edge = 1; $edge <= $this->edges(); $edge++) {
            $rows[] = $row = new Row(
                Part::Edge,
                $fabric,
                $edge === 1
                    ? $around($on, $first, $last, $this->onChain($stitch, $chain))
                    : $ground->school->around([new Each($stitch, $on->anchors)]),
                [$on],
            );
            $on = $ground->school->after($row);
        }

        return new Made($rows, $on, remarks: [
            ...$remarks,
            Remark::hangTest(),
        ]);
    }

    private function onChain(Stitch $stitch, int $chain): Instruction
    {
        return $this->choice('worked', self::AROUND) === self::INTO
            ? new Each($stitch, $chain, into: Into::NextChain)
            : new Under($stitch, $this->count('stitches') ?? $chain, $chain);
    }

    /** @return list<Remark> */
    abstract protected function remarks(Ground $ground, Edge $on): array;

    /** @return list<Instruction> */
    private static function plain(int $many): array
    {
        return $many < 1 ? [] : [new Each(Stitch::Single, $many)];
    }

    /** Where the opening about a side's middle begins. */
    private function before(float $middle): int
    {
        return (int) round($middle - $this->given('skip') / 2);
    }

    /**
     * Stitches by which what is skipped lies past the middle of its side; half a one where parity does not allow less.
     */
    protected function offCentre(Edge $on): float
    {
        return $this->before(self::centre($on)) + $this->given('skip') / 2 - self::centre($on);
    }

    private static function centre(Edge $on): float
    {
        return self::middles($on)[0];
    }

    /** @return non-empty-list<float> the sides' middles, in the order in which the round meets them */
    private static function middles(Edge $on): array
    {
        $middles = $on->middles;
        sort($middles);

        return $middles === [] ? throw new Unmakeable(
            '',
            new Saying('A handle stands on an edge that has sides.'),
        ) : $middles;
    }

    /** The edge, begun anew at a fold where an opening would run over its beginning, or a lean brought that near. */
    private function on(?Edge $on, Ground $ground): Edge
    {
        $on ?? throw new Unmakeable('', new Saying('A handle stands on something.'));
        $wanted = $this->count('skip') ?? (int) round($this->wide() / $ground->gauge->singleWidth()->mm);
        $moved = $on->fromFold();
        $least = $ground->school->lean === 0.0 ? 1 : min($wanted, self::room($moved));

        return self::room($on) >= $least ? $on : $moved;
    }
}
