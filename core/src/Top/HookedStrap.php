<?php

declare(strict_types=1);

namespace Fescue\Core\Top;

use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Pattern\Start;
use Fescue\Core\Piece\Fastened;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\Piece;
use Fescue\Core\Stitch\Stitch;

/**
 * A strap made by itself: a chain from one snap hook to the other and single crochet back, hooked into both folds.
 * Common practice, no source.
 */
final readonly class HookedStrap extends StrapOver
{
    public static function key(): string
    {
        return 'hooked';
    }

    public static function called(): array
    {
        return ['Strap on hooks', 'a chain and back, hooked into the sides'];
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        $chain = $this->given('chain');
        $back = new Row(
            Part::Handles,
            Motif::single(),
            [
                new Each(Stitch::Single, 1, into: Into::FirstChain),
                new Each(Stitch::Single, $chain - 1, into: Into::NextChain),
            ],
            [new Edge(EdgeKind::Chain, $chain)],
            false,
            kind: RowKind::Row,
        );

        return $this->hung(
            $ground,
            $this->edge($on),
            new Piece(new Start($chain, 1), [$back], 'strap'),
            Fastened::Hooks,
            'strap-hooked',
            'Begin the chain on one snap hook and lead it through the other before you work back. A chain stretches: '
                .'{sure}. Hook it into the stitch on each fold.',
        );
    }
}
