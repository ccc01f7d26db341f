<?php

declare(strict_types=1);

namespace Fescue\Core\Measure;

/** Units of mass. Ounce and pound are avoirdupois, exact (NIST SP 811, appendix B). */
enum MassUnit: string
{
    case Gram = 'g';
    case Kilogram = 'kg';
    case Ounce = 'oz';
    case Pound = 'lb';

    /** Grams in one of this unit. */
    public function grams(): float
    {
        return match ($this) {
            self::Gram => 1.0,
            self::Kilogram => 1000.0,
            self::Ounce => 28.349523125,
            self::Pound => 453.59237,
        };
    }

    public static function read(string $word): ?self
    {
        return match (rtrim(mb_strtolower($word), '.')) {
            'g', 'gr', 'gram', 'grams', 'gramme', 'grammes' => self::Gram,
            'kg', 'kilo', 'kilos', 'kilogram', 'kilograms' => self::Kilogram,
            'oz', 'ounce', 'ounces' => self::Ounce,
            'lb', 'lbs', 'pound', 'pounds' => self::Pound,
            default => null,
        };
    }
}
