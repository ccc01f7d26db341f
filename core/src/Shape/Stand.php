<?php

declare(strict_types=1);

namespace Fescue\Core\Shape;

/**
 * A place to stand and the way to face: x right and y down in mm, degrees clockwise from up; and whether it is lifted
 * off what lies under it.
 */
final readonly class Stand
{
    public function __construct(public float $x, public float $y, public float $degrees, public bool $lifted = false) {}

    /** The same, half a turn about the origin. */
    public function opposite(): self
    {
        return new self(-$this->x, -$this->y, $this->degrees + 180);
    }
}
