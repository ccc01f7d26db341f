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
        return in_array(
            $this,
            [self::Acrylic, self::Nylon, self::Polyester, self::Polypropylene, self::Polyethylene],
            true,
        );
    }

    /** g/cm³ of the fibre itself. From memory. */
    public function density(): float
    {
        return match ($this) {
            self::Cotton, self::Viscose => 1.53,
            self::Jute => 1.45,
            self::Polyester, self::Mixed => 1.38,
            self::Wool => 1.31,
            self::Acrylic => 1.17,
            self::Nylon => 1.14,
            self::Palm, self::Paper => 1.0,
            self::Polyethylene => 0.93,
            self::Polypropylene => 0.91,
            self::Aluminium => 2.7,
        };
    }

    /** Burns rather than melts. From memory. */
    public function burns(): bool
    {
        return in_array($this, [self::Cotton, self::Jute, self::Palm, self::Paper, self::Viscose], true);
    }
}
