<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

use Fescue\Core\Measure\Spread;

/** What a hand makes of another stitch, as multiples of the one its gauge is of. */
final readonly class Proportion
{
    /**
     * @param string $of the other motif's key: most of what a hand is known to make no bag asks for
     * @param Spread $width of one stitch, $height of its row, $strand in it
     * @param float $sharing of what the gauge's own strand may be off, the share by which this one is off with it: −1
     *         where it stays as it is, 0 where it is off as much
     */
    public function __construct(
        public string $of,
        public Spread $width,
        public Spread $height,
        public Spread $strand,
        public float $sharing = 0.0,
    ) {}
}
