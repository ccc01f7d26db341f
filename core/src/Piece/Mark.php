<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Saying\Saying;

/** A place on a flat piece that something happens at. */
final readonly class Mark
{
    /**
     * @param float $x middle of it, mm, as its Flat has it
     * @param ?Saying $says beside it; null where nothing need be said
     */
    public function __construct(
        public Marked $as,
        public float $x,
        public float $y,
        public float $wide,
        public float $high,
        public ?Saying $says = null,
    ) {}
}
