<?php

declare(strict_types=1);

namespace Fescue\Core\Top;

use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Piece\AfterRounds;
use Fescue\Core\Piece\MadeByChoices;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Saying\Saying;

/** What stands at equal distance from both folds of each side, when the rounds are done. */
abstract readonly class OnSides extends MadeByChoices implements AfterRounds
{
    /** Share of a side between its fold and what stands on it, where nothing is said. From memory. */
    private const FROM_SIDE = 0.2;

    protected const MOST_FROM_SIDE = 400;

    /** What it stands on, counted with the right side before one. */
    protected function edge(?Edge $on): Edge
    {
        return $on?->facing() ?? throw new Unmakeable('', new Saying('A handle stands on something.'));
    }

    /** Stitches of a side. */
    protected static function side(Edge $on): int
    {
        return intdiv($on->anchors, 2);
    }

    /** Where the first side's fold lies, anchors from the beginning; below zero behind it. */
    protected static function fold(Edge $on): float
    {
        return $on->front()[0];
    }

    /** Where the second one lies. */
    protected static function otherFold(Edge $on): float
    {
        return $on->front()[1];
    }

    /** The stitch in which a foot begins, counted from the beginning of the edge, from 1. */
    protected static function nth(Edge $on, float $place): int
    {
        return 1 + ((int) floor($place + 0.5) % $on->anchors + $on->anchors) % $on->anchors;
    }

    /** Where a place of the edge stands on the front, mm to the right of its middle: rounds run to the left. */
    protected static function standing(Edge $on, float $place, Length $stitch): float
    {
        return (array_sum($on->front()) / 2 - $place) * $stitch->mm;
    }

    /** Stitches left free from a fold on, of so many that one foot covers. @throws Unmakeable where there is no room */
    protected function fromSide(Edge $on, int $foot): int
    {
        $most = intdiv(self::side($on) - 2 * $foot - 1, 2);
        if ($most < 0) {
            throw new Unmakeable(
                '',
                new Saying(
                    'Each side has {on} stitches: no room for two feet of {foot}. Make the base larger, or the '
                        .'feet narrower.',
                    ['on' => self::side($on), 'foot' => $foot],
                ),
            );
        }
        $from = $this->count('from_side') ?? min($most, max(1, (int) round(self::FROM_SIDE * self::side($on))));

        return $from <= $most ? $from : throw new Unmakeable(
            'from_side',
            new Saying(
                'Each side has {on} stitches and two feet of {foot}; leave at most {most} free from each fold, '
                    .'not {from}.',
                ['on' => self::side($on), 'foot' => $foot, 'most' => $most, 'from' => $from],
            ),
        );
    }

    /** @return list<Remark> where a fold lies on no whole stitch */
    protected static function folds(Edge $on): array
    {
        $onWhole = fn(float $fold): bool => abs($fold - round($fold)) < 0.2;

        return $onWhole(self::fold($on)) && $onWhole(self::otherFold($on)) ? [] : [
            new Remark(
                'fold-on-a-stitch',
                Tone::Better,
                null,
                'The sides fold on a stitch.',
                'Count from beside it, to the left on one side and to the right on the other. Two stitches more or '
                    .'fewer around, and the sides fold between stitches.',
            ),
        ];
    }
}
