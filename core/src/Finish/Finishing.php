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
    /** @throws Unmakeable where the bag has no room for it */
    public function fit(Shell $shell): Fitted;
}
