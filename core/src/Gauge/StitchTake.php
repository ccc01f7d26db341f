<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Kind;
use Fescue\Core\Measure\Length;

/**
 * What a stitch really took in the work of a bag, as its weigh-ins found it: it teaches the hand beside the swatches.
 */
final readonly class StitchTake
{
    /**
     * @param Length $strand in one stitch
     * @param float $relative standard deviation as a share of it, by which one bag differs from the hand
     */
    public function __construct(
        public Motif $motif,
        public HookSize $hook,
        public Kind $kind,
        public Length $diameter,
        public Length $strand,
        public float $relative,
    ) {
        if ($strand->mm <= 0 || $relative <= 0) {
            throw new \InvalidArgumentException('A stitch takes some strand, and one bag is never just like another.');
        }
    }
}
