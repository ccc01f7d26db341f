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
    public function __construct(
        public array $corners,
        public string $of = '',
        public bool $lies = true,
        public bool $open = false,
    ) {}

    /**
     * A rectangle from a corner along two ways.
     *
     * @param array{float, float, float} $at
     * @param array{float, float, float} $along
     * @param array{float, float, float} $up
     */
    public static function from(
        array $at,
        array $along,
        array $up,
        string $of = '',
        bool $lies = true,
        bool $open = false,
    ): self {
        [$x, $y, $z] = $at;
        [$x1, $y1, $z1] = $along;
        [$x2, $y2, $z2] = $up;

        return new self([
            $at,
            [$x + $x1, $y + $y1, $z + $z1],
            [$x + $x1 + $x2, $y + $y1 + $y2, $z + $z1 + $z2],
            [$x + $x2, $y + $y2, $z + $z2],
        ], $of, $lies, $open);
    }

    /**
     * Its least place along an axis: x 0, y 1, z 2.
     *
     * @param int<0, 2> $axis
     */
    public function least(int $axis): float
    {
        return min(array_map(fn(array $at): float => $at[$axis], $this->corners));
    }

    /** @param int<0, 2> $axis */
    public function greatest(int $axis): float
    {
        return max(array_map(fn(array $at): float => $at[$axis], $this->corners));
    }

    /** @param int<0, 2> $axis */
    public function span(int $axis): float
    {
        return $this->greatest($axis) - $this->least($axis);
    }
}
