<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Material\Material;

/** Another material from one row on, worked at the same gauge. */
final readonly class Second
{
    /** @param string $from a row's name, as the pattern writes it; not the first */
    public function __construct(public string $from, public Material $material) {}
}
