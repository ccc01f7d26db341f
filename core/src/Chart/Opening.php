<?php

declare(strict_types=1);

namespace Fescue\Core\Chart;

use Fescue\Core\Shape\Arch;

/** What a hand goes through: under an arch over its middle, mm. */
final readonly class Opening
{
    public function __construct(public float $x, public float $y, public Arch $arch) {}
}
