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
    public function __construct(
        public Gauge $gauge,
        public School $school,
        public ?Motif $wall = null,
        public ?Length $strand = null,
    ) {}

    public function wallWidth(): Length
    {
        return $this->gauge->widthOf($this->wall());
    }

    /** The fabric that is worked on the base first. */
    public function wall(): Motif
    {
        return $this->wall ?? Motif::single();
    }
}
