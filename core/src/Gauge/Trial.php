<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Kind;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;

/** A swatch with the hook and the material it was made with: what a hand is learned from. */
final readonly class Trial
{
    /**
     * @param ?LinearDensity $density of the material; null where it was not weighed, and the swatch's mass says no
     *         length
     * @param bool $blocked whether it was measured blocked and dry, not as it came off the hook
     */
    public function __construct(
        public Swatch $swatch,
        public HookSize $hook,
        public Kind $kind,
        public Length $diameter,
        public ?LinearDensity $density = null,
        public bool $blocked = false,
    ) {}

    /** Strand in one stitch; null where swatch or material was not weighed. */
    public function strand(): ?Length
    {
        $mass = $this->swatch->gauge()->mass;

        return $mass === null || $this->density === null ? null : $this->density->lengthOf($mass);
    }
}
