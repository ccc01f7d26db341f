<?php

declare(strict_types=1);

namespace Fescue\Core\Solid;

use Fescue\Core\Gauge\Hang;
use Fescue\Core\Pattern\School;
use Fescue\Core\Piece\Hanging;

/** How a full bag that is carried differs from one that lies, as shares of its lengths (Handbook 4 and 7). */
final readonly class Carried
{
    /** @param float $straps how long a handle is; 1 as it lies, over 1 where it is pulled longer */
    private function __construct(public float $straps, public float $wide, public float $high) {}

    /** @param ?Hang $fabric how its swatch hung; null where none did, and the fabric is drawn as it lies */
    public static function of(School $school, ?Hang $fabric): self
    {
        return new self(Hanging::share($school), $fabric->wide ?? 1.0, $fabric->high ?? 1.0);
    }

    /** The same with a strap that does not stretch. */
    public function unyielding(): self
    {
        return new self(1.0, $this->wide, $this->high);
    }
}
