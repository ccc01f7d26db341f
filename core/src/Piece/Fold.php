<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Saying\Saying;

/** A line along which a piece is folded. */
final readonly class Fold
{
    /**
     * @param array{float, float} $from mm, as its Flat has them
     * @param array{float, float} $to
     * @param ?Saying $above what it parts, in a few words; null where nothing need be said
     */
    public function __construct(public array $from, public array $to, public ?Saying $above = null) {}
}
