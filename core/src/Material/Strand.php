<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

use Fescue\Core\Measure\Length;

/** One material of several held together, so many times over, each end drawn from the same stock. */
final readonly class Strand
{
    public function __construct(public string $name, public Material $material, public int $ends)
    {
        if ($ends < 1) {
            throw new \InvalidArgumentException('A strand is held at least once.');
        }
    }

    /** Metres of work until it runs out: its stock shared over its ends; null where not weighed. */
    public function lasts(): ?Length
    {
        return $this->material->lengthOnHand()?->times(1 / $this->ends);
    }
}
