<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Measure\Length;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Saying\Sayable;
use Fescue\Core\Saying\Saying;

/** Two things that a bag is finished with in one another's way: what is to be done about it. */
final class Overlap
{
    /** What a flap closes by, and does not only cover. */
    private const CLOSES = [Button::class, Snap::class, MagneticSnap::class, TurnLock::class, Clasp::class];

    /**
     * @param list<Finishing> $all
     * @param list<Fitted> $fitted of each
     *
     * @return list<Fitted> with what is to be said of those before them
     */
    public static function told(array $all, array $fitted, Shell $shell): array
    {
        $told = [];
        foreach ($fitted as $place => $one) {
            $more = [];
            for ($before = 0; $before < $place; $before++) {
                $met = self::met($fitted[$before], $one);
                if ($met !== null) {
                    $more[] = self::remark($all[$before], $all[$place], $met, $shell);
                }
            }
            $told[] = $one->remarked($more);
        }

        return $told;
    }

    /** @return ?array{Fixture, Fixture} the first two that meet */
    private static function met(Fitted $one, Fitted $other): ?array
    {
        foreach ($one->fixtures as $a) {
            foreach ($other->fixtures as $b) {
                if ($a->meets($b)) {
                    return [$a, $b];
                }
            }
        }

        return null;
    }

    /** @param array{Fixture, Fixture} $met */
    private static function remark(Finishing $one, Finishing $other, array $met, Shell $shell): Remark
    {
        [$a, $b] = [new Saying(lcfirst($one::called()[0])), new Saying(lcfirst($other::called()[0]))];
        if ($one instanceof Flap || $other instanceof Flap) {
            [$under, $named] = $one instanceof Flap ? [$other, $b] : [$one, $a];

            return in_array($under::class, self::CLOSES, true)
                ? self::say(
                    'The flap comes over this: {other}.',
                    'Set the half that closes on the flap, and the other under it on the front.',
                    ['other' => $named],
                )
                : self::say(
                    'The flap covers this: {other}.',
                    'Set it lower, make the flap shorter, or leave one out.',
                    ['other' => $named],
                );
        }
        if ($met[0]->shape === Shape::Tassel || $met[1]->shape === Shape::Tassel) {
            return self::say(
                'Tassels hang over this: {other}.',
                'Leave them out there, or set it lower.',
                ['other' => $met[0]->shape === Shape::Tassel ? $b : $a],
            );
        }
        // Under what lies higher, clear of it.
        [$above, $below] = $met[0]->y <= $met[1]->y ? $met : [$met[1], $met[0]];
        $clear = Length::mm($above->y + ($above->high + $below->high) / 2 + $shell->row->mm / 2);

        return $other instanceof OnTheMiddle && $one instanceof OnTheMiddle && $clear->mm < $shell->high->mm
            ? self::say(
                'In one another’s way: {one} and {other}.',
                'Set the lower of the two {clear} below the edge or lower, or leave one of them out.',
                ['one' => $a, 'other' => $b, 'clear' => $clear],
            )
            : self::say('In one another’s way: {one} and {other}.', 'Leave one of them out.', [
                'one' => $a, 'other' => $b,
            ]);
    }

    /** @param array<string, Sayable> $of */
    private static function say(string $lead, string $rest, array $of = []): Remark
    {
        return new Remark('finishes-meet', Tone::Trouble, null, $lead, $rest, $of);
    }
}
