<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

use Fescue\Core\Measure\Length;

/** Something beside strand that a bag is finished with. */
final readonly class Need
{
    /**
     * @param string $name "Magnetic snap"
     * @param float $amount in the kind's unit: pieces, or cm of cloth
     * @param ?Make $make what it is, of hardware
     * @param ?Length $size how wide or long one is; of cloth, how wide it lies; null where any will do
     */
    public function __construct(
        public Kind $kind,
        public string $name,
        public float $amount,
        public ?Make $make = null,
        public ?Length $size = null,
    ) {}

    public static function piece(Make $make, string $name, int $many = 1, ?Length $size = null): self
    {
        return new self(Kind::Hardware, $name, (float) $many, $make, $size);
    }

    /** Whether two are of the same thing, so that one box holds both. */
    public function isLike(self $other): bool
    {
        return $this->kind === $other->kind && $this->make === $other->make && self::fits($this->size, $other->size);
    }

    /** Whether something of a size will do: within a millimetre and a fiftieth; whatever has no size does. */
    public static function fits(?Length $asked, ?Length $there): bool
    {
        return $asked === null || $there === null || abs($asked->mm - $there->mm) <= max(1.0, $asked->mm / 50);
    }
}
