<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Pattern\Working;

/** What every maker stands on: what a stitch measures, and how rounds meet. */
final readonly class Ground
{
    public function __construct(public Gauge $gauge, public Working $working) {}
}
