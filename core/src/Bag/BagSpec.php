<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Gauge\Gauge;
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
     * @param list<Swatch> $also of the same hook and material, measured in other stitches
     * @param float $waste grams thrown away in cutting, for each gram of strand
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
        public ?Second $second = null,
        public float $waste = 0.0,
        public array $also = [],
    ) {}

    /** What a stitch measures: of other stitches too, where they were measured. */
    public function gauge(): Gauge
    {
        $own = $this->swatch->gauge();

        return new Gauge($own->motif, $own->width, $own->height, $own->mass, array_map(fn(Swatch $other): Gauge => $other->gauge(), $this->also));
    }

    /** The same bag of other counts. */
    public function shaped(BaseSpec $base, BodySpec $body, ?SlotSpec $slots): self
    {
        return new self($this->name, $this->wish, $this->material, $this->hook, $this->swatch, $this->working, $base, $body, $slots, $this->predicted, $this->weighIns, $this->unit, $this->second, $this->waste, $this->also);
    }

    /** The same bag of another size, every count that follows it open. */
    public function sized(Wish $wish): self
    {
        return new self($this->name, $wish, $this->material, $this->hook, $this->swatch, $this->working, new BaseSpec($this->base->ends), $this->body->following(), $this->slots, $this->predicted, $this->weighIns, $this->unit, $this->second, $this->waste, $this->also);
    }

    /** The same bag of other hands, hook or material, begun anew. */
    public function worked(Material $material, HookSize $hook, Swatch $swatch, ?Predicted $predicted): self
    {
        return new self($this->name, $this->wish, $material, $hook, $swatch, $this->working, $this->base, $this->body, $this->slots, $predicted, unit: $this->unit, second: $this->second, waste: $this->waste);
    }

    /**
     * The same bag, had so much been on hand and this been weighed.
     *
     * @param list<WeighIn> $weighIns
     */
    public function weighed(?Mass $onHand, array $weighIns): self
    {
        $was = $this->material;
        $material = new Material($was->kind, $was->diameter, $was->density, $onHand, $was->make, $was->fibre);

        return new self($this->name, $this->wish, $material, $this->hook, $this->swatch, $this->working, $this->base, $this->body, $this->slots, $this->predicted, $weighIns, $this->unit, $this->second, $this->waste, $this->also);
    }
}
