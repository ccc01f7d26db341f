<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Estimate;

use Fescue\Core\Estimate\Implausible;
use Fescue\Core\Material\Form;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use PHPUnit\Framework\TestCase;

/** Where asking begins; where it does is from memory, no source. */
final class ImplausibleTest extends TestCase
{
    public function testWhatIsAskedAbout(): void
    {
        self::assertNull(Implausible::stitch(Length::mm(8), Length::mm(4)));
        self::assertStringContainsString(
            '3.9 mm is less than half as wide as its strand, which is 8',
            (string) Implausible::stitch(Length::mm(8), Length::mm(3.9))?->english(),
        );
        // A round cord of 4 mm weighs some 8 g to the metre.
        $cord = fn(float $weighs): ?string => Implausible::density(
            Form::Round,
            null,
            Length::mm(4),
            LinearDensity::gramsPerMetre($weighs),
        )?->english();
        self::assertNull($cord(8.2));
        self::assertNull($cord(20));
        self::assertNull($cord(3));
        self::assertStringContainsString('That is 82.0 g/m', (string) $cord(82));
        self::assertStringContainsString('That is 0.8', (string) $cord(0.82));
        self::assertNull(Implausible::weighed(140, 100));
        self::assertNull(Implausible::weighed(60, 100));
        self::assertNotNull(Implausible::weighed(141, 100));
        self::assertStringContainsString('59 g went', (string) Implausible::weighed(59, 100)?->english());
        // Of little the scale is off as much.
        self::assertNull(Implausible::weighed(24, 10));
        self::assertNotNull(Implausible::weighed(26, 10));
        self::assertNull(Implausible::cut(Mass::grams(98), Mass::grams(100)));
        self::assertStringContainsString(
            'all of the 100 g',
            (string) Implausible::cut(Mass::grams(99), Mass::grams(100))?->english(),
        );
        $same = fn(float $cut): ?string => Implausible::sameStrand(
            'Red',
            LinearDensity::gramsPerMetre(10),
            LinearDensity::gramsPerMetre($cut),
            Mass::grams(100),
        )?->english();
        self::assertNull($same(13));
        self::assertNull($same(7.7));
        self::assertStringContainsString('it would count as 10.0 m', (string) $same(14));
        self::assertNotNull($same(7.6));
        self::assertNull(Implausible::price(99_999.99));
        self::assertNotNull(Implausible::price(100_000));
    }
}
