<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

/** Tabs of a bag that is made of them: to collect, sort, wash and bend. */
final readonly class TabCount
{
    /** @param int $bent of all, whose tongue is bent flat first */
    public function __construct(public int $total, public int $perSquare, public int $bent, public int $squares) {}
}
