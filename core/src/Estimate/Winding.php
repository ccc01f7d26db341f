<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Whole;

/** A strand that comes in balls, the begun one worked first; each join leaves a tail of both. Grams. */
final readonly class Winding
{
    /** @param float $join what one join takes: two tails; a ball is more than that */
    private function __construct(public float $ball, public float $join) {}

    /**
     * Null where nothing says how large a ball is, where its joins are in its length already, or where a ball is no
     * more than its two tails.
     */
    public static function of(Material $material): ?self
    {
        $join = 2 * $material->density->massOf(Length::mm(1000 * Consumption::TAIL))->grams;

        return $material->unit === null || $material->joined || $material->unit->grams <= $join ? null : new self(
            $material->unit->grams,
            $join,
        );
    }

    /** Balls that so much is, the begun one among them; one at the least. */
    public function balls(float $grams): int
    {
        return max(1, Whole::up($grams / $this->ball));
    }

    /** The ball that is worked first of so much. */
    public function first(float $grams): float
    {
        return $grams <= 0.0 ? $this->ball : $grams - ($this->balls($grams) - 1) * $this->ball;
    }

    /** What joins took while a stock fell from one mass to another. */
    public function joined(float $from, float $to): float
    {
        return ($this->balls($from) - $this->balls($to)) * $this->join;
    }

    /** Grams that go for one of stitches, in the long run. */
    public function swells(): float
    {
        return $this->ball / ($this->ball - $this->join);
    }

    /** What so much is worth in stitches and the tails at both ends: all but its joins. */
    public function worth(float $grams): float
    {
        return $grams - ($this->balls($grams) - 1) * $this->join;
    }

    /**
     * Where the so-manieth ball, from 0, gives out: what has gone by then beside joins, its last tail among it.
     *
     * @param float $first grams of ball 0
     */
    public function givesOut(int $ball, float $first): float
    {
        return $first + $ball * ($this->ball - $this->join);
    }

    /**
     * Joins made until so much has gone beside them, a tail for the next among it.
     *
     * @param float $first grams of the ball worked first
     */
    public function joins(float $gone, float $first): int
    {
        return max(0, Whole::up(($gone - $first) / ($this->ball - $this->join)));
    }
}
