<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** Places that are left. */
final readonly class SkippedPlaces implements Step
{
    public function __construct(private Token $at, public int $places, public Target $into = Target::Stitch) {}

    public function at(): Token
    {
        return $this->at;
    }

    public function takes(): int
    {
        return $this->places;
    }
}
