<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Base\Oval;
use Fescue\Core\Body\PlainBody;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Handle\Slots;
use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Mass;
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

    /**
     * The same bag, had so much been on hand and this been weighed: none of it changes a count.
     *
     * @param list<WeighIn> $weighIns
     */
    public function weighed(?Mass $onHand, array $weighIns): self
    {
        $was = $this->spec;
        $material = new Material($was->material->kind, $was->material->diameter, $was->material->density, $onHand, $was->material->make, $was->material->fibre);
        $spec = new BagSpec($was->name, $was->wish, $material, $was->hook, $was->swatch, $was->working, $was->base, $was->body, $was->slots, $was->predicted, $weighIns, $was->unit);

        return new self($spec, $this->gauge, $this->base, $this->body, $this->slots, $this->pattern, $this->comesOut);
    }
}
