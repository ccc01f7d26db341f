<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Material\Material;

/** Another strand the maker has, with what of it is free. */
final readonly class Spare
{
    /** @param int $number the maker's own, by which a mend names it */
    public function __construct(public int $number, public string $name, public Material $material) {}
}
