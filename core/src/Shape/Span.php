<?php

declare(strict_types=1);

namespace Fescue\Core\Shape;

/** What goes from foot to foot of a gap that it is longer than. Millimetres, from the middle of the gap. */
interface Span
{
    /** How high its middle stands. */
    public function height(): float;

    /** @return list<Stand> so many places evenly along it, from left to right, facing outward */
    public function along(int $count): array;
}
