<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Bag;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Stitch\Terms;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlannerTest extends TestCase
{
    /** @param array<string, mixed> $document */
    private static function plan(array $document): BagPlan
    {
        return Planner::plan(BagDocument::read($document));
    }

    public function testTheToteOfTheContract(): void
    {
        $plan = self::plan(Documents::tote());
        $leaves = Ways::leaves($plan);
        self::assertSame([48, 56, ...array_fill(0, 14, 56), 68, 68], $leaves);
        self::assertSame(22, $plan->work->rows[0]->count->takesOf(0));
        self::assertEqualsWithDelta(336, $plan->comesOut->flatWidth->mm, 1e-9);
        self::assertEqualsWithDelta(16 * 11.5, $plan->comesOut->height->mm, 1e-9);
        self::assertSame(
            'Sc in next 9 sts, ch 16, sk next 10 sts, sc in next 18 sts, ch 16, sk next 10 sts, sc in next 9 sts. '
                .'(36 sc, 2 ch-16 sps)',
            (new Writer(Terms::US))->line($plan->work->rows[16]),
        );
    }

    public function testSolvesWhatIsLeftOpen(): void
    {
        $plan = self::plan(Documents::open());
        self::assertSame(5, Plans::count($plan, '/base/rounds'));
        self::assertSame(16, Plans::count($plan, '/base/chain'));
        self::assertEqualsWithDelta(
            [295, 115, 264.5],
            [$plan->comesOut->baseLength->mm, $plan->comesOut->baseWidth->mm, $plan->comesOut->height->mm],
            1e-6,
        );
    }

    /**
     * Handbook 6 [check] (geometry): half the circumference is base length + base width; 12 in + 2 in gives 14 in flat.
     */
    public function testFlatWidthIsHalfTheCircumference(): void
    {
        $plan = self::plan(Documents::open(['size/length' => '12 in', 'size/width' => '2 in']));
        // A stadium's half circumference is less than a rectangle's by (2 − π/2) of its width.
        $expected = 14 * 25.4 - (2 - M_PI / 2) * 50.8;
        self::assertEqualsWithDelta($expected, $plan->comesOut->flatWidth->mm, 2 * 12 + 11.5);
    }

    /** Rows are worked as far as the last weigh-in tells. */
    public function testHowFarItIsWorked(): void
    {
        $begun = fn(array $weighIns): int => Planner::plan(
            BagDocument::read(Documents::tote(['weigh_ins' => $weighIns])),
        )->begun();
        self::assertSame([0, 1, 7], array_map($begun, [
            [],
            [['after' => 'Round 1', 'left' => '800 g']],
            [['after' => 'Round 1', 'left' => '800 g'], ['after' => 'Round 7', 'left' => '600 g']],
        ]));
    }

    public function testBallsOfAnyLabelAreRead(): void
    {
        foreach (['1 g' => 1.0, '100 kg' => 100_000.0, '10 m' => 82.0] as $written => $grams) {
            $own = BagDocument::read(Documents::tote(['material/unit' => $written]))->facts->strands->own;
            self::assertEqualsWithDelta($grams, $own->unit?->grams, 1e-9);
        }
    }

    public function testSizeMayBeLeftOutWhereCountsSayAll(): void
    {
        $plan = self::plan(Documents::tote(['size' => null]));
        self::assertCount(18, $plan->work->rows);
        self::assertNull($plan->spec->choices->wish->height);
    }

    public function testEachOpenCountNeedsItsSide(): void
    {
        foreach ([
            'base/chain' => ['size/length', '/size/length'],
            'base/rounds' => ['size/width', '/size/width'],
            'body/rounds' => ['size/height', '/size/height'],
        ] as $count => [$side, $path]) {
            try {
                self::plan(Documents::tote([$count => null, $side => null]));
                self::fail("{$count} was solved from nothing.");
            } catch (Refused $e) {
                self::assertSame($path, $e->problems[0]->path);
            }
        }
    }

    public function testJoinedRoundsOpenAndClose(): void
    {
        $plan = self::plan(Documents::tote(['working' => 'joined', 'body/stitch' => 'dc']));
        self::assertSame(
            [48, 56, ...array_fill(0, 14, 56), 68, 68],
            Ways::leaves($plan),
        );
        self::assertEqualsWithDelta(14 * 23 + 2 * 11.5, $plan->comesOut->height->mm, 1e-9);
    }

    public function testWithoutHandlesTheBodyIsTheTop(): void
    {
        $plan = self::plan(Documents::tote(['handles' => null]));
        self::assertCount(16, $plan->work->rows);
        self::assertSame(Part::Body, $plan->work->rows[15]->part);
    }

    public function testSeveralEdgeRoundsAndTallBodies(): void
    {
        $plan = self::plan(Documents::tote(['handles/edge_rounds' => 3, 'body/stitch' => 'tr']));
        self::assertSame(
            [68, 68, 68, 68],
            array_slice(Ways::leaves($plan), -4),
        );
        self::assertCount(17 + 3, $plan->work->rows);
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function refused(): array
    {
        return [
            'zero' => [['size/length' => '0 cm'], '/size/length', 'outside'],
            'negative' => [['size/width' => '-4 cm'], '/size/width', 'less than nothing'],
            'absurd' => [['size/height' => '9000 km'], '/size/height', 'not a unit'],
            'as high as a house' => [['size/height' => '12 m'], '/size/height', 'outside'],
            'unparsable' => [['size/length' => 'about a foot'], '/size/length', 'not understood'],
            'no unit' => [['size/length' => '30'], '/size/length', 'no unit'],
            'a bare number' => [['size/length' => 30], '/size/length', 'in quotes'],
            'no rows' => [['gauge/rows' => null], '/gauge/rows', 'missing'],
            'no stitches' => [['gauge/stitches' => null], '/gauge/stitches', 'missing'],
            'no width of a swatch' => [['gauge/width' => null], '/gauge/width', 'missing'],
            'no height of a swatch' => [['gauge/height' => null], '/gauge/height', 'missing'],
            'a ball as light as a feather' => [['material/unit' => '0.9 g'], '/material/unit', 'from 1 g to 100 kg'],
            'a ball as heavy as a cow' => [['material/unit' => '100001 g'], '/material/unit', 'from 1 g to 100 kg'],
            'zero rows' => [['gauge/rows' => 0], '/gauge/rows', 'above 0'],
            'rows as text' => [['gauge/rows' => 'ten'], '/gauge/rows', 'write a number'],
            'slot wider than the side' => [
                ['handles/skip' => 25, 'handles/chain' => 40],
                '/handles/skip',
                'at most 24',
            ],
            'chain shorter than its skip' => [['handles/chain' => 9], '/handles/chain', 'at least 10'],
            'ten thousand rounds' => [['body/rounds' => 10_000], '/body/rounds', 'outside'],
            'ten thousand rounds by size' => [
                [
                    'body/rounds' => null,
                    'gauge/stitches' => 500,
                    'gauge/width' => '60 cm',
                    'gauge/rows' => 500,
                    'gauge/height' => '20 cm',
                    'size/height' => '2 m',
                ],
                '/size/height',
                'up to 400',
            ],
            'two chains' => [['base/chain' => 2], '/base/chain', 'from 3'],
            'half a chain' => [['base/chain' => 22.5], '/base/chain', 'whole number'],
            'wider than long' => [
                ['base/chain' => null, 'base/rounds' => null, 'size/length' => '12 cm'],
                '/size/length',
                'at least',
            ],
            'narrower than a round' => [['base/rounds' => null, 'size/width' => '1 cm'], '/size/width', 'at least'],
            'lower than its top' => [['body/rounds' => null, 'size/height' => '2 cm'], '/size/height', 'already'],
            'no such stitch' => [['body/stitch' => 'puff'], '/body/stitch', '“sc”'],
            'a body of slip stitch' => [['body/stitch' => 'sl st'], '/body/stitch', 'should be'],
            'no such working' => [['working' => 'turned'], '/working', 'spiral'],
            'no such hook' => [['hook' => 'wooden'], '/hook', 'not a hook size'],
            'weightless swatch' => [['gauge/mass' => '0 g'], '/gauge/mass', 'weighs something'],
            'a strand of lead' => [['material/density' => '900 g/m'], '/material/density', 'outside'],
            'a field misspelt' => [['bodyy' => ['rounds' => 3]], '/bodyy', 'does not know'],
            'a field misspelt inside' => [['base/rows' => 3], '/base/rows', 'does not know'],
            'an object for a name' => [['name' => ['x']], '/name', 'one line'],
            'a name of two lines' => [['name' => "a\nb"], '/name', 'one line'],
            'an endless name' => [['name' => str_repeat('a', 500)], '/name', 'At most 120'],
            'a list for a base' => [['base' => [1, 2]], '/base', 'in braces'],
            'another format' => [['format' => 'fescue-bag/2'], '/format', 'fescue-bag/1'],
            'a gauge no fabric has' => [['gauge/height' => '90 cm'], '/gauge/height', 'no fabric'],
        ];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('refused')]
    public function testRefusesWithThePlaceAndTheMend(array $changes, string $path, string $message): void
    {
        try {
            self::plan(Documents::tote($changes));
            self::fail('Was planned.');
        } catch (Refused $e) {
            self::assertContains($path, array_map(fn($problem): string => $problem->path, $e->problems));
            $said = implode(
                "\n",
                array_map(fn($problem): string => $problem->path === $path ? $problem->message : '', $e->problems),
            );
            self::assertStringContainsString($message, $said);
        }
    }

    public function testEveryProblemIsNamedAtOnce(): void
    {
        try {
            BagDocument::read(
                Documents::tote(['size/length' => 'x', 'hook' => '', 'base/ends' => 'four', 'gauge' => null]),
            );
            self::fail('Was read.');
        } catch (Refused $e) {
            $paths = array_map(fn($problem): string => $problem->path, $e->problems);
            foreach (['/size/length', '/hook', '/base/ends', '/gauge/stitch', '/gauge/rows'] as $path) {
                self::assertContains($path, $paths);
            }
        }
    }

    public function testRefusesWhatIsNoDocument(): void
    {
        foreach ([
            '',
            '{',
            '[]',
            '12',
            'null',
            '"bag"',
            '{}',
            "\xff\xfe",
            str_repeat('[', 100),
            str_repeat(' ', 300_000),
        ] as $text) {
            try {
                BagDocument::fromJson($text);
                self::fail('Was read: '.substr($text, 0, 20));
            } catch (Refused $e) {
                self::assertNotSame('', $e->problems[0]->message);
            }
        }
    }
}
