<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

use Fescue\Core\Instruction\Anchor;

/** What the anchors of an edge are, as vocabularies name it. */
enum EdgeKind: string
{
    case Chain = 'chain';
    case OtherSide = 'other-side';
    case Tops = 'tops';
    case RowEnds = 'row-ends';
    /** Both sides of a chain, one after the other. */
    case BothSides = 'both-sides';
    /** Both long edges of a strip: the tops of its last row, then the other side of its chain. */
    case LongEdges = 'long-edges';
    case Holes = 'holes';
    /** Holes of two frames that face each other. */
    case Frames = 'frames';
    case Squares = 'squares';
    case Tabs = 'tabs';
    /** Round what joined pieces leave open, before any round is worked on it. */
    case Opening = 'opening';
    /** Some stitches of an edge, the rest left as they are. */
    case Some = 'some';

    /** @return list<Anchor> what so many of it are, where no more is known of them */
    public function anchors(int $many): array
    {
        $half = intdiv($many, 2);

        return $this === self::LongEdges
            ? [...array_fill(0, $many - $half, Anchor::Stitch), ...array_fill(0, $half, Anchor::Chain)]
            : array_fill(0, $many, match ($this) {
                self::Chain, self::OtherSide, self::BothSides => Anchor::Chain,
                self::RowEnds => Anchor::RowEnd,
                self::Holes, self::Frames => Anchor::Hole,
                self::Squares => Anchor::Square,
                self::Tabs => Anchor::Tab,
                default => Anchor::Stitch,
            });
    }

    /** Whether it is of something that was not crocheted. */
    public function isReadyMade(): bool
    {
        return in_array($this, [self::Holes, self::Frames, self::Squares, self::Tabs], true);
    }
}
