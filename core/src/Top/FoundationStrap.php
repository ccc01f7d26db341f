<?php

declare(strict_types=1);

namespace Fescue\Core\Top;

use Fescue\Core\Instruction\Foundation;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Piece\Fastened;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\Piece;

/**
 * A strap that is one foundation row, chain and stitch at once, from one fold's top stitch to the other's, with a
 * smaller hook; where the strand is to be used up, as long as that lasts. Common practice, no source.
 */
final readonly class FoundationStrap extends StrapOver
{
    public static function key(): string
    {
        return 'foundation';
    }

    public static function called(): array
    {
        return ['Foundation strap', 'chain and stitch at once, from fold to fold'];
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        $edge = $this->edge($on);
        $row = new Row(
            Part::Handles,
            Motif::single(),
            [new Foundation(
                $this->given('chain'),
                self::nth($edge, self::fold($edge) - 0.5),
                self::nth($edge, self::otherFold($edge) - 0.5),
                $ground->school->countedFrom($edge->kind),
            )],
            [new Edge(EdgeKind::Some, 1)],
            false,
            kind: RowKind::Row,
        );

        return $this->hung(
            $ground,
            $edge,
            new Piece(null, [$row], 'strap'),
            Fastened::Strap,
            'strap-foundation',
            'Take a hook one size smaller. It stretches: {sure}. Where the strand is to be used up, go on as long as '
                .'it '
                .'lasts, less a hand for the end; it must not twist before it is slip-stitched.',
        );
    }
}
