<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Gauge\Predicted;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\Working;

/** Everything a maker decides about a bag. */
final readonly class BagSpec
{
    /**
     * @param Swatch $swatch measured, or what a learned hand expects it to be
     * @param ?Predicted $predicted by a learned hand, where no swatch of its own was measured
     * @param list<WeighIn> $weighIns in the order of the rows, each with less left than the one before
     * @param ?Mass $unit of one ball, cone, or batch as it is to be had
     */
    public function __construct(
        public string $name,
        public Wish $wish,
        public Material $material,
        public HookSize $hook,
        public Swatch $swatch,
        public Working $working,
        public BaseSpec $base,
        public BodySpec $body,
        public ?SlotSpec $slots,
        public ?Predicted $predicted = null,
        public array $weighIns = [],
        public ?Mass $unit = null,
    ) {}
}
