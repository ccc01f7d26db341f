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
use Fescue\Core\Piece\Attached;
use Fescue\Core\Piece\Fastened;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Hanging;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\Piece;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Stitch\Stitch;

/**
 * A strap made by itself: a chain from one snap hook to the other and single crochet back, hooked into both folds.
 * Common practice, no source.
 */
final readonly class HookedStrap extends OnSides
{
    private const MOST_CHAINS = 400;

    /** How long it hangs where nothing is said, mm: in the crook of the arm. From memory. */
    private const HANGS = 400.0;

    public static function key(): string
    {
        return 'hooked';
    }

    public static function called(): array
    {
        return ['Strap on hooks', 'a chain and back, hooked into the sides'];
    }

    public function settings(?Ground $ground = null): array
    {
        return [
            new Setting(
                'chain',
                'Chains of the strap',
                'chain of the strap',
                $this->count('chain'),
                2,
                self::MOST_CHAINS,
                'ch {n}',
                fewer: 'Make the strap shorter: {n} chains, not {was}',
                plural: 'chains of the strap',
            ),
            Hanging::setting('The length of a strap', $this->length('hangs')),
        ];
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        $hangs = $this->length('hangs')->mm ?? self::HANGS;
        $chain = $this->count('chain')
            ?? (int) round(Hanging::lying($hangs, $ground->school) / $ground->gauge->singleWidth()->mm);
        if ($chain < 2 || $chain > self::MOST_CHAINS) {
            throw new Unmakeable(
                'hangs',
                "That needs {$chain} chains; Fescue plans from 2 to ".self::MOST_CHAINS
                    .'. Check the length and the gauge.',
            );
        }

        return $this->with(['chain' => $chain]);
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        $edge = $this->edge($on);
        $chain = $this->given('chain');
        $lies = $ground->gauge->singleWidth()->times($chain);
        $stitch = $ground->gauge->widthOf($edge->fabric ?? $ground->wall());
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

        return new Made(
            [],
            $edge,
            remarks: [
                new Remark(
                    'strap-hooked',
                    Tone::Better,
                    0,
                    'The strap lies {lies} long and hangs about {hangs}.',
                    'Begin the chain on one snap hook and lead it through the other before you work back. A chain '
                        .'stretches: '.Hanging::said($ground->school).'. Hook it into the stitch on each fold.',
                    ['lies' => $lies, 'hangs' => Hanging::of($lies, $ground->school)],
                ),
                ...self::folds($edge),
                Remark::hangTest(),
            ],
            attached: [new Attached(
                Fastened::Hooks,
                self::standing($edge, self::fold($edge), $stitch),
                self::standing($edge, self::fold($edge) + self::side($edge), $stitch),
                $ground->gauge->singleHeight(),
                $lies,
            )],
            apart: [new Piece(new Start($chain, 1), [$back], 'strap')],
        );
    }
}
