<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Measure\Length;

/** What hangs on an edge beside its rows, on the front; the back has the same. Anchors are counted from its beginning. */
final readonly class Attached
{
    /**
     * @param float $from middle of its first foot
     * @param float $to of its last; the same where it has one
     * @param Length $broad how wide a foot is
     * @param ?Length $long from foot to foot as it lies; null of what only marks a place
     */
    public function __construct(
        public float $from,
        public float $to,
        public Length $broad,
        public ?Length $long,
    ) {}
}
