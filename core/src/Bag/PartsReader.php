<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Document\Fields;
use Fescue\Core\Piece\AfterRounds;
use Fescue\Core\Piece\Maker;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Side;
use Fescue\Core\Saying\Saying;

/** Reads the makers of a bag: `build`, or `base` and `body` with what is `above`; `handles`, `edge`. */
final class PartsReader
{
    public const MOST_BANDS = 6;

    /** Handles that are said to be none, which is the same as saying nothing. */
    private const NONE = 'none';

    /** @return list<Chosen> in working order; fewer where something was wrong, which is noted */
    public static function read(Fields $top): array
    {
        $parts = $top->has('build')
            ? [self::one($top->object('build'), '/build', Makers::WHOLE)]
            : [self::one($top->object('base'), '/base', Makers::BASES), ...self::wall($top->object('body'))];
        foreach ($top->has('build') ? ['base', 'body'] : [] as $other) {
            if ($top->has($other)) {
                $top->refuse($other, new Saying(
                    'A bag of pieces has no {other} of its own; take one of the two out.',
                    ['other' => $other],
                ));
            }
        }
        $handles = $top->has('handles') ? self::one($top->object('handles'), '/handles', Makers::TOPS) : null;
        $rim = $top->has('edge') ? new Chosen('/edge', (Makers::RIM)::read($top->object('edge'))) : null;
        // What is sewn or worked on is so when all rounds are done.
        array_push($parts, ...($handles?->maker instanceof AfterRounds ? [$rim, $handles] : [$handles, $rim]));

        return array_values(array_filter($parts));
    }

    /** @param non-empty-list<class-string<Maker>> $of */
    private static function one(Fields $part, string $path, array $of): ?Chosen
    {
        $makers = Makers::byKey($of);
        $none = $of === Makers::TOPS ? [self::NONE] : [];
        $key = $part->word('type', [...array_map(strval(...), array_keys($makers)), ...$none]);
        if ($key === self::NONE) {
            $part->close();
        }

        return $key === null || $key === self::NONE ? null : new Chosen($path, $makers[$key]::read($part));
    }

    /** @return list<Chosen> */
    private static function wall(Fields $body): array
    {
        $above = $body->objects('above', self::MOST_BANDS - 1);
        $bands = [];
        $open = 0;
        foreach ([$body, ...$above] as $place => $fields) {
            $band = (Makers::WALL)::read($fields);
            $bands[] = new Chosen($place === 0 ? '/body' : '/body/above/'.($place - 1), $band);
            if (self::follows($band) && ++$open === 2) {
                $fields->refuse('rounds', new Saying('Say how many rounds: one band alone can follow the height.'));
            }
        }

        return $bands;
    }

    /** Whether a count of it is left to follow the height. */
    private static function follows(Maker $band): bool
    {
        return array_filter(
            Setting::serving($band->settings(), Side::Height),
            fn(Setting $one): bool => $one->value === null,
        ) !== [];
    }
}
