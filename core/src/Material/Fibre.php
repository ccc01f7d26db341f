<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

/** What a material is of; what heat and water do to it follows. */
enum Fibre: string
{
    case Cotton = 'cotton';
    case Jute = 'jute';
    case Palm = 'palm';
    case Paper = 'paper';
    case Viscose = 'viscose';
    case Wool = 'wool';
    case Acrylic = 'acrylic';
    case Nylon = 'nylon';
    case Polyester = 'polyester';
    case Polypropylene = 'polypropylene';
    case Polyethylene = 'polyethylene';
    case Aluminium = 'aluminium';
    case Mixed = 'mixed';

    /** Thermoplastic: heat seals it, and too much drips. General knowledge, from memory. */
    public function melts(): bool
    {
        return in_array($this, [self::Acrylic, self::Nylon, self::Polyester, self::Polypropylene, self::Polyethylene], true);
    }

    /** Burns rather than melts. From memory. */
    public function burns(): bool
    {
        return in_array($this, [self::Cotton, self::Jute, self::Palm, self::Paper, self::Viscose], true);
    }
}
