<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Material;

use Fescue\Core\Material\EndCare;
use Fescue\Core\Material\Fabric;
use Fescue\Core\Material\Fibre;
use Fescue\Core\Material\Hand;
use Fescue\Core\Material\HookAdvice;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Make;
use Fescue\Core\Material\Need;
use Fescue\Core\Material\Property;
use Fescue\Core\Material\Washing;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Strip\JoinMethod;
use PHPUnit\Framework\TestCase;

final class KindTest extends TestCase
{
    public function testEveryKindSaysWhatMattersToItAndHowItEndsAndJoins(): void
    {
        foreach (Kind::cases() as $kind) {
            self::assertSame(
                $kind->isStrand(),
                $kind->has(Property::Diameter) && $kind->has(Property::SampleLength),
                $kind->value,
            );
            self::assertSame($kind === Kind::Tabs, $kind->has(Property::Pitch));
            self::assertSame($kind->makes() !== [], $kind->has(Property::Make));
            self::assertNotSame('', $kind->name().$kind->noun());
            foreach ([null, ...$kind->makes()] as $make) {
                self::assertNotSame('', EndCare::frays($kind, $make));
                foreach (JoinMethod::of($kind, $make) as $join) {
                    self::assertGreaterThan(0, $join->loss()->mm);
                    self::assertStringStartsWith('Not ', $join->avoid());
                }
                foreach ([null, ...$kind->fibres()] as $fibre) {
                    $this->flameOnlyWhereItMelts($kind, $make, $fibre);
                }
            }
        }
        self::assertCount(6, Kind::strands());
    }

    /** Handbook 9: burns, fumes, ventilation, water at hand; away from plarn and raffia. */
    private function flameOnlyWhereItMelts(Kind $kind, ?Make $make, ?Fibre $fibre): void
    {
        $said = implode(
            ' ',
            array_map(
                fn(EndCare $care): string => "{$care->do} {$care->why} {$care->caution}",
                EndCare::of($kind, $make, $fibre),
            ),
        );
        $byFlame = str_contains($said, 'small flame');
        self::assertSame(
            $byFlame,
            $fibre?->melts() === true && in_array($kind, [Kind::Cord, Kind::Ribbon], true),
            "{$kind->value} {$fibre?->value}",
        );
        if ($byFlame) {
            self::assertStringContainsString('water at hand', $said);
            self::assertStringContainsString('window open', $said);
        }
        if ($kind === Kind::Tabs) {
            self::assertStringContainsString('gloves and eye protection', $said);
        }
        if ($kind === Kind::Plarn) {
            self::assertStringContainsString('suffocate', $said);
        }
    }

    /**
     * Handbook 2 [check]: 3 mm with 6 mm, 4 mm with 8 mm; one up for a tight hand or a drapey sack. Common practice, no
     * source.
     */
    public function testHooksBeginAtTwiceTheCord(): void
    {
        $first = fn(float $mm, Hand $hand, Fabric $fabric): float => HookAdvice::of(
            Length::mm($mm),
            Kind::Cord,
            $hand,
            $fabric,
        )->first[0]->diameter->mm;
        self::assertSame([6.0, 8.0], [$first(3, Hand::Even, Fabric::Firm), $first(4, Hand::Even, Fabric::Firm)]);
        self::assertSame(
            [9.0, 9.0, 7.0, 10.0],
            [
                $first(4, Hand::Tight, Fabric::Firm),
                $first(4, Hand::Even, Fabric::Drape),
                $first(4, Hand::Loose, Fabric::Firm),
                $first(4, Hand::Tight, Fabric::Drape),
            ],
        );
    }

    /**
     * A ball of jersey of 450 g and 55 m: makers work it on 8 mm. What gives is tried looser next, what does not,
     * firmer. Common practice, no source.
     */
    public function testHooksFollowTheKind(): void
    {
        $of = function (Kind $kind, Fabric $fabric = Fabric::Firm): array {
            $advice = HookAdvice::of(Length::mm(8), $kind, Hand::Even, $fabric);

            return array_map(fn(HookSize $hook): float => $hook->diameter->mm, [...$advice->first, ...$advice->range]);
        };
        self::assertSame([8.0, 9.0, 7.0, 12.0], $of(Kind::TShirt));
        self::assertSame([8.0, 9.0, 7.0, 10.0], $of(Kind::Plarn));
        self::assertSame([12.0, 15.0, 10.0, 16.0], $of(Kind::Ribbon));
        self::assertSame([15.0, 12.0, 12.0, 16.0], $of(Kind::Raffia));
        self::assertSame([16.0, 15.0, 15.0, 19.0], $of(Kind::Cord));
        self::assertSame([19.0, 20.0, 16.0, 25.0], $of(Kind::Cord, Fabric::Drape));
        self::assertSame([16.0, 19.0, 15.0, 19.0], $of(Kind::Cord, Fabric::Even));
        self::assertStringContainsString(
            '8 mm: about as thick as the yarn, for jersey is soft',
            HookAdvice::of(Length::mm(8), Kind::TShirt, Hand::Even, Fabric::Firm)->reasons[0]->english(),
        );
    }

