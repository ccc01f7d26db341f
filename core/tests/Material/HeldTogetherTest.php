<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Material;

use Fescue\Core\Material\HeldTogether;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Material;
use Fescue\Core\Material\Strand;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Tests\Draw;
use PHPUnit\Framework\TestCase;

final class HeldTogetherTest extends TestCase
{
    private static function strand(string $name, float $mm, float $gramsPerMetre, ?float $grams, int $ends = 1): Strand
    {
        return new Strand(
            $name,
            new Material(
                Kind::Cord,
                Length::mm($mm),
                LinearDensity::gramsPerMetre($gramsPerMetre),
                $grams === null ? null : Mass::grams($grams),
            ),
            $ends,
        );
    }

    /** Handbook 2: linear densities add; the equivalent diameter is √Σd² (geometry): 3 and 4 make 5. */
    public function testDensitiesAddAndDiametersAddInSquare(): void
    {
        $held = new HeldTogether([self::strand('thin', 3, 4.5, 450), self::strand('thick', 4, 8.2, 900)]);
        self::assertEqualsWithDelta(12.7, $held->density()->gramsPerMetre, 1e-9);
        self::assertEqualsWithDelta(12_700, $held->density()->tex(), 1e-6);
        self::assertEqualsWithDelta(5, $held->diameter()->mm, 1e-9);
        self::assertSame(10.0, $held->asOne()->firmHook()->diameter->mm);
    }

    public function testFourAlikeAreTwiceAsThickAndFourTimesAsHeavy(): void
    {
        $held = new HeldTogether([self::strand('thin', 2, 3, 300, 4)]);
        self::assertEqualsWithDelta(4, $held->diameter()->mm, 1e-9);
        self::assertEqualsWithDelta(12, $held->density()->gramsPerMetre, 1e-9);
        // 100 m of it, but four ends come off the same stock.
        self::assertEqualsWithDelta(25, $held->runsOutFirst()?->lasts()?->in(LengthUnit::Metre), 1e-9);
        self::assertSame(4, $held->ends());
    }

    public function testSaysWhichRunsOutFirstAndWhere(): void
    {
        $held = new HeldTogether(
            [self::strand('long', 3, 5, 500), self::strand('doubled', 3, 4, 400, 2), self::strand('short', 3, 10, 600)],
        );
        self::assertSame('doubled', $held->runsOutFirst()?->name);
        self::assertEqualsWithDelta(50, $held->runsOutFirst()?->lasts()?->in(LengthUnit::Metre), 1e-9);
        self::assertEqualsWithDelta(50 * 23, (float) $held->asOne()->onHand?->grams, 1e-6);
    }

    public function testClaimsNothingWhereOneWasNotWeighed(): void
    {
        $held = new HeldTogether([self::strand('weighed', 3, 5, 10), self::strand('not', 3, 5, null)]);
        self::assertNull($held->runsOutFirst());
        self::assertNull($held->asOne()->onHand);
    }

    public function testWhatIsUsedUpToThereIsNoMoreThanAnyStrandHas(): void
    {
        Draw::sow(5);
        for ($try = 0; $try < 500; $try++) {
            $strands = [];
            for ($i = mt_rand(1, 5); $i > 0; $i--) {
                $strands[] = self::strand(
                    "s{$i}",
                    mt_rand(5, 90) / 10,
                    mt_rand(5, 400) / 10,
                    mt_rand(0, 20_000) / 10,
                    mt_rand(1, 6),
                );
            }
            $held = new HeldTogether($strands);
            $until = $held->runsOutFirst()?->lasts();
            self::assertNotNull($until);
            $used = 0.0;
            foreach ($strands as $strand) {
                $takes = $strand->material->density->massOf($until->times($strand->ends))->grams;
                self::assertLessThanOrEqual(($strand->material->onHand->grams ?? 0) + 1e-6, $takes);
                $used += $takes;
            }
            self::assertEqualsWithDelta((float) $held->asOne()->onHand?->grams, $used, 1e-6 * max(1, $used));
            self::assertGreaterThanOrEqual(
                max(array_map(fn(Strand $strand): float => $strand->material->diameter->mm, $strands)),
                $held->diameter()->mm + 1e-9,
            );
        }
    }

    public function testHookSizesStepThroughTheList(): void
    {
        self::assertSame(
            [7.0, 9.0, 10.0],
            [
                HookSize::mm(8)->steps(-1)->diameter->mm,
                HookSize::mm(8)->steps(1)->diameter->mm,
                HookSize::mm(8)->steps(2)->diameter->mm,
            ],
        );
        self::assertSame(
            [2.0, 30.0],
            [HookSize::mm(2.25)->steps(-3)->diameter->mm, HookSize::mm(30)->steps(1)->diameter->mm],
        );
        // A size between two sold ones steps from the nearer.
        self::assertSame(15.0, HookSize::mm(11.5)->steps(1)->diameter->mm);
    }
}
