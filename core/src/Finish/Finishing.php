<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Variant;

/**
 * One thing that a bag is finished with: a lining, a closure, a tassel. Nothing outside its file names it, but for one
 * line in Finishings.
 */
interface Finishing extends Variant
{
    /**
     * Settings that are measured of one bag by the tape: no other bag has them.
     *
     * @var list<string>
     */
    public const TAPED = [];

    /**
     * Settings that fit one size of bag: of another they are as left open.
     *
     * @var list<string>
     */
    public const OF_SIZE = [];

    /** @throws Unmakeable where the bag has no room for it */
    public function fit(Shell $shell): Fitted;
}
