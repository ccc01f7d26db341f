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
        $step = $this->by?->serves?->step;
        if ($this->by === null || $step === null) {
            return 0;
        }
        $bounds = $this->by->bounds;

        return $bounds->every * max(
            (int) ceil(($bounds->least - (int) $this->by->value) / $bounds->every),
            (int) round(-($this->miss() ?? 0.0) / $step->mm / $bounds->every),
        );
    }
}
