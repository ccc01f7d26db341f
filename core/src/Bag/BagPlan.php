<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Base\Oval;
use Fescue\Core\Body\PlainBody;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Handle\Slots;
use Fescue\Core\Pattern\Pattern;

/** A bag with nothing left open: its parts, its proven rows and the size that comes out. */
final readonly class BagPlan
{
    public function __construct(
        public BagSpec $spec,
        public Gauge $gauge,
        public Oval $base,
        public PlainBody $body,
        public ?Slots $slots,
        public Pattern $pattern,
        public ComesOut $comesOut,
    ) {}
}
