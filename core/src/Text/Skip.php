<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** Places that are left. */
final readonly class Skip implements Step
{
    public function __construct(private Token $at, public int $places, public Into $into = Into::Stitch) {}

    public function at(): Token
    {
        return $this->at;
    }

    public function takes(): int
    {
        return $this->places;
    }
}
