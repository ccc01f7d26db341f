<?php

declare(strict_types=1);

namespace Fescue\Core\Base;

use Fescue\Core\Instruction\Along;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Start;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Made;
use Fescue\Core\Shape\Flatness;
use Fescue\Core\Shape\Places;
use Fescue\Core\Shape\Polyline;
use Fescue\Core\Shape\Rectangle;
use Fescue\Core\Stitch\Stitch;

/**
 * A base with square corners, worked round both sides of a chain: three in each corner stitch, 2m + 2 around, then 8
 * more each round; 8·h/w would lie flat (geometry). Common practice, no source.
 */
final readonly class Square extends GrownFromChain
{
    private const IN_CORNER = 3;

    private const GROWTH = 8;

    public static function key(): string
    {
        return 'square';
    }

    public static function called(): array
    {
        return ['Square corners', 'round both sides of a chain'];
    }

    public function settings(?Ground $ground = null): array
    {
        return $this->grown($ground);
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        [$chain, $rounds, $fabric] = [$this->given('chain'), $this->given('rounds'), $this->motif('stitch')];
        [$wide, $high] = [$ground->gauge->widthOf($fabric)->mm, $ground->gauge->heightOf($fabric)->mm];
        $stitch = $fabric->post();
        $flat = $ground->gauge->flatGrowth($fabric) * 4 / M_PI;
        $rows = $flatness = [];
        $around = 2 * $chain + 2;
        for ($number = 1; $number <= $rounds; $number++) {
            $rows[] = $number === 1 ? new Row(
                Part::Base,
                $fabric,
                $ground->school->close(self::first($chain, $stitch)),
                [new Edge(EdgeKind::Chain, $chain), new Edge(EdgeKind::OtherSide, $chain - 1)],
                false,
                self::ring($chain, 1, $wide, $high),
            ) : new Row(
                Part::Base,
                $fabric,
                $ground->school->flat()->around([new Repeat(self::half($chain, $number, $stitch), 2)], $stitch),
                [Edge::tops($around, $fabric)],
                false,
                self::ring($chain, $number, $wide, $high),
            );
            if ($number > 1) {
                $around += self::GROWTH;
                $flatness[] = new Flatness(self::GROWTH, $flat, ($number - 1) * (self::GROWTH - $flat));
            }
        }
        $half = $chain * $wide / 2;
        // Stitches between the corners of the last round.
        [$along, $across] = [$chain - 2 + 2 * ($rounds - 1), 1 + 2 * ($rounds - 1)];

        return new Made(
            $rows,
            Edge::around($around, $rounds + $along / 2, $fabric, array_map(
                fn(int $place): float => ($rounds - 1 + $place) % $around + 0.5,
                [0, $along + 1, $along + $across + 2, 2 * $along + $across + 3],
            )),
            new Start($chain, $stitch->startingChains(), new Polyline([[-$half, 0.0], [$half, 0.0]], 0.0)),
            new Rectangle(($chain - 1) * $wide + 2 * $rounds * $high, 2 * $rounds * $high),
            LieOfRounds::remarks($flatness),
        );
    }

    /** @return non-empty-list<Instruction> */
    private static function first(int $chain, Stitch $stitch): array
    {
        $along = new Each($stitch, $chain - 2, into: Into::NextChain);

        return [
            new Each($stitch, 1, into: Into::FirstChain),
            $along,
            new Several($stitch, self::IN_CORNER, into: Into::LastChain),
            new Along(
                1,
                EdgeKind::OtherSide->value,
                [$along, new Several($stitch, self::IN_CORNER - 1, into: Into::FirstChainAgain)],
            ),
        ];
    }

    /**
     * Half of a further round: on to a corner, along, round the next corner, and what is left of the end.
     *
     * @return list<Instruction>
     */
    private static function half(int $chain, int $number, Stitch $stitch): array
    {
        // Stitches of the round below: before its first corner, along, across an end.
        [$before, $along, $across] = [$number - 2, $chain - 2 + 2 * ($number - 2), 1 + 2 * ($number - 2)];

        return Several::inRuns($stitch, [
            ...array_fill(0, $before, 1), self::IN_CORNER,
            ...array_fill(0, $along, 1), self::IN_CORNER,
            ...array_fill(0, $across - $before, 1),
        ]);
    }

    /** Round the middle of a round's height, a stitch at each corner, begun so many before the upper right as it is. */
    private static function ring(int $chain, int $number, float $wide, float $high): Places
    {
        [$along, $across] = [$chain - 2 + 2 * ($number - 1), 1 + 2 * ($number - 1)];
        $ends = (2 * $number - 1) * $high;

        return (new Rectangle(($chain - 1) * $wide + $ends, $ends))->places(
            $along,
            $across,
            2 * ($along + $across) + 4 - $number,
        );
    }
}
