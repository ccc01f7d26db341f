<?php

declare(strict_types=1);

namespace Fescue\Core\Shape;

/** A closed outline in the plane, centred on nothing, in millimetres. */
interface Outline
{
    /** The longer way across, mm. */
    public function length(): float;

    /** The shorter way across, mm. */
    public function width(): float;

    /** Radius of its ends or corners, mm; 0 where they are sharp. */
    public function corner(): float;

    /** Length of the outline, mm. */
    public function perimeter(): float;

    /** Area inside, mm². */
    public function area(): float;
}
