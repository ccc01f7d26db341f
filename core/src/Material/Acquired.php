<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

/** Where a material came from. */
enum Acquired: string
{
    case Ball = 'ball';
    case Cone = 'cone';
    case Roll = 'roll';
    case Cut = 'cut';
    case Found = 'found';

    public function said(): string
    {
        return match ($this) {
            self::Ball => 'a bought ball',
            self::Cone => 'a bought cone',
            self::Roll => 'a bought roll',
            self::Cut => 'cut by yourself',
            self::Found => 'found or given',
        };
    }
}
