<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Measure\Length;
use Fescue\Core\Shape\Arch;

/** What is fastened to the edge beside its rows, as the front shows it; the back has the same, or shares it. */
final readonly class Attached
{
    /**
     * @param Fastened $as what it is
     * @param float $from middle of its first foot, mm to the right of the middle of the front
     * @param float $to of its last; the same where it has one
     * @param Length $broad how wide a foot is
     * @param ?Length $long from foot to foot as it lies; null of what has one foot
     * @param bool $shared whether it is on a fold, where front and back have one between them
     */
    public function __construct(
        public Fastened $as,
        public float $from,
        public float $to,
        public Length $broad,
        public ?Length $long = null,
        public bool $shared = false,
    ) {}

    /** Between its feet, mm to the right of the middle of the front. */
    public function middle(): float
    {
        return ($this->from + $this->to) / 2;
    }

    /** How it rises from foot to foot, at least straight across; null of what has one foot. */
    public function arch(): ?Arch
    {
        $span = abs($this->to - $this->from);

        return $this->long === null || $span <= 0.0 ? null : Arch::of($span, max($span, $this->long->mm));
    }
}
