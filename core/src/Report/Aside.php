<?php

declare(strict_types=1);

namespace Fescue\Core\Report;

use Fescue\Core\Measure\Length;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Side;

/** One side of a bag against its wish, with the count that changes it. */
final readonly class Aside
{
    /** @param ?Setting $by the count that changes it; null where none does */
    public function __construct(
        public Side $side,
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
