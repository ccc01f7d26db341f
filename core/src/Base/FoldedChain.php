<?php

declare(strict_types=1);

namespace Fescue\Core\Base;

use Fescue\Core\Instruction\FullName;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Start;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Fewer;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\MadeByChoices;
use Fescue\Core\Piece\Serves;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Side;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Shape\Polyline;
use Fescue\Core\Shape\Rectangle;
use Fescue\Core\Stitch\Stitch;

/**
 * No base: the wall is worked round both sides of a chain with nothing at the ends, 2m around. Each side holds whole
 * repeats of the wall, so that front and back are alike. Common practice, no source.
 */
final readonly class FoldedChain extends MadeByChoices
{
    private const MOST_CHAINS = 400;

    private const SPACE = 'space';

    public static function key(): string
    {
        return 'folded-chain';
    }

    public static function called(): array
    {
        return ['Folded chain', 'no bottom: round both sides of a chain'];
    }

    public function settings(?Ground $ground = null): array
    {
        return [
            new Setting(
                'chain',
                'Chains to work into',
                new Counted('starting chain', short: 'ch {n}'),
                $this->count('chain'),
                new Bounds(2, self::MOST_CHAINS, max(1, $ground?->wall()->multiple ?? 1)),
                Unsaid::settled(),
                new Serves(Side::Length, $ground?->wallWidth()),
                new Fewer('Start with {n} chains, not {was}'),
            ),
            new Choice(
                'turn',
                'The sides fold',
                $this->choice('turn', self::SPACE),
                [
                    self::SPACE => ['At a space', 'or between two stitches'],
                    'stitch' => ['At a stitch', 'a post stands on the fold'],
                ],
            ),
        ];
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        $motif = $ground->wall();
        $chain = $this->count('chain');
        if ($chain !== null) {
            return $chain % $motif->multiple === 0 ? $this : throw new Unmakeable(
                'chain',
                new Saying(
                    '{motif} repeats over {multiple} stitches, and a side of {chain} chains holds no whole number '
                        .'of repeats: chain {motif2}.',
                    [
                        'motif' => new FullName($motif),
                        'multiple' => $motif->multiple,
                        'chain' => $chain,
                        'motif2' => self::near($chain, $motif),
                    ],
                ),
            );
        }
        $length = $wish->length ?? throw new Unmakeable('/size/length', new Saying(
            'Give a length, or the number of chains.',
        ));
        $repeat = $ground->gauge->widthOf($motif)->times($motif->multiple);
        $repeats = (int) round($length->mm / $repeat->mm);
        $least = $ground->gauge->widthOf($motif)->times(max(2, $motif->multiple));
        if ($repeats * $motif->multiple < 2) {
            throw new Unmakeable(
                '/size/length',
                new Saying(
                    'The shortest such chain makes the bag {least} wide; ask for at least that, or use thinner '
                        .'material.',
                    ['least' => $least],
                ),
            );
        }
        if ($repeats * $motif->multiple > self::MOST_CHAINS) {
            throw new Unmakeable(
                '/size/length',
                new Saying(
                    'That needs a chain of {multiple}; Fescue plans up to {most}. Check the length and the gauge.',
                    ['multiple' => $repeats * $motif->multiple, 'most' => self::MOST_CHAINS],
                ),
            );
        }

        return $this->with(['chain' => $repeats * $motif->multiple]);
    }

    private static function near(int $chain, Motif $motif): string
    {
        $less = intdiv($chain, $motif->multiple) * $motif->multiple;

        return ($less >= 2 ? "{$less} or " : '').($less + $motif->multiple);
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        [$chain, $motif] = [$this->given('chain'), $ground->wall()];
        $half = $chain * $ground->gauge->widthOf($motif)->mm / 2;
        // A fabric with chains ends a side with one: the fold runs through that, or half a stitch beside it.
        $shift = match (true) {
            ! $motif->isMadeOf(Stitch::Chain) => 0.0,
            $this->choice('turn', self::SPACE) === self::SPACE => -0.5,
            default => 0.5,
        };
        $middle = $chain / 2 + $shift;

        return new Made(
            [],
            new Edge(EdgeKind::BothSides, 2 * $chain, [$middle, $middle + $chain]),
            new Start(
                $chain,
                $ground->first()->post()->startingChains(),
                new Polyline([[-$half, 0.0], [$half, 0.0]], 0.0),
            ),
            new Rectangle(2 * $half, 0.0),
            opens: Length::mm(0),
        );
    }
}
