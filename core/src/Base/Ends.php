<?php

declare(strict_types=1);

namespace Fescue\Core\Base;

/** The two schools of turning round the end of a foundation chain. */
enum Ends: string
{
    case TwoAndTwo = 'two-and-two';
    case Three = 'three';

    /** Stitches of the first round in each end chain before the start of the round, or the half of it, is passed. */
    public function firstTail(): int
    {
        return 2;
    }

    /** Stitches of the first round in each end chain after it. */
    public function firstHead(): int
    {
        return $this === self::TwoAndTwo ? 2 : 1;
    }

    /** Each end grows by whole steps of this many, so that what two-and-two does left of the fold it does right of it. */
    public function step(): int
    {
        return $this === self::TwoAndTwo ? 2 : 1;
    }
}
