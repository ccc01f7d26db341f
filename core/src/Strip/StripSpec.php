<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\ArealDensity;

/** What to cut, how, and how many alike. */
final readonly class StripSpec
{
    public const LONGEST_PULL = 3.0;

    public const MOST_PIECES = 5000;

    /**
     * @param ?ArealDensity $areal of one layer; null where nothing was weighed
     * @param float $pull length after the pull over length before it, 1 or more
     * @param int $pieces alike, at least 1
     */
    public function __construct(
        public Source $source,
        public Cuttable $piece,
        public CutMethod $school,
        public ?ArealDensity $areal = null,
        public float $pull = 1.0,
        public int $pieces = 1,
    ) {}

    public function in(CutMethod $school): self
    {
        return new self($this->source, $this->piece, $school, $this->areal, $this->pull, $this->pieces);
    }
}
