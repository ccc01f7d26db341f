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
     */
    public function __construct(
        public EdgeKind $kind,
        public int $anchors,
        public array $middles = [],
        public ?Motif $fabric = null,
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
