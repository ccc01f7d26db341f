<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Base\Oval;
use Fescue\Core\Base\Rows;
use Fescue\Core\Piece\Maker;
use Fescue\Core\Top\ChainHandle;
use Fescue\Core\Top\Slots;
use Fescue\Core\Wall\Band;

/** Every way of making, a line each. */
final class Makers
{
    /** @var non-empty-list<class-string<Maker>> */
    public const BASES = [
        Oval::class,
        Rows::class,
    ];

    /** @var class-string<Maker> */
    public const WALL = Band::class;

    /** @var non-empty-list<class-string<Maker>> */
    public const TOPS = [
        Slots::class,
        ChainHandle::class,
    ];

    /**
     * @param non-empty-list<class-string<Maker>> $of
     *
     * @return array<string, class-string<Maker>> by key
     */
    public static function byKey(array $of): array
    {
        return array_combine(array_map(fn(string $maker): string => $maker::key(), $of), $of);
    }
}
