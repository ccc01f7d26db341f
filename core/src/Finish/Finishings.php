<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

/** Every thing that a bag may be finished with, a line each, in the order in which they are done. */
final class Finishings
{
    /** @var non-empty-list<class-string<Finishing>> */
    public const ALL = [
        TurnLock::class,
        Flap::class,
        Zip::class,
        MagneticSnap::class,
        Snap::class,
        Clasp::class,
        Button::class,
        Drawstring::class,
        ChainStrap::class,
        StrapBars::class,
        Tassels::class,
        Label::class,
        Lined::class,
    ];

    /** @return array<string, class-string<Finishing>> by key */
    public static function byKey(): array
    {
        return array_combine(array_map(fn(string $one): string => $one::key(), self::ALL), self::ALL);
    }
}
