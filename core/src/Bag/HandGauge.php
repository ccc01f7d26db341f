<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Gauge\Predicted;
use Fescue\Core\Gauge\Proportion;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Material;
use Fescue\Core\Saying\Saying;

/** What the hands make on a hook: measured, or what a learned hand expects. */
final readonly class HandGauge
{
    /**
     * @param Swatch $swatch measured, or what a learned hand expects it to be
     * @param ?Predicted $predicted by a learned hand, where no swatch of its own was measured
     * @param list<Swatch> $also of the same hook and material, measured in other stitches
     * @param list<Proportion> $proportions beside a measured swatch: what her hand is known to make of other stitches
     * @param array<int, Saying> $doubts what is odd about a swatch that the gauge was learned from, by its place among
     *         them
     * @param array{float, float} $taped by how many times this work is wider and higher than that, as its tape says
     */
    public function __construct(
        public HookSize $hook,
        public Swatch $swatch,
        public ?Predicted $predicted = null,
        public array $also = [],
        public array $proportions = [],
        public array $doubts = [],
        public array $taped = [1.0, 1.0],
    ) {}

    /** The same, once more wider and higher by the tape. */
    public function taped(float $wide, float $high): self
    {
        return new self(
            $this->hook,
            $this->swatch,
            $this->predicted,
            $this->also,
            $this->proportions,
            $this->doubts,
            [$this->taped[0] * $wide, $this->taped[1] * $high],
        );
    }

    /**
     * As a learned hand expects it.
     *
     * @param array<int, Saying> $doubts
     */
    public static function predicted(HookSize $hook, Predicted $predicted, Material $material, array $doubts = []): self
    {
        return new self($hook, $predicted->swatch($material->density), $predicted, doubts: $doubts);
    }

    /** What a stitch measures: of other stitches too, where they were measured. */
    public function gauge(): Gauge
    {
        $own = $this->swatch->gauge();

        return (new Gauge(
            $own->motif,
            $own->width,
            $own->height,
            $own->mass,
            array_map(fn(Swatch $other): Gauge => $other->gauge(), $this->also),
            $this->predicted->others ?? $this->proportions,
        ))->scaled(...$this->taped);
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
}
