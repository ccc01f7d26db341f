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

    /** Along the middle of the strand of one piece, joins taken off, before any pull. */
    public Length $length;

    /**
     * @param list<Cut> $cuts in order
     * @param list<list<array{float, float}>> $course the middle of the strand as the piece lies, folded, mm: one line,
     *         or one for each strip
     * @param int $joins in one piece
     * @param int $lumps places that work up thicker: joins, and the corners of a zigzag
     * @param bool $double whether the strand lies double, as a loop does
     * @param float $strand area of one piece that becomes strand, mm²
     * @param Length $lost strand lost in the joins within one piece
     * @param JoinMethod $join within one piece and between pieces
     * @param Length $between strand lost where this piece's is joined to the next one's
     */
    public function __construct(
        public CutMethod $school,
        public Cuttable $piece,
        public array $cuts,
        public array $course,
        public int $joins,
        public int $lumps,
        public bool $double,
        public float $strand,
        Length $lost,
        public JoinMethod $join,
        public Length $between,
    ) {
        $this->length = Length::mm(max(0.0, self::along($course) / ($double ? 2 : 1) - $lost->mm));
    }

    /** Its shortest strip, mm, as it is worked: a loop lies double. */
    public function shortest(): float
    {
        return min(
            INF,
            ...array_map(fn(array $line): float => self::along([$line]), $this->course),
        ) / ($this->double ? 2 : 1);
    }

    public function strips(): int
    {
        return $this->piece->strips;
    }

    /** mm² of one piece that is thrown away. */
    public function waste(): float
    {
        return max(0.0, $this->piece->area() - $this->strand);
    }

    /** Share of the piece that becomes strand, 0 to 1. */
    public function kept(): float
    {
        return $this->strand / $this->piece->area();
    }

    /** Of several alike, each joined to the next. @param int $pieces at least 1 */
    public function lengthOf(int $pieces): Length
    {
        return Length::mm(max(0.0, $pieces * $this->length->mm - ($pieces - 1) * $this->between->mm));
    }

    /** @param int $pieces at least 1 */
    public function joinsOf(int $pieces): int
    {
        return $pieces * $this->joins + $pieces - 1;
    }

    /**
     * Guessed.
     *
     * @param int $pieces at least 1
     * @param int $stack pieces cut through at once, at least 1; aslant each is cut by itself
     */
    public function minutes(int $pieces = 1, int $stack = 1): float
    {
        $alone = count(array_filter($this->cuts, fn(Cut $cut): bool => $cut->kind === CutKind::Diagonal));
        $cuts = (int) ceil($pieces / $stack) * (count($this->cuts) - $alone) + $pieces * $alone;

        return ($cuts * self::SECONDS_A_CUT + $this->joinsOf($pieces) * self::SECONDS_A_JOIN) / 60;
    }

    /** @param list<list<array{float, float}>> $course */
    private static function along(array $course): float
    {
        $length = 0.0;
        foreach ($course as $line) {
            foreach (array_slice($line, 1) as $place => [$x, $y]) {
                $length += hypot($x - $line[$place][0], $y - $line[$place][1]);
            }
        }

        return $length;
    }
}
