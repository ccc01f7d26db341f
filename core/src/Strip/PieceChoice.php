<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

/**
 * Which pieces to cut so that they give what is needed with the least left over. Up to EXACT pieces every choice is
 * weighed (branch and bound): none leaves less over, and none of those that leave as little has fewer pieces. Beyond,
 * sums are sorted into grains (dynamic programming), and $within says how far from the best the choice may be.
 */
final readonly class PieceChoice
{
    /** Pieces up to which the choice is exact. */
    public const EXACT = 22;

    /** Grains the need is divided into beyond that. */
    private const GRAINS = 4000;

    private const FEWEST_GRAINS = 200;

    /** Sums that are looked at in all, whatever a maker has: more pieces are sorted into coarser grains. */
    private const WORK = 3_000_000;

    /** Choices that are weighed one by one before they are sorted into grains instead. */
    private const STEPS = 150_000;

    private const SAME = 1e-9;

    /**
     * @param array<int|string, int> $picked how many of each candidate, by key, none left out that is 1 or more
     * @param float $metres expected of them
     * @param ?float $within metres by which less could be left over; null where the choice is exact
     */
    private function __construct(
        public array $picked,
        public float $metres,
        public int $pieces,
        public ?float $within,
    ) {}

    /**
     * @param list<Candidate> $candidates
     * @param float $need metres, above zero
     * @param ?\Closure(float, float): bool $enough by metres in all and the sum of their pieces' squares, of which more
     *        pieces are never less; null where metres alone are asked for. It is heeded where the choice is exact
     *
     * @return ?self null where all of them together do not give it
     */
    public static function of(array $candidates, float $need, ?\Closure $enough = null): ?self
    {
        $all = array_sum(array_map(fn(Candidate $one): float => $one->metres * $one->count, $candidates));
        if ($all < $need - self::SAME) {
            return null;
        }

        $exact = array_sum(array_map(fn(Candidate $one): int => $one->count, $candidates)) <= self::EXACT
            ? self::exact($candidates, $enough ?? fn(float $sum): bool => $sum >= $need - self::SAME)
            : null;

        return $exact ?? self::quick($candidates, $need);
    }

    public static function none(): self
    {
        return new self([], 0.0, 0, null);
    }

    /**
     * All of them.
     *
     * @param list<Candidate> $candidates
     */
    public static function all(array $candidates): self
    {
        return self::picked($candidates, array_map(fn(Candidate $one): int => $one->count, $candidates), 0.0);
    }

    /**
     * @param list<Candidate> $candidates
     * @param \Closure(float, float): bool $enough
     *
     * @return ?self null where weighing every choice would take too long, or none is enough
     */
    private static function exact(array $candidates, \Closure $enough): ?self
    {
        usort($candidates, fn(Candidate $a, Candidate $b): int => $b->metres <=> $a->metres);
        $rest = [[0.0, 0.0]];
        foreach (array_reverse($candidates) as $one) {
            array_unshift(
                $rest,
                [$rest[0][0] + $one->metres * $one->count, $rest[0][1] + $one->metres ** 2 * $one->count],
            );
        }
        $best = [INF, PHP_INT_MAX, []];
        $taken = [];
        $steps = 0;
        $try = function (int $place, float $sum, float $squares, int $pieces) use (
            &$try,
            &$best,
            &$taken,
            &$steps,
            $candidates,
            $rest,
            $enough,
        ): void {
            if ($enough($sum, $squares)) {
                if ($sum < $best[0] - self::SAME || ($sum < $best[0] + self::SAME && $pieces < $best[1])) {
                    $best = [$sum, $pieces, $taken];
                }

                return;
            }
            if (
                ++$steps > self::STEPS
                || $place === count($candidates)
                || ! $enough($sum + $rest[$place][0], $squares + $rest[$place][1])
            ) {
                return;
            }
            for ($count = $candidates[$place]->count; $count >= 0; $count--) {
                $one = $candidates[$place]->metres;
                [$more, $squared] = [$sum + $count * $one, $squares + $count * $one ** 2];
                // One fewer would do: no choice holds a piece it does not need.
                if ($count > 0 && $enough($more - $one, $squared - $one ** 2)) {
                    continue;
                }
                $taken[$place] = $count;
                $try($place + 1, $more, $squared, $pieces + $count);
                unset($taken[$place]);
            }
        };
        $try(0, 0.0, 0.0, 0);

        return $steps > self::STEPS || $best[0] === INF ? null : self::picked($candidates, $best[2], null);
    }

    /**
     * Among all choices of the same rounded length the truly longest is kept; the shortest rounded one that is truly
     * enough is at most a grain a piece from the best.
     *
     * @param list<Candidate> $candidates
     */
    private static function quick(array $candidates, float $need): self
    {
        // One that is enough by itself is taken alone or not at all: the shortest of those is the one to beat.
        $alone = null;
        $items = [];
        foreach ($candidates as $place => $one) {
            if ($one->metres >= $need - self::SAME) {
                $alone = $alone === null || $one->metres < $candidates[$alone]->metres ? $place : $alone;

                continue;
            }
            // More of it than make up the need are never taken; bundles of 1, 2, 4 … make every number up to that.
            $left = min($one->count, (int) ceil($need / max($one->metres, self::SAME)));
            for ($bundle = 1; $left > 0 && $one->metres > 0.0; $bundle *= 2) {
                $items[] = [$place, min($bundle, $left)];
                $left -= $bundle;
            }
        }
        $single = $alone === null ? null : self::picked($candidates, [$alone => 1], 0.0);
        $grains = max(self::FEWEST_GRAINS, min(self::GRAINS, intdiv(self::WORK, max(1, 2 * count($items)))));
        $grain = $need / $grains;
        // A choice that could leave out its smallest bundle is none: no more is ever needed than this.
        $cells = 2 * $grains + 1;
        $longest = array_fill(0, $cells + 1, -INF);
        $longest[0] = 0.0;
        $used = [];
        foreach ($items as $item => [$place, $bundle]) {
            $used[$item] = str_repeat("\0", $cells + 1);
            $metres = $bundle * $candidates[$place]->metres;
            $size = (int) floor($metres / $grain);
            // What is shorter than a grain takes no room in the rounded sum, and always adds.
            for ($sum = $cells; $sum >= $size; $sum--) {
                $with = $longest[$sum - $size] + $metres;
                if ($with > $longest[$sum]) {
                    $longest[$sum] = $with;
                    $used[$item][$sum] = "\1";
                }
            }
        }
        $sum = 0;
        while ($sum < $cells && $longest[$sum] < $need - self::SAME) {
            $sum++;
        }
        if ($longest[$sum] < $need - self::SAME) {
            return $single ?? throw new \LogicException('All of them together are enough.');
        }
        $taken = array_fill(0, count($candidates), 0);
        for ($item = count($items) - 1; $item >= 0; $item--) {
            if ($used[$item][$sum] === "\1") {
                [$place, $bundle] = $items[$item];
                $taken[$place] += $bundle;
                $sum -= (int) floor($bundle * $candidates[$place]->metres / $grain);
            }
        }

        $choice = self::picked($candidates, self::trimmed($candidates, $taken, $need), null);

        if ($single !== null && $single->metres < $choice->metres + self::SAME) {
            $choice = $single;
        }

        // The best leaves nothing over at best: what this one leaves over bounds it as well.
        return new self(
            $choice->picked,
            $choice->metres,
            $choice->pieces,
            min($choice->pieces * $grain, max(0.0, $choice->metres - $need)),
        );
    }

    /**
     * What is shorter than a grain was always added: as many as can be left out are, the longest first.
     *
     * @param list<Candidate> $candidates
     * @param array<int, int> $taken by place
     *
     * @return array<int, int>
     */
    private static function trimmed(array $candidates, array $taken, float $need): array
    {
        $over = -$need;
        foreach ($taken as $place => $count) {
            $over += $count * $candidates[$place]->metres;
        }
        $places = array_keys($taken);
        usort($places, fn(int $a, int $b): int => $candidates[$b]->metres <=> $candidates[$a]->metres);
        foreach ($places as $place) {
            $out = min($taken[$place], max(0, (int) floor(($over + self::SAME) / $candidates[$place]->metres)));
            $taken[$place] -= $out;
            $over -= $out * $candidates[$place]->metres;
        }

        return $taken;
    }

    /**
     * @param list<Candidate> $candidates
     * @param array<int, int> $taken by place
     */
    private static function picked(array $candidates, array $taken, ?float $within): self
    {
        $picked = [];
        $metres = 0.0;
        foreach ($candidates as $place => $one) {
            if (($taken[$place] ?? 0) > 0) {
                $picked[$one->key] = $taken[$place];
                $metres += $taken[$place] * $one->metres;
            }
        }

        return new self($picked, $metres, array_sum($picked), $within);
    }
}
