<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Gauge;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\Breakdown;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Tests\Bag\Documents;
use Fescue\Core\Tests\Bag\Plans;
use Fescue\Core\Tests\Report\Told;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What was measured wins over what is guessed from another stitch. */
final class OtherStitchesTest extends TestCase
{
    private const BODY = [
        'body' => ['stitch' => 'sc', 'rounds' => 6, 'above' => [['stitch' => 'mesh', 'rounds' => 5]]],
    ];

    /** Rows 25 mm high where twice the sc's 11.5 is 23; 0.6 g a top. */
    private const MESH = [
        'stitch' => 'mesh',
        'stitches' => 10,
        'width' => '12.4 cm',
        'rows' => 4,
        'height' => '10 cm',
        'mass' => '24 g',
    ];

    /** @param array<string, mixed> $changes */
    private static function plan(array $changes): BagPlan
    {
        return Planner::plan(BagDocument::read(Documents::tote($changes + self::BODY)));
    }

    /** @return array<string, ?string> row by code */
    private static function notes(BagPlan $plan): array
    {
        return array_column(
            array_map(
                fn(Told $note): array => [$note->code, $note->row],
                Told::on($plan, MaterialEstimate::of($plan), LengthUnit::Centimetre),
            ),
            1,
            0,
        );
    }

    public function testItsRowsAreAsHighAsTheyWereMeasured(): void
    {
        [$guessed, $measured] = [self::plan([]), self::plan(['also' => [self::MESH]])];
        self::assertEqualsWithDelta(5 * 23.0, $guessed->comesOut->height->mm - 8 * 11.5, 1e-9);
        self::assertEqualsWithDelta(5 * 25.0, $measured->comesOut->height->mm - 8 * 11.5, 1e-9);
        self::assertEqualsWithDelta(11.5, $measured->gauge->singleHeight()->mm, 1e-9);
        self::assertNull($guessed->gauge->measured(Motif::named('mesh')));
        self::assertArrayHasKey('height-derived', self::notes($guessed));
        self::assertArrayNotHasKey('height-derived', self::notes($measured));
    }

    public function testItTakesWhatItWasWeighedToTakeAndThatIsSurer(): void
    {
        [$guessed, $measured] = [
            MaterialEstimate::of(self::plan([])),
            MaterialEstimate::of(self::plan(['also' => [self::MESH]])),
        ];
        $other = fn(MaterialEstimate $of): float => array_sum(
            array_map(fn($part): float => $part->part === 'body' ? 0.0 : $part->grams, $of->parts),
        );
        self::assertEqualsWithDelta($other($guessed), $other($measured), 1e-9);
        // Its first round climbs by a sc and an hdc, in place of dc of 12.4 mm with a chain each.
        $of = fn(string $stitch): float => Loops::mm($stitch, 12.4, 11.5, 4);
        self::assertEqualsWithDelta(
            6 * 56 * 0.79 + (5 * 28 - (2 * $of('dc') - $of('sc') - $of('hdc')) / ($of('dc') + $of('ch'))) * 1.2,
            $measured->parts[1]->grams,
            1e-6,
        );
        self::assertLessThan($guessed->grams->relative, $measured->grams->relative);
        // Measured but not weighed, only its size is known: its loops are as much longer as it is wider.
        $tape = MaterialEstimate::of(self::plan(['also' => [array_diff_key(self::MESH, ['mass' => 1])]]));
        self::assertEqualsWithDelta($guessed->grams->relative, $tape->grams->relative, 1e-3);
    }

    public function testASingleCrochetMeasuredBesideServesTheBase(): void
    {
        $tall = [
            'stitch' => 'dc',
            'stitches' => 10,
            'width' => '12 cm',
            'rows' => 5,
            'height' => '12 cm',
            'mass' => '70 g',
        ];
        $plan = self::plan(
            [
                'gauge' => $tall,
                'also' => [
                    [
                        'stitch' => 'sc',
                        'stitches' => 10,
                        'width' => '12 cm',
                        'rows' => 10,
                        'height' => '11 cm',
                        'mass' => '79 g',
                    ],
                ],
            ],
        );
        self::assertEqualsWithDelta(11, $plan->gauge->singleHeight()->mm, 1e-9);
        self::assertEqualsWithDelta(2 * 2 * 11, $plan->comesOut->baseWidth->mm, 1e-6);
    }

