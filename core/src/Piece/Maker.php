<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;

/**
 * One way to make a part of a bag: a base, a band of wall, a top. It reads its own choices, settles what they leave
 * open against the wish, and makes rows on the edge that the maker before it left. Nothing outside its file names it,
 * but for one line in Bag\Makers.
 */
interface Maker extends Variant
{
    /** How high its rows stand; null where that follows the wish. */
    public function height(Ground $ground): ?Length;

    /**
     * Every count given.
     *
     * @param Wish $wish with the height that is left for it
     * @param ?Edge $on null of the first
     *
     * @throws Unmakeable
     */
    public function settle(Wish $wish, Ground $ground, ?Edge $on): static;

    /** @throws Unmakeable */
    public function make(Ground $ground, ?Edge $on): Made;
}
