<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

use Fescue\Core\Instruction\Motif;

/** An ordered run of anchors that a row may be worked into: all that a wall or a handle knows of what is under it. */
final readonly class Edge
{
    /**
     * @param list<float> $middles of its sides, anchors from its beginning, whole or half; none where it has no sides
     * @param ?Motif $fabric of the row that left it
     * @param int $moved anchors by which its beginning moved on past where the row that left it began
     */
    public function __construct(
        public EdgeKind $kind,
        public int $anchors,
        public array $middles = [],
        public ?Motif $fabric = null,
        public int $moved = 0,
    ) {
        if ($anchors < 1) {
            throw new \InvalidArgumentException('An edge has an anchor at least.');
        }
    }

    public static function tops(int $anchors, ?Motif $fabric = null): self
    {
        return new self(EdgeKind::Tops, $anchors, fabric: $fabric);
    }

    /** A closed one of two sides alike, the first middle so many anchors from its beginning. */
    public static function around(int $anchors, float $middle, ?Motif $fabric = null): self
    {
        return new self(EdgeKind::Tops, $anchors, [$middle, $middle + $anchors / 2], $fabric);
    }

    /** The same met from its other face: what was last is first. */
    public function turned(): self
    {
        return $this->with(array_map(fn(float $middle): float => $this->anchors - $middle, $this->middles));
    }

    /** The same where the start of rounds leans on by so many stitches. */
    public function leaning(float $by): self
    {
        return $by === 0.0 ? $this : $this->with(array_map(fn(float $middle): float => $middle - $by, $this->middles));
    }

    /** The same begun so many anchors later. */
    public function begun(int $later): self
    {
        return $later === 0 ? $this : $this->with(
            array_map(fn(float $middle): float => $middle - $later, $this->middles),
            $this->moved + $later,
        );
    }

    /** The same begun at a side's fold. */
    public function fromFold(): self
    {
        if ($this->middles === []) {
            return $this;
        }
        $later = (int) round($this->middles[0] - $this->anchors / 4);

        return $this->begun($later < 0 ? $later + intdiv($this->anchors, 2) : $later);
    }

    /** @param list<float> $middles that may lie before or behind it */
    private function with(array $middles, ?int $moved = null): self
    {
        $within = array_map(
            fn(float $middle): float => fmod(fmod($middle, $this->anchors) + $this->anchors, $this->anchors),
            $middles,
        );
        sort($within);

        return new self($this->kind, $this->anchors, $within, $this->fabric, $moved ?? $this->moved);
    }

    /** The same after a round that leaves so many: its sides' middles as far round as they were. */
    public function after(int $leaves, Motif $fabric): self
    {
        return new self(
            EdgeKind::Tops,
            $leaves,
            array_map(fn(float $middle): float => $middle * $leaves / $this->anchors, $this->middles),
            $fabric,
        );
    }
}
