<?php

declare(strict_types=1);

namespace Fescue\Core\Measure;

/** Units of length. Inch, foot and yard are exact by the 1959 agreement (NIST SP 811, appendix B). */
enum LengthUnit: string
{
    case Millimetre = 'mm';
    case Centimetre = 'cm';
    case Metre = 'm';
    case Inch = 'in';
    case Foot = 'ft';
    case Yard = 'yd';

    /** Millimetres in one of this unit. */
    public function millimetres(): float
    {
        return match ($this) {
            self::Millimetre => 1.0,
            self::Centimetre => 10.0,
            self::Metre => 1000.0,
            self::Inch => 25.4,
            self::Foot => 304.8,
            self::Yard => 914.4,
        };
    }

    public static function read(string $word): ?self
    {
        return match (rtrim(mb_strtolower($word), '.')) {
            'mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters' => self::Millimetre,
            'cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters' => self::Centimetre,
            'm', 'metre', 'metres', 'meter', 'meters' => self::Metre,
            'in', '"', "''", 'inch', 'inches' => self::Inch,
            'ft', "'", 'foot', 'feet' => self::Foot,
            'yd', 'yds', 'yard', 'yards' => self::Yard,
            default => null,
        };
    }
}
