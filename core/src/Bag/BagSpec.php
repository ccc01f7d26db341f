<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Gauge\Predicted;
use Fescue\Core\Gauge\Proportion;
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
     * @param list<Material> $others about as thick as the first, worked from one change to the next
     * @param list<Change> $changes in the order of the rows
     * @param list<Swatch> $also of the same hook and material, measured in other stitches
     * @param list<Proportion> $proportions beside a measured swatch: what her hand is known to make of other stitches
     * @param array<int, string> $doubts what is odd about a swatch that the gauge was learned from, by its place among them
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
        public array $others = [],
        public array $changes = [],
        public array $also = [],
        public array $proportions = [],
        public array $doubts = [],
    ) {}

    /** What a stitch measures: of other stitches too, where they were measured. */
    public function gauge(): Gauge
    {
        $own = $this->swatch->gauge();

        return new Gauge($own->motif, $own->width, $own->height, $own->mass, array_map(fn(Swatch $other): Gauge => $other->gauge(), $this->also), $this->predicted->others ?? $this->proportions);
    }

    /**
     * How far the size that comes of the counts may be off, flat width and height, as standard deviations: of a learned
     * gauge by what the hand is not known by, of a measured one by the measuring. Shares; 0 where that is not known.
     *
     * @return array{float, float}
     */
    public function sizeSpread(): array
    {
        return $this->predicted === null
            ? [$this->swatch->widthSpread, $this->swatch->heightSpread]
            : [$this->predicted->width->relative, $this->predicted->height->relative];
    }

    /** @param int $which 0 for the bag's own, 1 for the first of its others, and so on */
    public function material(int $which): Material
    {
        return [$this->material, ...$this->others][$which] ?? throw new \OutOfRangeException("The bag has no material {$which}.");
    }

    /** The same bag of other counts. */
    public function shaped(BaseSpec $base, BodySpec $body, ?SlotSpec $slots): self
    {
        return $this->with(base: $base, body: $body, slots: $slots);
    }

    /** The same bag, another material from a row on. */
    public function continued(Material $other, string $from): self
    {
        return $this->with(others: [...$this->others, $other], changes: [...$this->changes, new Change($from, count($this->others) + 1)]);
    }

    /** The same bag of another size, every count that follows it open. */
    public function sized(Wish $wish): self
    {
        return $this->with(wish: $wish, base: new BaseSpec($this->base->ends), body: $this->body->following());
    }

    /**
     * The same bag of other hands, hook or material, begun anew.
     *
     * @param list<Proportion> $proportions
     */
    public function worked(Material $material, HookSize $hook, Swatch $swatch, ?Predicted $predicted, array $proportions = []): self
    {
        return $this->with(material: $material, hook: $hook, swatch: $swatch, predicted: $predicted, weighIns: [], also: [], proportions: $proportions, doubts: []);
    }

    /**
     * The same bag, had so much been on hand and this been weighed.
     *
     * @param list<WeighIn> $weighIns
     */
    public function weighed(?Mass $onHand, array $weighIns): self
    {
        return $this->with(material: $this->material->withOnHand($onHand), weighIns: $weighIns);
    }

    /** The same decisions but for those named. */
    private function with(mixed ...$changed): self
    {
        return new self(...[...get_object_vars($this), ...$changed]); // @phpstan-ignore argument.type (a wrong name or type is PHP's own error)
    }
}
