<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

/** A place on a flat piece that something happens at. */
final readonly class Mark
{
    /**
     * @param float $x middle of it, mm, as its Flat has it
     * @param string $says beside it; '' where nothing need be said
     */
    public function __construct(
        public Marked $as,
        public float $x,
        public float $y,
        public float $wide,
        public float $high,
        public string $says = '',
    ) {}
}
