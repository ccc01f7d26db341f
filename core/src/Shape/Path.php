<?php

declare(strict_types=1);

namespace Fescue\Core\Shape;

/** Where the stitches of a row stand, seen flat from above. */
interface Path
{
    /** Of the so-manieth stitch, from 0, of so many. */
    public function stand(int $place, int $of): Stand;
}
