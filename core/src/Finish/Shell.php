<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Measure\Length;
use Fescue\Core\Shape\Outline;

/** The bag as it comes off the hook: all that a finish knows of what it is put on. */
final readonly class Shell
{
    /**
     * @param Length $wide lying flat, or closed
     * @param Length $opening so at its edge
     * @param Length $foot so where its wall begins
     * @param Length $length of its base, or of what it closes to
     * @param Length $depth so
     * @param ?Outline $outline of what lies flat
     * @param bool $pieced whether it is of several pieces
     * @param Length $stitch one wide
     * @param Length $row one high
     * @param Length $strand how thick
     * @param ?int $edge stitches of the last round; null of a bag of pieces
     * @param ?Length $holes from the edge down to where hand holes end; null where there are none
     * @param list<Level> $levels rounds of the wall from the opening down; none of a bag of pieces
     */
    public function __construct(
        public Length $wide,
        public Length $opening,
        public Length $foot,
        public Length $high,
        public Length $length,
        public Length $depth,
        public ?Outline $outline,
        public bool $pieced,
        public Length $stitch,
        public Length $row,
        public Length $strand,
        public ?int $edge,
        public ?Length $holes,
        public array $levels,
    ) {}

    /** The round whose middle is nearest to so far under the edge; null of a bag of pieces. */
    public function level(Length $under): ?Level
    {
        $best = null;
        foreach ($this->levels as $one) {
            if ($best === null || abs($one->under->mm - $under->mm) < abs($best->under->mm - $under->mm)) {
                $best = $one;
            }
        }

        return $best;
    }

    /** Stitches once around the edge. */
    public function around(): int
    {
        return max(2, $this->edge ?? (int) round(2 * $this->opening->mm / $this->stitch->mm));
    }

    /** From the edge down to where the wall begins: what a handle's own rounds take. */
    public function wallTop(): Length
    {
        $first = $this->levels[0] ?? null;

        return Length::mm($first === null ? 0.0 : max(0.0, $first->under->mm - $this->row->mm / 2));
    }

    /** Rows from the edge down to the round. */
    public function rowsAbove(Level $level): int
    {
        return (int) array_search($level, $this->levels, true);
    }
}
