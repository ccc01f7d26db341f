<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

/** How a swatch lay when it was measured. What hung is longer than what lay: the two are never mixed. */
enum State: string
{
    case Relaxed = 'relaxed';
    case Blocked = 'blocked';
    case Hung = 'hung';

    public function said(): string
    {
        return match ($this) {
            self::Relaxed => 'relaxed, as it came off the hook',
            self::Blocked => 'blocked and dry',
            self::Hung => 'hung under the load it will carry',
        };
    }
}
