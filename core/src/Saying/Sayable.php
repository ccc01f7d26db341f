<?php

declare(strict_types=1);

namespace Fescue\Core\Saying;

/** A value that a tongue knows how to print: a length, a mass, a row, a stitch, a fabric, another saying. */
interface Sayable
{
    /** For programs and logs, which read English and centimetres. */
    public function english(): string;
}
