<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Base\FoldedChain;
use Fescue\Core\Base\FoldedRows;
use Fescue\Core\Base\Frame;
use Fescue\Core\Base\HalfRound;
use Fescue\Core\Base\Hexagon;
use Fescue\Core\Base\Holes;
use Fescue\Core\Base\Oval;
use Fescue\Core\Base\Round;
use Fescue\Core\Base\Rows;
use Fescue\Core\Base\Square;
use Fescue\Core\Panel\Canvas;
use Fescue\Core\Panel\EndAndBack;
use Fescue\Core\Panel\Envelope;
use Fescue\Core\Panel\Net;
use Fescue\Core\Panel\Panels;
use Fescue\Core\Panel\Tabs;
use Fescue\Core\Piece\Hangs;
use Fescue\Core\Piece\Maker;
use Fescue\Core\Top\ChainHandle;
use Fescue\Core\Top\FoundationStrap;
use Fescue\Core\Top\HookedStrap;
use Fescue\Core\Top\Rim;
use Fescue\Core\Top\Rings;
use Fescue\Core\Top\SewnHandles;
use Fescue\Core\Top\Slots;
use Fescue\Core\Top\Straps;
use Fescue\Core\Wall\Band;
use Fescue\Core\Written\AsWritten;

/** Every way of making, a line each. */
final class Makers
{
    /** @var non-empty-list<class-string<Maker>> */
    public const BASES = [
        Oval::class,
        Rows::class,
        Square::class,
        Round::class,
        Hexagon::class,
        HalfRound::class,
        FoldedChain::class,
        FoldedRows::class,
        Holes::class,
        Frame::class,
    ];

    /** @var non-empty-list<class-string<Maker>> bags of pieces, in place of a base and a wall */
    public const BUILDS = [
        Panels::class,
        Envelope::class,
        Canvas::class,
        EndAndBack::class,
        Net::class,
        Tabs::class,
    ];

    /** @var non-empty-list<class-string<Maker>> without base and wall of their own; a text is brought, not planned */
    public const WHOLE = [...self::BUILDS, AsWritten::class];

    /** @var class-string<Maker> */
    public const WALL = Band::class;

    /** @var non-empty-list<class-string<Maker>> */
    public const TOPS = [
        Slots::class,
        ChainHandle::class,
        Straps::class,
        SewnHandles::class,
        Rings::class,
        HookedStrap::class,
        FoundationStrap::class,
    ];

    /** @var class-string<Maker> */
    public const RIM = Rim::class;

    /** Whether its part is made in that way alone, so that none is named. */
    public static function isOnly(Maker $maker): bool
    {
        return in_array($maker::class, [self::WALL, self::RIM], true);
    }

    /**
     * @param non-empty-list<class-string<Maker>> $of
     *
     * @return array<string, class-string<Maker>> by key
     */
    public static function byKey(array $of): array
    {
        return array_combine(array_map(fn(string $maker): string => $maker::key(), $of), $of);
    }

    /** Whether a handle, or a bag of pieces, of that key hangs so that it gives. */
    public static function hangs(string $key): bool
    {
        return is_a((self::byKey(self::TOPS) + self::byKey(self::WHOLE))[$key] ?? '', Hangs::class, true);
    }
}