    /**
     * Each row by its own stitch: 17 · 11.5 + 2 · 5 · 11 = 305.5 mm on a chain of 18; growth 2π · 11 / 11.5 (geometry).
     */
    public function testEachRowIsAsWideAsItsOwnStitch(): void
    {
        $tall = ['stitch' => 'dc', 'stitches' => 10, 'width' => '14 cm', 'rows' => 10, 'height' => '24 cm'];
        $single = ['stitch' => 'sc', 'stitches' => 10, 'width' => '11.5 cm', 'rows' => 10, 'height' => '11 cm'];
        $of = fn(string $stitch, array $more = []): BagPlan => Planner::plan(
            BagDocument::read(
                Documents::tote(
                    [
                        'base/chain' => null,
                        'base/rounds' => null,
                        'gauge' => $tall,
                        'also' => [$single],
                        'base/ends' => 'three',
                        'body' => ['stitch' => $stitch] + $more,
                        'handles' => ['type' => 'slot', 'chain' => 20],
                    ],
                ),
            ),
        );
        $plan = $of('dc');
        self::assertSame([18, 5], [Plans::count($plan, '/base/chain'), Plans::count($plan, '/base/rounds')]);
        self::assertEqualsWithDelta(305.5, $plan->comesOut->baseLength->mm, 1e-9);
        self::assertEqualsWithDelta(6.01, $plan->gauge->flatGrowth(), 0.001);
        $half = intdiv(Plans::around($plan), 2);
        self::assertEqualsWithDelta(14 * $half, $plan->comesOut->flatWidth->mm, 1e-9);
        self::assertEqualsWithDelta(11.5 * $half, $of('sc')->comesOut->flatWidth->mm, 1e-9);
        // A sc foot under a band of dc lies as wide as the dc; the wall flares where it begins.
        $both = $of('sc', ['rounds' => 4, 'above' => [['stitch' => 'dc']]]);
        self::assertEqualsWithDelta(14 * $half, $both->comesOut->flatWidth->mm, 1e-9);
        self::assertSame('Round 10', (string) self::notes($both)['band-width']);
        // The slot's opening is of sc: as many as make 12 cm of 11.5 mm, on its middle.
        self::assertContains(Plans::count($plan, '/handles/skip'), [10, 11]);
        self::assertArrayNotHasKey('slot-off-centre', self::notes($plan));
        // Ten stitches of dc take what their loops do; a sc as its own are wide.
        $each = Breakdown::of($plan)->each;
        self::assertEqualsWithDelta([Loops::mm('sc', 11.5, 11, 4) / 1000, Loops::mm('dc', 14, 11, 4) / 1000], [$each['sc'], $each['dc']], 3e-4);
    }

    public function testABandThatIsWiderIsSaidWhereItBegins(): void
    {
        self::assertSame(
            'Round 9',
            (string) self::notes(self::plan(['also' => [['width' => '13.5 cm'] + self::MESH]]))['band-width'],
        );
        self::assertArrayNotHasKey('band-width', self::notes(self::plan(['also' => [self::MESH]])));
    }

    public function testTheFileSaysItAgainstItsSchema(): void
    {
        $schema = (string) file_get_contents(dirname(__DIR__, 3).'/docs/formats/fescue-bag-1.schema.json');
        $document = Documents::tote(['also' => [self::MESH]] + self::BODY);
        self::assertTrue((new Validator())->validate(json_decode((string) json_encode($document)), $schema)->isValid());
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function wrong(): array
    {
        return [
            'the same stitch' => [['also' => [['stitch' => 'sc'] + self::MESH]], '/also/0/stitch'],
            'one twice' => [['also' => [self::MESH, self::MESH]], '/also/1/stitch'],
            'without a gauge' => [
                [
                    'gauge' => null,
                    'swatches' => [
                        ['hook' => '8 mm', 'material' => ['kind' => 'cord', 'diameter' => '4 mm']] + self::MESH,
                    ],
                    'also' => [self::MESH],
                ],
                '/also',
            ],
            'no fabric' => [['also' => [['height' => '99 cm'] + self::MESH]], '/also/0/height'],
        ];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('wrong')]
    public function testBadOnesAreRefusedWhereTheyStand(array $changes, string $path): void
    {
        try {
            self::plan($changes);
            self::fail('Was planned.');
        } catch (Refused $e) {
            self::assertSame($path, $e->problems[0]->path);
        }
    }
}
