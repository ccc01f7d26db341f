<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

/** How a finished bag is washed and brought into shape, by what it is of. Handbook 8; fibres from memory. */
final class Washing
{
    public static function of(Kind $kind, ?Fibre $fibre = null): string
    {
        return match (true) {
            $kind === Kind::Plarn => 'By hand in lukewarm water, hung to dry. Never in a dryer, never ironed: film shrinks and '
                .'melts. Recycled bags are no food bags: line it before it carries food.',
            $kind === Kind::Tabs => 'Rinse and wipe dry between the tabs; hang it so that it drips. No dishwasher: it '
                .'greys the metal.',
            $kind === Kind::Raffia && $fibre !== Fibre::Polypropylene => 'Wipe it with a damp cloth and shape it while damp '
                .'over a rolled towel; soaked, palm and paper go limp or come apart.',
            $fibre === Fibre::Wool => 'Cool, by hand, without rubbing: it felts. Press it out in a towel, pull it to size, dry it '
                .'lying flat.',
            $fibre === Fibre::Jute => 'Only spot-clean: jute stains and stiffens when it is soaked. Shape it damp, dry it in '
                .'the air.',
            $fibre === Fibre::Cotton || $fibre === Fibre::Viscose || $kind === Kind::TShirt => 'Wet-block it: soak it, press it out '
                .'in a towel, pull it to size over a box or a full bag of cloth, pin the edge, let it dry whole. Jersey dyes may '
                .'run: wash dark ones alone. The first wash takes some of its length.',
            $fibre?->melts() === true => 'By hand, lukewarm; it dries by itself and keeps the shape it dries in. No iron, no '
                .'hot water: it melts or creases for good.',
            default => 'Try a snippet in lukewarm water first. Then by hand, pulled to size, dried lying flat.',
        };
    }
}
