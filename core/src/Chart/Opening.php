<?php

declare(strict_types=1);

namespace Fescue\Core\Chart;

use Fescue\Core\Shape\Ellipse;

/** What a hand goes through: half an ellipse over its middle, mm. */
final readonly class Opening
{
    public function __construct(public float $x, public float $y, public Ellipse $arch) {}
}
