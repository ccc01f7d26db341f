<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

/** A maker whose part may hang from the folds of the bag alone, and needs no edge to stand on. */
interface OnFolds extends Maker
{
    /** Whether it does, as it is chosen. */
    public function isOnFolds(): bool;
}
