<?php

declare(strict_types=1);

namespace Fescue\Core\Base;

use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Shape\Flatness;

/** What is to be said of how the rounds of a base lie. */
final class LieOfRounds
{
    /** Stitches too many or too few in a round before a base shows it. From memory. */
    private const SHOWS = 1.5;

    /**
     * The last round, where it is off; and of those before it the worst, where rounds after it even it out.
     *
     * @param list<Flatness> $rounds of the second round and those after
     *
     * @return list<Remark>
     */
    public static function remarks(array $rounds): array
    {
        $off = array_filter(
            array_map(fn(Flatness $one): float => abs($one->excess), $rounds),
            fn(float $excess): bool => $excess >= self::SHOWS,
        );
        $last = count($rounds) - 1;
        $remarks = [];
        if (isset($off[$last])) {
            $wavy = $rounds[$last]->excess > 0;
            $remarks[] = self::lies(
                $last,
                $rounds[$last],
                $wavy ? 'wavy' : 'cups',
                Tone::Trouble,
                $wavy
                    ? new Saying('The wall above pulls it straight; stiff material may ripple.')
                    : new Saying('The edge starts to rise before the wall does.'),
            );
        }
        // What is off from a round on to the last is said of the last.
        for ($evened = $last; isset($off[$evened]); $evened--) {
            unset($off[$evened]);
        }
        if ($off !== []) {
            $worst = (int) array_search(max($off), $off, true);
            $remarks[] = self::lies(
                $worst,
                $rounds[$worst],
                'evens-out',
                Tone::Better,
                new Saying('The rounds after it even it out.'),
            );
        }

        return $remarks;
    }

    private static function lies(int $place, Flatness $round, string $code, Tone $tone, Saying $after): Remark
    {
        return new Remark(
            $code,
            $tone,
            $place + 1,
            $round->excess > 0
                ? 'At {row} there are {off} stitches more than lie flat.'
                : 'At {row} there are {off} stitches fewer than lie flat.',
            'It adds {added} where {flat} would. {after}',
            [
                'off' => abs($round->excess), 'added' => $round->added, 'flat' => $round->flat,
                'after' => $after,
            ],
        );
    }
}
