<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Bag;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Report\Told;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A body of several bands: dense at the bottom, taller or more open above (Handbook 6 and 7). */
final class BandsTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    private static function plan(array $changes): BagPlan
    {
        return Planner::plan(BagDocument::read(Documents::tote($changes)));
    }

    public function testBandsRunOnFromEachOtherAndEveryRoundTakesWhatIsThere(): void
    {
        $plan = self::plan(
            [
                'body' => [
                    'stitch' => 'sc',
                    'rounds' => 6,
                    'above' => [
                        ['stitch' => 'mesh', 'rounds' => 3],
                        ['stitch' => 'hdc', 'loop' => 'front', 'rounds' => 1],
                    ],
                ],
            ],
        );
        self::assertSame(10, array_sum(Plans::bands($plan)));
        $runs = array_map(
            fn(array $run): string => $run[0]->name
                .' to '
                .$run[count($run) - 1]->name
                .': '
                .(new Writer(Terms::US))->line($run[0]),
            (new Writer(Terms::US))->runs($plan->work->rows),
        );
        self::assertSame('Round 3 to Round 8: Sc in each st around. (56)', $runs[2]);
        // In a spiral no chain lifts a round: it climbs by a stitch of each height between.
        self::assertSame(
            'Round 9 to Round 9: Sc in next st, ch 1, sk next st, hdc in next st, ch 1, sk next st, [dc in next st, ch 1, sk next st] 26 times. (1 sc, 1 hdc, 26 dc, 28 ch-1 sps)',
            $runs[3],
        );
        self::assertSame('Round 10 to Round 10: [dc in next st, ch 1, sk next ch-1 sp] 28 times. (28 dc, 28 ch-1 sps)', $runs[4]);
        self::assertSame('Round 11 to Round 11: [dc in next dc, ch 1, sk next ch-1 sp] 28 times. (28 dc, 28 ch-1 sps)', $runs[5]);
        self::assertEqualsWithDelta((6 + 3 * 2 + 1.5 + 2) * 11.5, $plan->comesOut->height->mm, 1e-9);
    }

    /** The one that is open takes what height the others leave, wherever it stands. */
    public function testOneBandFollowsTheHeight(): void
    {
        foreach ([
            [['stitch' => 'sc', 'above' => [['stitch' => 'mesh', 'rounds' => 4]]], [13, 4]],
            [
                ['stitch' => 'sc', 'rounds' => 5, 'above' => [['stitch' => 'mesh'], ['stitch' => 'sc', 'rounds' => 2]]],
                [5, 7, 2],
            ],
        ] as [$body, $rounds]) {
            $plan = self::plan(['body' => $body]);
            self::assertSame($rounds, Plans::bands($plan));
            self::assertLessThanOrEqual(23.0, abs($plan->comesOut->height->mm - 260));
        }
    }

    public function testAMeshTakesLessForTheSameHeight(): void
    {
        $grams = fn(array $body): float => MaterialEstimate::of(self::plan(['body' => $body]))->grams->likely;
        self::assertLessThan(
            0.75 * $grams(['stitch' => 'sc', 'rounds' => 14]),
            $grams(['stitch' => 'mesh', 'rounds' => 7]),
        );
    }

    public function testAMeshIsWatched(): void
    {
        $codes = function (array $body): array {
            $plan = self::plan(['body' => $body]);

            return array_column(
                array_map(
                    fn(Told $note): array => [$note->code, $note->row],
                    Told::on($plan, MaterialEstimate::of($plan), LengthUnit::Centimetre),
                ),
                1,
                0,
            );
        };
        self::assertSame('Round 10', (string) $codes(['stitch' => 'mesh', 'rounds' => 7])['mesh-top']);
        $banded = $codes(['stitch' => 'mesh', 'rounds' => 7, 'above' => [['stitch' => 'sc', 'rounds' => 2]]]);
        self::assertArrayHasKey('mesh-open', $banded);
        self::assertArrayNotHasKey('mesh-top', $banded);
        self::assertArrayNotHasKey('mesh-open', $codes(['stitch' => 'sc', 'rounds' => 7]));
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function wrong(): array
    {
        return [
            'two that follow' => [
                ['body' => ['stitch' => 'sc', 'above' => [['stitch' => 'dc']]]],
                '/body/above/0/rounds',
                'one band alone',
            ],
            'two above that follow' => [
                ['body' => ['stitch' => 'sc', 'rounds' => 4, 'above' => [['stitch' => 'dc'], ['stitch' => 'sc']]]],
                '/body/above/1/rounds',
                'one band alone',
            ],
            'no such stitch' => [
                ['body' => ['stitch' => 'sc', 'rounds' => 4, 'above' => [['stitch' => 'knit', 'rounds' => 2]]]],
                '/body/above/0/stitch',
                'mesh',
            ],
            'too many' => [
                [
                    'body' => [
                        'stitch' => 'sc',
                        'rounds' => 4,
                        'above' => array_fill(0, 6, ['stitch' => 'sc', 'rounds' => 1]),
                    ],
                ],
                '/body/above',
                'at most 5',
            ],
            'no height left' => [
                [
                    'size/height' => '10 cm',
                    'body' => ['stitch' => 'sc', 'above' => [['stitch' => 'tr', 'rounds' => 4]]],
                ],
                '/size/height',
                'at least that',
            ],
            'a stray field' => [
                [
                    'body' => [
                        'stitch' => 'sc',
                        'rounds' => 4,
                        'above' => [['stitch' => 'sc', 'rounds' => 1, 'colour' => 'red']],
                    ],
                ],
                '/body/above/0/colour',
                'does not know',
            ],
        ];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('wrong')]
    public function testBadBandsAreRefusedWhereTheyStand(array $changes, string $path, string $message): void
    {
        try {
            self::plan($changes);
            self::fail('Was planned.');
        } catch (Refused $e) {
            self::assertSame($path, $e->problems[0]->path);
            self::assertStringContainsString($message, $e->problems[0]->message);
        }
    }
}
