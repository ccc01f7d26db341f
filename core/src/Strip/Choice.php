<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

/**
 * Which pieces to cut so that they give what is needed with the least left over. Up to EXACT pieces every choice is
 * weighed (branch and bound): none leaves less over, and none of those that leave as little has fewer pieces. Beyond,
 * sums are sorted into grains (dynamic programming), and $within says how far from the best the choice may be.
 */
final readonly class Choice
{
    /** Pieces up to which the choice is exact. */
    public const EXACT = 22;

    /** Grains the need is divided into beyond that. */
    private const GRAINS = 4000;

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
     *
     * @return ?self null where all of them together do not give it
     */
    public static function of(array $candidates, float $need): ?self
    {
        $all = array_sum(array_map(fn(Candidate $one): float => $one->metres * $one->count, $candidates));
        if ($all < $need - self::SAME) {
            return null;
        }

        return array_sum(array_map(fn(Candidate $one): int => $one->count, $candidates)) <= self::EXACT
            ? self::exact($candidates, $need)
            : self::quick($candidates, $need);
    }

    /** @param list<Candidate> $candidates */
    private static function exact(array $candidates, float $need): self
    {
        usort($candidates, fn(Candidate $a, Candidate $b): int => $b->metres <=> $a->metres);
        $rest = [0.0];
        foreach (array_reverse($candidates) as $one) {
            array_unshift($rest, $rest[0] + $one->metres * $one->count);
        }
        $best = [INF, PHP_INT_MAX, []];
        $taken = [];
        $try = function (int $place, float $sum, int $pieces) use (
            &$try,
            &$best,
            &$taken,
            $candidates,
            $rest,
            $need,
        ): void {
            if ($sum >= $need - self::SAME) {
                if ($sum < $best[0] - self::SAME || ($sum < $best[0] + self::SAME && $pieces < $best[1])) {
                    $best = [$sum, $pieces, $taken];
                }

                return;
            }
            if ($place === count($candidates) || $sum + $rest[$place] < $need - self::SAME) {
                return;
            }
            for ($count = $candidates[$place]->count; $count >= 0; $count--) {
                $more = $sum + $count * $candidates[$place]->metres;
                // One fewer would do: no choice holds a piece it does not need.
                if ($count > 0 && $more - $candidates[$place]->metres >= $need - self::SAME) {
                    continue;
                }
                $taken[$place] = $count;
                $try($place + 1, $more, $pieces + $count);
                unset($taken[$place]);
            }
        };
        $try(0, 0.0, 0);

        return self::picked($candidates, $best[2], null);
    }

    /**
     * Among all choices of the same rounded length the truly longest is kept; the shortest rounded one that is truly
     * enough is at most a grain a piece from the best.
     *
     * @param list<Candidate> $candidates
     */
    private static function quick(array $candidates, float $need): self
    {
        $grain = $need / self::GRAINS;
        $size = array_map(fn(Candidate $one): int => (int) floor($one->metres / $grain), $candidates);
        // A choice that could leave out its smallest piece is none: no more is ever needed than this.
        $cells = self::GRAINS + max([1, ...$size]) + 1;
        $longest = array_fill(0, $cells + 1, -INF);
        $longest[0] = 0.0;
        $items = [];
        foreach ($candidates as $place => $one) {
            array_push($items, ...array_fill(0, $one->count, $place));
        }
        $used = [];
        foreach ($items as $item => $place) {
            $used[$item] = str_repeat("\0", $cells + 1);
            $metres = $candidates[$place]->metres;
            // What is shorter than a grain takes no room in the rounded sum, and always adds.
            for ($sum = $cells; $sum >= $size[$place]; $sum--) {
                $with = $longest[$sum - $size[$place]] + $metres;
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
        $taken = array_fill(0, count($candidates), 0);
        for ($item = count($items) - 1; $item >= 0; $item--) {
            if ($used[$item][$sum] === "\1") {
                $taken[$items[$item]]++;
                $sum -= $size[$items[$item]];
            }
        }

        $choice = self::picked($candidates, $taken, null);

        // The best leaves nothing over at best: what this one leaves over bounds it as well.
        return new self(
            $choice->picked,
            $choice->metres,
            $choice->pieces,
            min($choice->pieces * $grain, max(0.0, $choice->metres - $need)),
        );
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
