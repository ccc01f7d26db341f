<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Make;
use Fescue\Core\Measure\Length;

/** Ways to join strand to strand. The lengths lost are from memory; a maker's own are better. */
enum JoinMethod: string
{
    case CowHitch = 'cow-hitch';
    case MagicKnot = 'magic-knot';
    case SewnLap = 'sewn-lap';
    case LaidIn = 'laid-in';

    /** @return non-empty-list<self> the usual ones first */
    public static function of(Kind $kind, ?Make $make = null): array
    {
        return match ($kind) {
            Kind::TShirt => [self::SewnLap, self::MagicKnot, self::LaidIn],
            Kind::Plarn => $make === Make::Single ? [self::MagicKnot, self::LaidIn] : [self::CowHitch, self::LaidIn],
            Kind::Cord => [self::LaidIn, self::SewnLap],
            Kind::Ribbon => [self::SewnLap, self::MagicKnot, self::LaidIn],
            Kind::Raffia => [self::LaidIn, self::MagicKnot],
            Kind::Strand, Kind::Tabs, Kind::Hardware, Kind::Cloth => [self::LaidIn],
        };
    }

    public function name(): string
    {
        return match ($this) {
            self::CowHitch => 'cow-hitch',
            self::MagicKnot => 'magic knot',
            self::SewnLap => 'sewn lap',
            self::LaidIn => 'laid in',
        };
    }

    /** Strand lost at one join. From memory. */
    public function loss(): Length
    {
        return Length::mm(match ($this) {
            self::CowHitch => 20.0,
            self::MagicKnot => 60.0,
            self::SewnLap => 25.0,
            self::LaidIn => 300.0,
        });
    }

    public function how(): string
    {
        return match ($this) {
            self::CowHitch => 'Lay the new loop through the end of the last, pull its own far end through itself '
                .'and draw the two snug.',
            self::MagicKnot => 'Tie each end round the other strand, slide the two knots together, tug hard, then '
                .'trim the tails.',
            self::SewnLap => 'Lay the strips over each other for the length of a finger’s width and sew through '
                .'both, flat.',
            self::LaidIn => 'At the last draw-through of a stitch take up the new strand; leave both tails 15 cm '
                .'long and work over them.',
        };
    }

    /** Where it should not fall. Common practice, no source. */
    public function avoid(): string
    {
        return match ($this) {
            self::CowHitch => 'Not in a chain to be threaded or a hole of a rigid base: it will not pass.',
            self::MagicKnot => 'Not at a handle, an edge or the last two rounds: it shows, and a slippery strand '
                .'creeps out of it under load.',
            self::SewnLap => 'Not at a thin spot or a seam of the cloth, nor where a handle begins.',
            self::LaidIn => 'Not in the first or last stitch of a round, at a slot, or beside another join; keep '
                .'the joins of strands held together apart.',
        };
    }
}
