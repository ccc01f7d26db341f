<?php

declare(strict_types=1);

namespace Fescue\Core\Scale;

use Fescue\Core\Measure\MassUnit;

/** What a simulated scale remembers. Grams, and seconds on one clock. */
final readonly class ScaleState
{
    /**
     * @param float $load what lies on the pan
     * @param float $before what lay there until putAt
     */
    public function __construct(
        public float $load = 0.0,
        public float $before = 0.0,
        public float $putAt = 0.0,
        public float $tare = 0.0,
        public MassUnit $unit = MassUnit::Gram,
        public bool $plugged = true,
        public float $pluggedAt = 0.0,
    ) {}

    public function with(
        ?float $load = null,
        ?float $before = null,
        ?float $putAt = null,
        ?float $tare = null,
        ?MassUnit $unit = null,
        ?bool $plugged = null,
        ?float $pluggedAt = null,
    ): self {
        return new self(
            $load ?? $this->load,
            $before ?? $this->before,
            $putAt ?? $this->putAt,
            $tare ?? $this->tare,
            $unit ?? $this->unit,
            $plugged ?? $this->plugged,
            $pluggedAt ?? $this->pluggedAt,
        );
    }
}
