<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

use Fescue\Core\Saying\Saying;

/** A measure of a swatch that cannot be right: "stitches", "rows", "width" or "height", and what to check. */
final readonly class Doubt
{
    public function __construct(public string $field, public Saying $said) {}
}
