<?php

declare(strict_types=1);

namespace Fescue\Core\Tally;

use Fescue\Core\Measure\Length;

/** One side of a bag against its wish, in the words for it, with the count that changes it. */
final readonly class Side
{
    /**
     * @param string $name "height"
     * @param string $as "high"
     * @param string $less "lower"
     * @param string $more "higher"
     * @param string $unit what is counted: "body round"
     * @param float $step millimetres each of them makes
     * @param int $count how many there are
     * @param int $fewest how many there must be
     */
    public function __construct(
        public string $name,
        public string $as,
        public string $less,
        public string $more,
        public ?Length $wish,
        public Length $comesOut,
        public string $unit,
        public float $step,
        public int $count,
        public int $fewest,
    ) {}

    /** Millimetres too long, below zero too short; null where nothing was wished. */
    public function miss(): ?float
    {
        return $this->wish === null ? null : $this->comesOut->mm - $this->wish->mm;
    }

    /** How many more (below zero: fewer) come nearest to the wish, as far as they can be taken away. */
    public function mend(): int
    {
        return max($this->fewest - $this->count, (int) round(-($this->miss() ?? 0.0) / $this->step));
    }
}
