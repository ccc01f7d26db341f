<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

/** How a finished bag is washed and brought into shape, by what it is of. Handbook 8; fibres from memory. */
enum Washing: string
{
    case Film = 'By hand in lukewarm water, hung to dry. Never in a dryer, never ironed: film shrinks and melts. '
        .'Plastic bags are no food bags: line it before it carries food.';
    case Metal = 'Rinse it, wipe it dry between the tabs, hang it so that it drips. No dishwasher: it greys the metal.';
    case Damp = 'Wipe it with a damp cloth and shape it while damp over a rolled towel; soaked, palm and paper go limp '
        .'or come apart.';
    case Cool = 'Cool, by hand, without rubbing: wool felts. Press it in a towel, pull it to size, dry it lying flat.';
    case Spots = 'Clean spots alone: jute stains and stiffens when it is soaked. Shape it damp, dry it in the air.';
    case WetBlock = 'Wet-block it: soak it, press it out in a towel, pull it to size over a box, pin the edge, let it '
        .'dry whole. The first wash takes some of its length.';
    case Lukewarm = 'By hand, lukewarm; it keeps the shape that it dries in. No iron, no hot water: it melts, or '
        .'creases for good.';
    case Unsure = 'Try a snippet in lukewarm water first. Then by hand, pulled to size, dried lying flat.';

    public static function of(Kind $kind, ?Fibre $fibre = null): self
    {
        return match (true) {
            $kind === Kind::Plarn => self::Film,
            $kind === Kind::Tabs => self::Metal,
            $kind === Kind::Raffia && $fibre !== Fibre::Polypropylene => self::Damp,
            $fibre === Fibre::Wool => self::Cool,
            $fibre === Fibre::Jute => self::Spots,
            $fibre?->melts() === true => self::Lukewarm,
            $kind === Kind::TShirt, $fibre === Fibre::Cotton, $fibre === Fibre::Viscose => self::WetBlock,
            default => self::Unsure,
        };
    }
}
