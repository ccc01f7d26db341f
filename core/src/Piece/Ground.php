<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\School;

/** What every maker stands on: what a stitch measures, how rounds meet, the wall on a base, how thick the strand is. */
final readonly class Ground
{
    /** @param bool $plain whether a plain round is worked on a base before the wall */
    public function __construct(
        public Gauge $gauge,
        public School $school,
        public ?Motif $wall = null,
        public ?Length $strand = null,
        private bool $plain = false,
    ) {}

    public function wallWidth(): Length
    {
        return $this->gauge->widthOf($this->wall());
    }

    /** The wall's first fabric. */
    public function wall(): Motif
    {
        return $this->wall ?? Motif::single();
    }

    /** What the first round on a base is worked in. */
    public function first(): Motif
    {
        return $this->plain ? Motif::single() : $this->wall();
    }
}