    /**
     * Thickness from weight: cotton cord of 4 mm weighs 8.2 g/m, jersey of 8.2 g/m rolls to about 8 mm, loops of
     * carrier
     * bags of 2.5 g/m to about 5 mm. Common practice, no source; the shares of fibre are from memory.
     */
    public function testThicknessIsGuessedByTheFormOfTheStrand(): void
    {
        $thick = fn(Kind $kind, float $density, ?Fibre $fibre = null): float => $kind->form()->thickness(
            LinearDensity::gramsPerMetre($density),
            $fibre,
        )->mm;
        self::assertEqualsWithDelta(4.0, $thick(Kind::Cord, 8.2, Fibre::Cotton), 0.1);
        self::assertEqualsWithDelta(8.0, $thick(Kind::TShirt, 450 / 55, Fibre::Cotton), 0.1);
        self::assertEqualsWithDelta(5.1, $thick(Kind::Plarn, 2.5), 0.1);
        self::assertEqualsWithDelta(4.2, $thick(Kind::Ribbon, 4.3, Fibre::Cotton), 0.1);
        // A fibre half as dense fills twice the room.
        self::assertEqualsWithDelta(
            $thick(Kind::Cord, 8.2, Fibre::Cotton) * sqrt(1.53 / 0.91),
            $thick(Kind::Cord, 8.2, Fibre::Polypropylene),
            0.06,
        );
        self::assertSame([0.5, 30.0], [$thick(Kind::Cord, 0.05), $thick(Kind::TShirt, 500)]);
        self::assertSame(
            ['a round cord of cotton', 'film', 'a flat jersey'],
            [
                Kind::Cord->form()->named(Fibre::Cotton)->english(),
                Kind::Plarn->form()->named(null)->english(),
                Kind::TShirt->form()->named(null)->english(),
            ],
        );
    }

    public function testTheTwoToTryFirstAreTwoAndWithinTheRange(): void
    {
        foreach (Kind::cases() as $kind) {
            foreach (Hand::cases() as $hand) {
                foreach (Fabric::cases() as $fabric) {
                    foreach ([0.5, 1, 2.2, 4, 7, 12, 20, 30] as $mm) {
                        $advice = HookAdvice::of(Length::mm($mm), $kind, $hand, $fabric);
                        [$one, $two] = [$advice->first[0]->diameter->mm, $advice->first[1]->diameter->mm];
                        self::assertGreaterThanOrEqual($advice->range[0]->diameter->mm, min($one, $two));
                        self::assertLessThanOrEqual($advice->range[1]->diameter->mm, max($one, $two));
                        self::assertGreaterThanOrEqual(2, count($advice->reasons));
                        if ($mm >= 2.2 && $mm <= 7) {
                            self::assertNotSame($one, $two);
                        }
                    }
                }
            }
        }
    }

    /**
     * Densities of fibres, g/cm³: Morton and Hearle, Physical Properties of Textile Fibres, from memory; aluminium 2.70 and
     * the polyolefins from common tables, from memory.
     */
    public function testDensitiesOfFibres(): void
    {
        foreach ([
            'cotton' => 1.53, 'viscose' => 1.53, 'jute' => 1.45, 'polyester' => 1.38, 'wool' => 1.31, 'acrylic' => 1.17,
            'nylon' => 1.14, 'polyethylene' => 0.93, 'polypropylene' => 0.91, 'aluminium' => 2.7,
        ] as $fibre => $density) {
            self::assertEqualsWithDelta($density, Fibre::from($fibre)->density(), 0.011, $fibre);
        }
    }

    /** What a strand is guessed to weigh tells its thickness again; a 4 mm cotton cord weighs about 8 g/m. */
    public function testAGuessedWeightTellsItsThickness(): void
    {
        foreach (Kind::strands() as $kind) {
            foreach ($kind->thicknesses() as $mm) {
                $weight = $kind->form()->weight(Length::mm($mm));
                self::assertEqualsWithDelta($mm, $kind->form()->thickness($weight)->mm, 0.1, "{$kind->value} {$mm}");
            }
        }
        // Those a hand would name, in half millimetres at the finest; thinner to thicker.
        foreach (Kind::strands() as $kind) {
            $mm = $kind->thicknesses();
            self::assertSame(array_map(fn(float $one): float => round(2 * $one) / 2, $mm), $mm, $kind->value);
            self::assertTrue($mm[0] < $mm[1] && $mm[1] < $mm[2], $kind->value);
        }
        self::assertEqualsWithDelta(8.08, Kind::Cord->form()->weight(Length::mm(4))->gramsPerMetre, 0.01);
    }

