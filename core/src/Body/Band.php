<?php

declare(strict_types=1);

namespace Fescue\Core\Body;

use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Motif;

/** So many rounds of a wall worked alike. */
final readonly class Band
{
    public function __construct(public Motif $motif, public Loop $loop, public int $rounds)
    {
        if ($rounds < 1) {
            throw new \InvalidArgumentException('A band has a round at least.');
        }
    }
}
