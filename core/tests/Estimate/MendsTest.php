<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Estimate;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Makers;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\Mend;
use Fescue\Core\Estimate\Mends;
use Fescue\Core\Estimate\Spare;
use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Gauge\Trial;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Bag\Documents;
use Fescue\Core\Tests\Bag\Plans;
use Fescue\Core\Tests\Bag\Ways;
use Fescue\Core\Tests\Panel\Built;
use Fescue\Core\Tongue\Tongue;
use PHPUnit\Framework\TestCase;

final class MendsTest extends TestCase
{
    /** @param array<string, mixed> $changes @return list<Mend> */
    private static function mends(array $changes): array
    {
        $plan = Planner::plan(BagDocument::read(Documents::tote($changes)));

        return Mends::of($plan, MaterialEstimate::of($plan));
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
                self::assertStringContainsString('saves', $mend->costs->english());
            }
        }
        $last = $mends[count($mends) - 1];
        self::assertNull($last->chance);
        self::assertStringContainsString('another material', $last->do->english());
        // As it says: planned with that many rounds, it is enough; with one more it is not.
        $fewer = array_values(
            array_filter($mends, fn(Mend $mend): bool => str_contains($mend->do->english(), 'body round')),
        )[0];
        $rounds = preg_match('/(\d+) body/', $fewer->do->english(), $found) === 1 ? (int) $found[1] : 1;
        $sure = fn(int $body): ?bool => MaterialEstimate::of(
            Planner::plan(BagDocument::read(Documents::tote(['material/on_hand' => '800 g', 'body/rounds' => $body]))),
        )->isSure();
        self::assertSame([true, false], [$sure(14 - $rounds), $sure(15 - $rounds)]);
    }

    /** A bag of pieces that runs short is mended as any other: no piece is made twice, and each mend can be planned. */
    public function testBagsOfPiecesAreMended(): void
    {
        $mended = 0;
        // What is bought, or folded of tabs, says what it is.
        $own = [
            'envelope' => ['bottom' => 5],
            'end-and-back' => ['rows' => 3],
            'net' => ['panel_rows' => 5],
            'canvas' => ['sheet_across' => 120, 'sheet_high' => 300, 'pitch' => '4 mm', 'bottom' => 12],
            'tabs' => ['rows' => 4, 'across' => 8, 'tab' => ['width' => '16 mm', 'height' => '24 mm']],
        ];
        foreach (Makers::BUILDS as $build) {
            $planned = fn(float $grams): BagPlan => Built::plan(
                ['type' => $build::key()] + ($own[$build::key()] ?? []),
                ['size' => ['length' => '30 cm', 'height' => '30 cm'], 'material/on_hand' => round($grams, 1).' g'],
            );
            $plan = $planned(0.85 * MaterialEstimate::of($planned(9000.0))->grams->likely);
            $mends = Mends::of($plan, MaterialEstimate::of($plan));
            self::assertNotSame([], $mends, $build::key());
            foreach ($mends as $mend) {
                $mended += (int) ($mend->plan !== null);
                self::assertStringNotContainsString('work the body in', $mend->do->english(), $build::key());
            }
        }
        self::assertGreaterThan(3, $mended);
    }

    public function testATallerStitchCoversTheSameHeightWithLess(): void
    {
        $said = implode(
            "\n",
            array_map(
                fn(Mend $mend): string => (new Tongue(Terms::UK))->say($mend->do),
                self::mends(['material/on_hand' => '870 g']),
            ),
        );
        self::assertStringContainsString('treble crochet', $said);
    }

    public function testTheLineOfAnotherStitchIsAsHighAsDoesIt(): void
    {
        $mends = self::mends(['material/on_hand' => '800 g']);
        $mesh = array_values(
            array_filter($mends, fn(Mend $mend): bool => str_contains($mend->do->english(), 'mesh')),
        )[0];
        $plan = $mesh->plan ?? self::fail('It is a plan.');
        [$low, $high] = Plans::bands($plan);
        self::assertSame(
            ['sc', 'back', 'mesh'],
            [
                Plans::settled($plan)['/body/stitch'],
                Plans::settled($plan)['/body/loop'],
                Plans::settled($plan)['/body/above/0/stitch'],
            ],
        );
        self::assertSame(
            'From Round '.(3 + $low)." up, work the body in double crochet mesh, {$high} rounds of it",
            $mesh->do->english(),
        );
        // Two single crochet rounds are a double crochet high: nearly nothing of the height is lost.
        self::assertEqualsWithDelta(14 * 11.5, $low * 11.5 + $high * 23, 11.5);
        // A line one mesh round higher does not do.
        $higher = Documents::tote(
            [
                'material/on_hand' => '800 g',
                'body' => [
                    'stitch' => 'sc',
                    'loop' => 'back',
                    'rounds' => $low + 2,
                    'above' => [['stitch' => 'mesh', 'rounds' => $high - 1]],
                ],
            ],
        );
        self::assertFalse(MaterialEstimate::of(Planner::plan(BagDocument::read($higher)))->isSure());
    }

    public function testSmallerAllRoundKeepsItsProportions(): void
    {
        $mends = self::mends(['material/on_hand' => '650 g', 'handles/skip' => null, 'handles/chain' => null]);
        $smaller = array_values(
            array_filter($mends, fn(Mend $mend): bool => str_contains($mend->do->english(), 'smaller all round')),
        )[0];
        $was = Planner::plan(BagDocument::read(Documents::tote([])))->comesOut;
        $is = $smaller->plan?->comesOut;
        self::assertNotNull($is);
        $share = (int) preg_replace('/\D/', '', $smaller->do->english()) / 100;
        // Whole stitches and rounds come near it: a stitch is 12 mm, a base round 23, a body round 11.5.
        self::assertEqualsWithDelta($share * $was->baseLength->mm, $is->baseLength->mm, 12.5);
        self::assertEqualsWithDelta($share * $was->baseWidth->mm, $is->baseWidth->mm, 12);
        self::assertEqualsWithDelta($share * $was->height->mm, $is->height->mm, 6);
        self::assertSame(
            [],
            array_filter(
                self::mends(
                    ['material/on_hand' => '500 g', 'weigh_ins' => [['after' => 'Round 2', 'left' => '410 g']]],
                ),
                fn(Mend $mend): bool => str_contains($mend->do->english(), 'all round'),
            ),
        );
    }

    public function testHandlesAreMadeShorterNoFurtherThanTheyMay(): void
    {
        $takes = MaterialEstimate::of(
            Planner::plan(BagDocument::read(Documents::tote([]))),
        )->grams->at(MaterialEstimate::SURE);
        $shorter = fn(float $missing): array => array_values(
            array_filter(
                self::mends(['material/on_hand' => round($takes - $missing, 1).' g']),
                fn(Mend $mend): bool => str_contains($mend->do->english(), 'handles shorter'),
            ),
        );
        self::assertSame('Make the handles shorter: chain 15, not 16', $shorter(1)[0]->do->english());
        self::assertSame(15, Plans::count($shorter(1)[0]->plan ?? self::fail('It is a plan.'), '/handles/chain'));
        self::assertSame([], $shorter(60), 'Chains over ten skipped stitches are ten at least.');
    }

    public function testASmallerHookWhereTheHandIsKnown(): void
    {
        $plan = Planner::plan(BagDocument::read(Documents::tote(['material/on_hand' => '850 g'])));
        $hand = LearnedHand::of(
            [
                new Trial(
                    $plan->spec->facts->hands->swatch,
                    $plan->spec->facts->hands->hook,
                    Kind::Cord,
                    Length::mm(4),
                    $plan->spec->facts->strands->own->density,
                ),
            ],
        );
        $hooks = fn(?LearnedHand $known): array => array_values(
            array_filter(
                Mends::of($plan, MaterialEstimate::of($plan), $known),
                fn(Mend $mend): bool => str_contains($mend->do->english(), 'hook'),
            ),
        );
        self::assertSame([], $hooks(null));
        $smaller = $hooks($hand)[0];
        self::assertNotNull($smaller->plan);
        self::assertLessThan(8, $smaller->plan->spec->facts->hands->hook->diameter->mm);
        self::assertGreaterThanOrEqual(1.4 * 4, $smaller->plan->spec->facts->hands->hook->diameter->mm);
        self::assertSame(
            [22, 14, 56],
            [
                Plans::count($smaller->plan, '/base/chain'),
                Plans::count($smaller->plan, '/body/rounds'),
                Plans::around($smaller->plan),
            ],
        );
        self::assertLessThan($plan->comesOut->flatWidth->mm, $smaller->plan->comesOut->flatWidth->mm);
        self::assertStringContainsString('(narrower)', $smaller->costs->english());
    }

    public function testHerOwnStrandsThatAreAboutAsThickGoOnWhereItEnds(): void
    {
        $strand = fn(int $number, float $mm, float $grams, float $density = 8.2, Kind $kind = Kind::Cord): Spare => new Spare(
            $number,
            "Cord {$number}",
            new Material($kind, Length::mm($mm), LinearDensity::gramsPerMetre($density), Mass::grams($grams)),
        );
        $spares = [
            $strand(1, 4.6, 900),
            $strand(2, 4, 20),
            $strand(3, 6, 900),
            $strand(4, 4.1, 450, 4.1),
            $strand(5, 3.4, 900),
            $strand(6, 4, 900, kind: Kind::Plarn),
        ];
        $plan = Planner::plan(BagDocument::read(Documents::tote(['material/on_hand' => '600 g'])));
        $estimate = MaterialEstimate::of($plan);
        $mends = Mends::of($plan, $estimate, spares: $spares);
        $gone = array_values(array_filter($mends, fn(Mend $mend): bool => $mend->spare !== null));
        // Too little of the second, the third too thick; of the rest the two most alike, of its kind.
        self::assertSame([4, 1], array_map(fn(Mend $mend): ?int => $mend->spare, $gone));
        // The last row it surely reaches: one more, and it does not.
        self::assertSame(1, preg_match('/^From Round (\d+) on, work in Cord 4$/', $gone[0]->do->english(), $found));
        $own = fn(int $round): float => MaterialEstimate::of(
            Planner::plan($plan->spec->continued($spares[3]->material, new RowId(RowKind::Round, $round), $plan->work)),
        )->enough ?? 0.0;
        self::assertGreaterThanOrEqual(MaterialEstimate::SURE, $own((int) $found[1]));
        self::assertLessThan(MaterialEstimate::SURE, $own((int) $found[1] + 1));
        $mended = MaterialEstimate::of($gone[0]->plan ?? throw new \LogicException('It is a plan.'));
        self::assertTrue($mended->isSure());
        self::assertStringContainsString(
            'takes about '.number_format($mended->others[0]->grams->likely).' g',
            $gone[0]->costs->english(),
        );
        self::assertSame(
            [],
            array_filter($mends, fn(Mend $mend): bool => $mend->plan === null),
            'Hers is there: none is to be found.',
        );
        // A join keeps out of the slots and of the last two rounds.
        $late = Planner::plan(BagDocument::read(Documents::tote(['material/on_hand' => '875 g'])));
        self::assertFalse(MaterialEstimate::of($late)->isSure());
        $gone = array_values(
            array_filter(
                Mends::of($late, MaterialEstimate::of($late), spares: $spares),
                fn(Mend $mend): bool => $mend->spare !== null,
            ),
        );
        self::assertStringStartsWith('From Round 16 on', $gone[0]->do->english());
    }

    public function testAnotherMaterialThatIsThereIsNotProposedAgain(): void
    {
        $cord = ['kind' => 'cord', 'diameter' => '4 mm', 'density' => '8 g/m'];
        $do = implode(
            "\n",
            array_map(
                fn(Mend $mend): string => $mend->do->english(),
                self::mends(
                    [
                        'material/on_hand' => '500 g',
                        'others' => [$cord + ['on_hand' => '2 kg']],
                        'changes' => [['from' => 'Round 14', 'to' => 1]],
                    ],
                ),
            ),
        );
        self::assertNotSame('', $do);
        self::assertStringNotContainsString('another material', $do);
    }

    public function testWhatIsBegunIsNotUndone(): void
    {
        $mends = self::mends(
            ['material/on_hand' => '800 g', 'weigh_ins' => [['after' => 'Round 6', 'left' => '530 g']]],
        );
        foreach ($mends as $mend) {
            self::assertDoesNotMatchRegularExpression(
                '/chains|base round|hook|From Round [1-6] up/',
                $mend->do->english(),
            );
        }
        self::assertNotSame([], $mends);
    }

    public function testEnoughWantsNoMend(): void
    {
        self::assertSame([], self::mends(['material/on_hand' => '2 kg']));
        self::assertSame([], self::mends(['material/on_hand' => null]));
    }

    /** With fewer rows of a base fewer are picked up along their ends; what was told to be picked up stays. */
    public function testWhatFollowsFromACountFollowsIt(): void
    {
        $mended = function (array $base): ?array {
            $plan = Ways::plan([
                'base' => ['type' => 'rows', 'stitch' => 'sc', 'across' => 31, 'rows' => 8] + $base,
                'material/on_hand' => '700 g', 'body/rounds' => 8,
            ]);
            foreach (Mends::of($plan, MaterialEstimate::of($plan)) as $mend) {
                if (preg_match('/^Work (\d) base rows fewer$/', $mend->do->english(), $fewer) === 1) {
                    return [8 - (int) $fewer[1], $mend->plan?->parts[0]->made->open->anchors];
                }
            }

            return null;
        };
        // One a row: 2 · 31 + 2 · 4.
        self::assertSame([4, 70], $mended([]));
        $told = $mended(['along' => 8]);
        self::assertTrue($told === null || $told[1] === 78);
    }
}
