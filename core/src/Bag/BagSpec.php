<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Material;
use Fescue\Core\Pattern\Working;

/** Everything a maker decides about a bag. */
final readonly class BagSpec
{
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
    ) {}
}
