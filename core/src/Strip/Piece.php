<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Length;

/** Something flat to cut strips from. Its cuts are told on the piece as it lies, handles and seams already measured. */
interface Piece
{
    public function width(): Length;

    public function height(): Length;

    /** Layers it lies in: 2 for a tube or a bag, 1 for a panel. */
    public function layers(): int;

    /** One strand, uncut from end to end. */
    public function oneStrand(): Cutting;

    /** Strips or loops, each joined to the next. */
    public function joined(): Cutting;

    /** Strand lost where two pieces are joined, one strand or joined. */
    public function joinLoss(): Length;
}
