<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

/** Everything that is so, whatever a maker decides: what there is to work with, her hands, and what was weighed. */
final readonly class Facts
{
    /**
     * @param HandGauge $hands what they make on the hook, by a swatch or as they are known; with what the tape says
     * @param list<WeighIn> $weighIns in the order of the rows, each with less left than the one before
     * @param ?float $stretch by which her straps grow under a full bag, as a share; null until one has hung
     * @param ?float $differs how far bags of this hand are off what her swatches say, as a share; null where none is
     *         finished
     */
    public function __construct(
        public Strands $strands,
        public HandGauge $hands,
        public array $weighIns = [],
        public ?float $stretch = null,
        public ?float $differs = null,
    ) {}

    /**
     * The same, but for what is given.
     *
     * @param ?list<WeighIn> $weighIns
     */
    public function with(?Strands $strands = null, ?HandGauge $hands = null, ?array $weighIns = null): self
    {
        return new self(
            $strands ?? $this->strands,
            $hands ?? $this->hands,
            $weighIns ?? $this->weighIns,
            $this->stretch,
            $this->differs,
        );
    }

    /** The same, its maker's bags so far off her swatches; null where that is not known. */
    public function differing(?float $differs): self
    {
        return new self($this->strands, $this->hands, $this->weighIns, $this->stretch, $differs);
    }
}
