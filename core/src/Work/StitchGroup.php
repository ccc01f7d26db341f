<?php

declare(strict_types=1);

namespace Fescue\Core\Work;

/** What is done in one go: "3 sc in next st". */
final readonly class StitchGroup
{
    /**
     * @param int<1, max> $stitches worked of it; one where it is only a turn or a mark
     * @param int<0, max> $tops that are counted of it
     */
    public function __construct(public string $said, public int $stitches, public int $tops = 0) {}
}
