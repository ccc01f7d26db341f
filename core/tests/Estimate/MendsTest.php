<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Estimate;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\Mend;
use Fescue\Core\Estimate\Mends;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Bag\Documents;
use PHPUnit\Framework\TestCase;

final class MendsTest extends TestCase
{
    /** @param array<string, mixed> $changes @return list<Mend> */
    private static function mends(array $changes, Terms $terms = Terms::US): array
    {
        $plan = Planner::plan(BagDocument::read(Documents::tote($changes)));

        return Mends::of($plan, MaterialEstimate::of($plan), LengthUnit::Centimetre, $terms);
    }

    public function testEachMendMakesItEnoughAndTheGentlestComesFirst(): void
    {
        $mends = self::mends(['material/on_hand' => '800 g']);
        self::assertGreaterThanOrEqual(4, count($mends));
        $lost = 0.0;
        foreach ($mends as $mend) {
            self::assertGreaterThanOrEqual($lost, $mend->lost);
            $lost = $mend->lost;
            if ($mend->chance !== null) {
                self::assertGreaterThanOrEqual(MaterialEstimate::SURE, $mend->chance);
                self::assertStringContainsString('saves', $mend->costs);
            }
        }
        $last = $mends[count($mends) - 1];
        self::assertNull($last->chance);
        self::assertStringContainsString('second material', $last->do);
        // As it says: planned with that many rounds, it is enough; with one more it is not.
        $fewer = array_values(array_filter($mends, fn(Mend $mend): bool => str_contains($mend->do, 'body round')))[0];
        $rounds = preg_match('/(\d+) body/', $fewer->do, $found) === 1 ? (int) $found[1] : 1;
        $sure = fn(int $body): ?bool => MaterialEstimate::of(Planner::plan(BagDocument::read(Documents::tote(['material/on_hand' => '800 g', 'body/rounds' => $body]))))->isSure();
        self::assertSame([true, false], [$sure(14 - $rounds), $sure(15 - $rounds)]);
    }

    public function testATallerStitchCoversTheSameHeightWithLess(): void
    {
        $said = implode("\n", array_map(fn(Mend $mend): string => $mend->do, self::mends(['material/on_hand' => '870 g'], Terms::UK)));
        self::assertStringContainsString('treble crochet', $said);
    }

    public function testWhatIsBegunIsNotUndone(): void
    {
        $mends = self::mends(['material/on_hand' => '800 g', 'weigh_ins' => [['after' => 'Round 6', 'left' => '530 g']]]);
        foreach ($mends as $mend) {
            self::assertDoesNotMatchRegularExpression('/chains|base round|body in/', $mend->do);
        }
        self::assertNotSame([], $mends);
    }

    public function testEnoughWantsNoMend(): void
    {
        self::assertSame([], self::mends(['material/on_hand' => '2 kg']));
        self::assertSame([], self::mends(['material/on_hand' => null]));
    }
}
