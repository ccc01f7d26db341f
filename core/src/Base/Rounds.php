<?php

declare(strict_types=1);

namespace Fescue\Core\Base;

use Fescue\Core\Measure\Length;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Fewer;
use Fescue\Core\Piece\Serves;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Side;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Saying\Saying;

/** Rounds of what grows alike to all sides. */
final class Rounds
{
    /** Share of a share by which an increase stands on from the one below: (3 − √5) / 2 comes near none before it. */
    private const ON = 0.381966;

    /**
     * A share of the so-manieth round, or row, of what grows by one each: stitches in each of the one below, two in one
     * of them, which stands off that of the round below.
     *
     * @return non-empty-list<int>
     */
    public static function spread(int $number): array
    {
        $at = (int) floor(fmod(($number - 2) * self::ON, 1.0) * ($number - 1));

        return [...array_fill(0, $at, 1), 2, ...array_fill(0, $number - 2 - $at, 1)];
    }

    /** @param ?Length $high of one round; null where no gauge is known */
    public static function setting(?int $rounds, int $most, ?Length $high): Setting
    {
        return new Setting(
            'rounds',
            'Rounds of base',
            new Counted('base round', short: '{n, plural, one {# round} other {# rounds}}'),
            $rounds,
            new Bounds(1, $most),
            Unsaid::settled(),
            new Serves(Side::Width, $high?->times(2)),
            Fewer::rows(),
        );
    }

    /**
     * The width wished for of what is so many times as long as it is wide; null where neither was told.
     *
     * @param ?Length $slack by which both may miss that; null where they need not fit
     * @param string $what "Half a round"
     *
     * @throws Unmakeable where both were told, and do not fit
     */
    public static function wide(Wish $wish, float $longer, ?Length $slack, string $what): ?Length
    {
        $wide = $wish->width ?? $wish->length?->times(1 / $longer);
        if (
            $slack !== null && $wish->length !== null && $wide !== null
            && abs($wish->length->mm - $wide->mm * $longer) > $slack->mm
        ) {
            throw new Unmakeable(
                '/size/length',
                new Saying(
                    '{What} is {longer} long where it is {wide} wide: ask for one of them alone, or for both so.',
                    ['what' => new Saying($what), 'longer' => $wide->times($longer), 'wide' => $wide],
                ),
            );
        }

        return $wide;
    }

    /** How many come nearest to the width wished for. @throws Unmakeable */
    public static function across(Wish $wish, Length $high, int $most): int
    {
        $width = $wish->width ?? throw new Unmakeable('/size/width', new Saying(
            'Give a width, or the number of base rounds.',
        ));
        $round = $high->times(2);
        $rounds = (int) round($width->mm / $round->mm);
        if ($rounds < 1) {
            throw new Unmakeable(
                '/size/width',
                new Saying(
                    'One round alone makes the base {n} wide; ask for at least that, or use thinner material.',
                    ['n' => $round],
                ),
            );
        }
        if ($rounds > $most) {
            throw new Unmakeable(
                '/size/width',
                new Saying(
                    'That needs {rounds} base rounds; Fescue plans up to {most}. Check the width and the gauge.',
                    ['rounds' => $rounds, 'most' => $most],
                ),
            );
        }

        return $rounds;
    }
}
