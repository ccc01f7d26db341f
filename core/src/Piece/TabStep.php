<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

/** What is done with tabs before the first square, in its order. */
enum TabStep: string
{
    case Collect = 'collect';
    case Sort = 'sort';
    case Wash = 'wash';
    case Bend = 'bend';

    /** How many of them it is done with. */
    public function of(TabCount $tabs): int
    {
        return $this === self::Bend ? $tabs->bent : $tabs->total;
    }

    public function said(): string
    {
        return match ($this) {
            self::Collect => 'Collect',
            self::Sort => 'Sort by kind and side',
            self::Wash => 'Wash and dry',
            self::Bend => 'Bend tongues flat',
        };
    }

    /** Where the hand is about to do it; '' where nothing can hurt. */
    public function care(): string
    {
        return match ($this) {
            self::Collect => 'Keep them from small children: they can be swallowed.',
            self::Wash => 'Gloves: the edge where a tab broke off cuts wet fingers.',
            self::Bend => 'Gloves and eye protection; bend with pliers, away from you.',
            self::Sort => '',
        };
    }
}
