<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Length;

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
    ) {}

    public function minutes(): float
    {
        return (count($this->cuts) * self::SECONDS_A_CUT + $this->joins * self::SECONDS_A_JOIN) / 60;
    }

    /**
     * Of several alike, each joined to the next.
     *
     * @param int $pieces at least 1
     * @param Length $loss length lost where one is joined to the next
     */
    public function lengthOf(int $pieces, Length $loss): Length
    {
        return Length::mm(max(0.0, $pieces * $this->length->mm - ($pieces - 1) * $loss->mm));
    }
}
