<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

/**
 * One walk of a strand through rows in working order: stitches, tails, joins between its balls. The estimate, what is
 * left after each row, where it runs out and where each ball ends are all read off it. Grams, or metres, throughout.
 */
final readonly class Walk
{
    private float $first;

    /**
     * @param list<Leg> $legs
     * @param float $tail what is left hanging where a strand ends
     * @param float $owed what is cut after the row before the first
     * @param ?Winding $winding how it comes; null where it is one strand
     * @param ?float $there of it at the start; null where that is not known
     */
    public function __construct(
        private array $legs,
        private float $tail,
        private float $owed = 0.0,
        private ?Winding $winding = null,
        ?float $there = null,
    ) {
        $this->first = $winding === null ? INF : $winding->first($there ?? 0.0);
    }

    /**
     * All that goes, to the last tail.
     *
     * @param float $factor by which the stitches take more than is likely
     */
    public function total(float $factor = 1.0): float
    {
        $gone = $this->owed;
        foreach ($this->legs as $leg) {
            $gone += $leg->before + $factor * $leg->stitches + $leg->after;
        }

        return $gone + $this->joins($factor);
    }

    /** What its joins take. */
    public function joins(float $factor = 1.0): float
    {
        $gone = $this->owed;
        $last = 0.0;
        foreach ($this->legs as $leg) {
            $gone += $leg->before + $factor * $leg->stitches + $leg->after;
            $last = $leg->after;
        }

        return $this->joined($gone - $last);
    }

    /** By how much more goes than its stitches take more: they bring joins with them. */
    public function swells(): float
    {
        return $this->winding?->swells() ?? 1.0;
    }

    /** @return array<int, float> what has gone after the stitches of each row, by its place */
    public function gone(): array
    {
        $gone = $this->owed;
        $after = [];
        foreach ($this->legs as $leg) {
            $gone += $leg->before + $leg->stitches;
            $after[$leg->place] = $gone + $this->joined($gone);
            $gone += $leg->after;
        }

        return $after;
    }

    /**
     * Where so much comes to its end.
     *
     * @return ?array{int, float} place of the row, and how far into its stitches; null where it reaches
     */
    public function end(float $there, float $factor = 1.0): ?array
    {
        $last = $this->legs[count($this->legs) - 1] ?? null;
        $worth = $this->winding === null ? $there : $this->winding->worth($there);
        $end = $this->at($worth, $factor);

        return $end === null && $last !== null && $this->total($factor) > $there ? [$last->place, 1.0] : $end;
    }

    /**
     * Where the so-manieth ball, from 0, ends, a tail of it left to lay the next one in.
     *
     * @return ?array{int, float} as end()
     */
    public function ballEnd(int $ball, float $factor = 1.0): ?array
    {
        return $this->winding === null ? null : $this->at(
            $this->winding->givesOut($ball, $this->first) - $this->tail,
            $factor,
        );
    }

    /** @return ?array{int, float} where so much has gone beside joins; null where less goes */
    private function at(float $goes, float $factor): ?array
    {
        $gone = $this->owed;
        foreach ($this->legs as $leg) {
            $gone += $leg->before;
            $stitches = $factor * $leg->stitches;
            if ($gone + $stitches > $goes) {
                return [$leg->place, max(0.0, ($goes - $gone) / max(1e-9, $stitches))];
            }
            $gone += $stitches + $leg->after;
        }

        return null;
    }

    private function joined(float $gone): float
    {
        return $this->winding === null ? 0.0 : $this->winding->joins(
            $gone + $this->tail,
            $this->first,
        ) * $this->winding->join;
    }
}
