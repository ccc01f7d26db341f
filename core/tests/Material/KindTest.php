<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Material;

use Fescue\Core\Material\EndCare;
use Fescue\Core\Material\Fabric;
use Fescue\Core\Material\Fibre;
use Fescue\Core\Material\Hand;
use Fescue\Core\Material\HookAdvice;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Make;
use Fescue\Core\Material\Property;
use Fescue\Core\Measure\Length;
use Fescue\Core\Strip\Join;
use PHPUnit\Framework\TestCase;

final class KindTest extends TestCase
{
    public function testEveryKindSaysWhatMattersToItAndHowItEndsAndJoins(): void
    {
        foreach (Kind::cases() as $kind) {
            self::assertSame($kind->isStrand(), $kind->has(Property::Diameter) && $kind->has(Property::SampleLength), $kind->value);
            self::assertSame($kind === Kind::Tabs, $kind->has(Property::Pitch));
            self::assertSame($kind->makes() !== [], $kind->has(Property::Make));
            self::assertNotSame('', $kind->name().$kind->noun());
            foreach ([null, ...$kind->makes()] as $make) {
                self::assertNotSame('', EndCare::frays($kind, $make));
                foreach (Join::of($kind, $make) as $join) {
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
        $said = implode(' ', array_map(fn(EndCare $care): string => "{$care->do} {$care->why} {$care->caution}", EndCare::of($kind, $make, $fibre)));
        $byFlame = str_contains($said, 'small flame');
        self::assertSame($byFlame, $fibre?->melts() === true && in_array($kind, [Kind::Cord, Kind::Ribbon], true), "{$kind->value} {$fibre?->value}");
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

    /** Handbook 2 [check]: 3 mm with 6 mm, 4 mm with 8 mm; one up for a tight hand or a drapey sack. Common practice, no source. */
    public function testHooksBeginAtTwiceTheCord(): void
    {
        $first = fn(float $mm, Hand $hand, Fabric $fabric): float => HookAdvice::of(Length::mm($mm), Kind::Cord, $hand, $fabric)->first[0]->diameter->mm;
        self::assertSame([6.0, 8.0], [$first(3, Hand::Even, Fabric::Firm), $first(4, Hand::Even, Fabric::Firm)]);
        self::assertSame([9.0, 9.0, 7.0, 10.0], [$first(4, Hand::Tight, Fabric::Firm), $first(4, Hand::Even, Fabric::Drape), $first(4, Hand::Loose, Fabric::Firm), $first(4, Hand::Tight, Fabric::Drape)]);
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
}
