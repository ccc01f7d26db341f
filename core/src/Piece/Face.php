<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

/** A flat part of a piece in space while the bag goes together. Millimetres, x right, y up, z towards the eye. */
final readonly class Face
{
    /**
     * @param non-empty-list<array{float, float, float}> $corners
     * @param string $of the piece, as vocabularies know it
     * @param bool $lies whether its right side is turned to the eye
     * @param bool $open whether it is a net
     */
    public function __construct(public array $corners, public string $of = '', public bool $lies = true, public bool $open = false) {}

    /**
     * A rectangle from a corner along two ways.
     *
     * @param array{float, float, float} $at
     * @param array{float, float, float} $along
     * @param array{float, float, float} $up
     */
    public static function from(array $at, array $along, array $up, string $of = '', bool $lies = true, bool $open = false): self
    {
        $plus = fn(array $a, array $b): array => [$a[0] + $b[0], $a[1] + $b[1], $a[2] + $b[2]];

        return new self([$at, $plus($at, $along), $plus($plus($at, $along), $up), $plus($at, $up)], $of, $lies, $open);
    }
}
