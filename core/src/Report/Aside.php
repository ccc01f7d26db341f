<?php

declare(strict_types=1);

namespace Fescue\Core\Report;

use Fescue\Core\Measure\Length;
use Fescue\Core\Piece\Setting;

/** One side of a bag against its wish, in the words for it, with the count that changes it. */
final readonly class Aside
{
    /**
     * @param string $name "height"
     * @param string $as "high"
     * @param string $less "lower"
     * @param string $more "higher"
     * @param ?Setting $by the count that changes it; null where none does
     */
    public function __construct(
        public string $name,
        public string $as,
        public string $less,
        public string $more,
        public ?Length $wish,
        public Length $comesOut,
        public ?Setting $by,
    ) {}

    /** Millimetres too long, below zero too short; null where nothing was wished. */
    public function miss(): ?float
    {
        return $this->wish === null ? null : $this->comesOut->mm - $this->wish->mm;
    }

    /** How many more (below zero: fewer) come nearest to the wish, as far as they can be taken away. */
    public function mend(): int
    {
        $by = $this->by;
        if ($by === null || $by->step === null) {
            return 0;
        }

        return $by->every * max(
            (int) ceil(($by->least - (int) $by->value) / $by->every),
            (int) round(-($this->miss() ?? 0.0) / $by->step->mm / $by->every),
        );
    }
}