    /** Wet-block cotton, never tumble-dry plarn: handbook 8. Common practice, no source. */
    public function testHowItIsWashed(): void
    {
        self::assertSame(Washing::WetBlock, Washing::of(Kind::Cord, Fibre::Cotton));
        self::assertSame(Washing::WetBlock, Washing::of(Kind::TShirt));
        self::assertSame(Washing::Film, Washing::of(Kind::Plarn, Fibre::Polyethylene));
        self::assertStringContainsString('Never in a dryer', Washing::Film->value);
        self::assertSame(Washing::Lukewarm, Washing::of(Kind::TShirt, Fibre::Polyester));
        self::assertSame([Washing::Damp, Washing::Lukewarm], [
            Washing::of(Kind::Raffia, Fibre::Palm), Washing::of(Kind::Raffia, Fibre::Polypropylene),
        ]);
        self::assertSame([Washing::Cool, Washing::Spots, Washing::Unsure, Washing::Metal], [
            Washing::of(Kind::Strand, Fibre::Wool), Washing::of(Kind::Cord, Fibre::Jute), Washing::of(Kind::Cord),
            Washing::of(Kind::Tabs),
        ]);
    }

    /** What is counted comes in whole ones, cloth in centimetres; neither is worked. */
    public function testHardwareAndClothAreStockAndNoStrand(): void
    {
        self::assertSame(['pieces', 'cm', 'tabs', 'g'], array_map(
            fn(Kind $kind): string => $kind->unit(),
            [Kind::Hardware, Kind::Cloth, Kind::Tabs, Kind::Plarn],
        ));
        self::assertSame([], array_intersect(array_column(Kind::strands(), 'value'), ['hardware', 'cloth', 'tabs']));
        self::assertSame([true, true, false, false], array_map(
            fn(Kind $kind): bool => $kind->isCounted(),
            [Kind::Hardware, Kind::Tabs, Kind::Cloth, Kind::Cord],
        ));
        $magnet = Need::piece(Make::Magnet, 'Magnet', size: Length::mm(18));
        self::assertTrue($magnet->isLike(Need::piece(Make::Magnet, 'Magnet', 2, Length::mm(19))));
        self::assertFalse($magnet->isLike(Need::piece(Make::Magnet, 'Magnet', 2, Length::mm(19.1))));
        self::assertFalse($magnet->isLike(Need::piece(Make::Snap, 'Snap', 1, Length::mm(18))));
        // A zip of 30 cm may be 6 mm off.
        self::assertSame([true, false, true], [
            Need::fits(Length::mm(300), Length::mm(306)),
            Need::fits(Length::mm(300), Length::mm(306.1)),
            Need::fits(null, Length::mm(3)),
        ]);
    }

    public function testWhatIsCountedIsSaidOfOneAndOfMany(): void
    {
        self::assertSame(
            ['piece', 'pieces', 'tab', 'tabs', 'tabs', 'g'],
            [
                Kind::Hardware->unit(1), Kind::Hardware->unit(2), Kind::Tabs->unit(-1), Kind::Tabs->unit(11),
                Kind::Tabs->unit(), Kind::Cord->unit(1),
            ],
        );
    }

    /** Of what it is not known, nobody is told that it does not melt, and nobody to hold it in a flame. */
    public function testWhatIsNotKnownIsTriedFirst(): void
    {
        $said = fn(Kind $kind, ?Fibre $fibre): string => implode(' ', array_map(
            fn(EndCare $care): string => "{$care->do} {$care->why} {$care->caution}",
            EndCare::of($kind, null, $fibre),
        ));
        foreach ([Kind::Cord, Kind::Ribbon] as $kind) {
            foreach ([null, Fibre::Mixed] as $unknown) {
                self::assertStringContainsString('try a snippet first', $said($kind, $unknown));
                self::assertStringContainsString('water at hand', $said($kind, $unknown));
                self::assertStringNotContainsString('does not melt', $said($kind, $unknown));
            }
            self::assertStringNotContainsString('snippet', $said($kind, Fibre::Cotton));
        }
        self::assertStringContainsString('It does not melt', $said(Kind::Cord, Fibre::Cotton));
    }
}
