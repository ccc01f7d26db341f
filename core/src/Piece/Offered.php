<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\PieceName;

/** An edge of a piece as it is offered to a seam. */
final readonly class Offered
{
    /** So far off from h = w a row's end still takes one stitch. From memory. */
    private const ABOUT_SQUARE = 0.15;

    /**
     * @param string $piece the piece's name, as documents have it: "Left gusset"
     * @param string $of the same as vocabularies know it: "left-gusset"
     * @param int $anchors tops, chains or row ends that it has
     * @param int $stitches that a seam makes along it
     * @param int $nth of several pieces of that name; 0 of the only one
     */
    public function __construct(
        public string $piece,
        public string $of,
        public EdgeKind $kind,
        public int $anchors,
        public int $stitches,
        public int $nth = 0,
    ) {}

    /** Of so many stitches side by side: tops, or the other side of a chain. */
    public static function across(string $of, int $stitches, EdgeKind $kind = EdgeKind::Tops, int $nth = 0): self
    {
        return new self(self::name($of, $nth), $of, $kind, $stitches, $stitches, $nth);
    }

    /** Of so many rows' ends. */
    public static function ends(string $of, int $rows, int $stitches): self
    {
        return new self(self::name($of, 0), $of, EdgeKind::RowEnds, $rows, $stitches);
    }

    /**
     * Stitches along the ends of so many rows: one a row where a row is about as high as a stitch is wide, else evenly
     * by h/w. Common practice, no source.
     */
    public static function along(int $rows, Gauge $gauge, Motif $fabric, ?Motif $worked = null): int
    {
        $ratio = $gauge->heightOf($fabric)->mm / $gauge->widthOf($worked ?? Motif::single())->mm;

        return abs($ratio - 1) <= self::ABOUT_SQUARE ? $rows : max(1, (int) round($rows * $ratio));
    }

    public function named(): PieceName
    {
        return new PieceName($this->of, $this->nth);
    }

    private static function name(string $of, int $nth): string
    {
        return ucfirst(str_replace('-', ' ', $of)).($nth === 0 ? '' : " {$nth}");
    }
}
