<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;

/** One way to make a piece into strand: the cuts in the order they are made, and what they give. */
final readonly class Cutting
{
    /** Guessed working time until the maker is timed. From memory. */
    private const SECONDS_A_CUT = 8.0;

    private const SECONDS_A_JOIN = 25.0;

    /**
     * @param string $school "one strand" or "joined"
     * @param list<Cut> $cuts in order
     * @param int $strips made
     * @param Length $length of strand from one piece, joins taken off, before any pull
     * @param int $joins in one piece
     * @param int $lumps places that work up thicker: joins, and the corners of a zigzag
     * @param bool $double whether the strand lies double, as a loop does
     * @param float $kept share of the piece that becomes strand, 0 to 1
     * @param Length $joinLoss strand lost where this piece's is joined to the next one's
     */
    public function __construct(
        public string $school,
        public array $cuts,
        public int $strips,
        public Length $length,
        public int $joins,
        public int $lumps,
        public bool $double,
        public float $kept,
        public Length $joinLoss,
    ) {}

    public function minutes(): float
    {
        return (count($this->cuts) * self::SECONDS_A_CUT + $this->joins * self::SECONDS_A_JOIN) / 60;
    }

    /** Of several alike, each joined to the next. @param int $pieces at least 1 */
    public function lengthOf(int $pieces): Length
    {
        return Length::mm(max(0.0, $pieces * $this->length->mm - ($pieces - 1) * $this->joinLoss->mm));
    }

    /**
     * How heavy the strand is, before any pull: the piece's mass over its area, times the strip, twice where it lies double.
     *
     * @throws \InvalidArgumentException where the piece weighs nothing
     */
    public function density(Piece $piece, Mass $mass): LinearDensity
    {
        $gramsPerSquareMm = $mass->grams / $piece->area();

        return LinearDensity::gramsPerMetre($gramsPerSquareMm * $piece->strip->mm * ($this->double ? 2 : 1) * 1000);
    }
}
