<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Piece;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Piece\SizedPair;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class AskedTest extends TestCase
{
    /** Two sides in one line: a unit written once is of both, none is the field's own. */
    #[TestWith(['16 × 25 mm', '16 mm', '25 mm'])]
    #[TestWith(['16x25', '16 cm', '25 cm'])]
    #[TestWith(['1 in * 30 mm', '1 in', '30 mm'])]
    #[TestWith([' 5/8 × 1" ', '5/8 "', '1"'])]
    public function testAPairIsReadFromOneLine(string $typed, string $width, string $height): void
    {
        $pair = new SizedPair('tab', 'Tab', null, Length::mm(5), Length::mm(60), unit: LengthUnit::Centimetre);
        self::assertSame(['width' => $width, 'height' => $height], $pair->typed($typed));
        self::assertNull($pair->typed(' '));
        self::assertSame('as large as that', $pair->typed('as large as that'));
    }
}
