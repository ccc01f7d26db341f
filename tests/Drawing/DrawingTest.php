<?php

declare(strict_types=1);

namespace Tests\Drawing;

use App\Drawing\BaseDrawing;
use App\Drawing\CutDrawing;
use App\Drawing\EnoughBand;
use App\Drawing\Ink;
use App\Drawing\SideDrawing;
use App\Drawing\SizeMark;
use App\Drawing\SwatchChip;
use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Make;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Shape\Ellipse;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Strip\Cut;
use Fescue\Core\Strip\CutKind;
use Fescue\Core\Strip\StripDocument;
use Fescue\Core\Strip\StripPlan;
use Fescue\Core\Tests\Bag\Documents;
use Illuminate\Foundation\Testing\TestCase;
use PHPUnit\Framework\Attributes\DataProvider;

/** What the drawings show, read back from their SVG. */
final class DrawingTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    private static function plan(array $changes = []): BagPlan
    {
        return Planner::plan(BagDocument::read(Documents::tote($changes)));
    }

    /** @return array{string, string} base and side */
    private static function draw(BagPlan $plan, LengthUnit $unit = LengthUnit::Centimetre): array
    {
        return [
            BaseDrawing::of($plan, $unit)->inline(),
            SideDrawing::of($plan, $unit, ['#c9b994'], new Writer(Terms::US))->inline(),
        ];
    }

    /** @return list<string> what the paths of one colour and no fill say */
    private static function strokes(string $svg, string $colour): array
    {
        preg_match_all('/<path d="([^"]+)" fill="none" stroke="'.$colour.'"/', $svg, $paths);

        return $paths[1];
    }

    /**
     * The numbers along the top tape and where they stand.
     *
     * @return list<array{float, float}> number, pixel
     */
    private static function tape(string $svg): array
    {
        preg_match_all('/<text x="([\d.]+)" y="13" text-anchor="end">(\d+)<\/text>/', $svg, $numbers, PREG_SET_ORDER);

        return array_map(fn(array $found): array => [(float) $found[2], (float) $found[1]], $numbers);
    }

    /** The tape's centimetres or inches are as long as the drawn thing's own. */
    public function testTheTapeMeasuresTheDrawing(): void
    {
        foreach ([LengthUnit::Centimetre, LengthUnit::Inch] as $unit) {
            [$base, $side] = self::draw(self::plan(), $unit);
            foreach ([
                [
                    $base,
                    298.0,
                    '/d="(M[\d.]+ [\d.]+L[\d. ]+C[^"z]+)z"/',
                    // From the leftmost to the rightmost of its points.
                    function (array $m): float {
                        preg_match_all('/([\d.]+) [\d.]+/', $m[1], $points);
                        $x = array_map(floatval(...), $points[1]);

                        return max($x) - min($x);
                    },
                ],
                [$side, 336.0, '/v10m0 -5h([\d.]+)m/', fn(array $m): float => (float) $m[1]],
            ] as [$svg, $mm, $find, $pixels]) {
                self::assertSame(1, preg_match($find, $svg, $found));
                $tape = self::tape($svg);
                self::assertGreaterThan(2, count($tape));
                [$first, $last] = [$tape[0], $tape[count($tape) - 1]];
                $perUnit = ($last[1] - $first[1]) / ($last[0] - $first[0]);
                self::assertEqualsWithDelta(
                    $mm / $unit->millimetres(),
                    $pixels($found) / $perUnit,
                    0.02 * $mm / $unit->millimetres(),
                );
            }
        }
    }

    public function testEveryStitchOfTheBaseHasItsSymbol(): void
    {
        [$base] = self::draw(self::plan());
        $drawn = fn(string $colour): array => array_map(
            fn(string $of): int => substr_count(implode('', self::strokes($base, $colour)), $of),
            ['M', 'l', 'a'],
        );
        // 22 chains of two arcs; each stitch is a cross of two strokes: 48 of round 1 in ink, round 2's 40 plain in
        // grass
        // and 16 of eight increases in warm, with the arrow of the start.
        self::assertSame([22 + 48, 2 * 48, 2 * 22], $drawn(Ink::INK));
        self::assertSame([40, 2 * 40, 0], $drawn(Ink::GRASS));
        self::assertSame([16 + 1, 2 * 16 + 2, 0], $drawn(Ink::WARM));
        self::assertStringContainsString('chain: 22  ·  round 1: 48  ·  round 2: 56', $base);
    }

    /** A chain that counts stands in the chart and in the fabric as high as the stitches beside it. */
    public function testAChainThatCountsStandsUp(): void
    {
        $drawn = fn(string $chain): array => self::draw(self::plan([
            'base' => ['type' => 'oval', 'ends' => 'two-and-two', 'stitch' => 'dc', 'chain' => 22, 'rounds' => 3],
            'body/stitch' => 'dc', 'body/loop' => 'both', 'working' => 'joined-turned', 'starting_chain' => $chain,
            'handles' => null,
        ]));
        [[$apart, $plain], [$base, $side]] = [$drawn('apart'), $drawn('counts')];
        $arcs = fn(string $svg): int => substr_count(implode('', [
            ...self::strokes($svg, Ink::INK), ...self::strokes($svg, Ink::WARM), ...self::strokes($svg, Ink::GRASS),
        ]), 'a');
        // Of each of the two rounds after the first three ovals, each of two arcs.
        self::assertSame([2 * 22, 2 * 22 + 2 * 3 * 2], [$arcs($apart), $arcs($base)]);
        // Three links and a top of two loops, where a double has two legs, its wrap and such a top.
        self::assertSame(self::strokesUsed($plain), self::strokesUsed($side));
        self::assertNotSame($plain, $side);
        $widest = fn(string $svg): float => max(array_map(floatval(...), preg_match_all(
            '/<path d="M-?[\d.]+ -[\d.]+H(-?[\d.]+)L/',
            $svg,
            $ground,
        ) > 0 ? $ground[1] : [0.0]));
        self::assertSame($widest($plain), $widest($side));
    }

    public function testEveryStitchOfTheFrontIsDrawn(): void
    {
        // Strokes of a stitch: its V or its two legs, a wrap for each yarn over, and the two loops of its top.
        foreach (['sc' => 1 + 2, 'dc' => 2 + 1 + 2, 'tr' => 2 + 2 + 2] as $stitch => $strokes) {
            [, $side] = self::draw(
                self::plan(['body/stitch' => $stitch, 'body/loop' => 'both', 'working' => 'joined', 'handles' => null]),
            );
            self::assertSame(28 * 14 * $strokes, self::strokesUsed($side));
        }
    }

    public function testARowOfStitchesIsAsWideAsTheFabricItIsDrawnOn(): void
    {
        foreach (['sc', 'dc'] as $stitch) {
            [, $side] = self::draw(
                self::plan(['body/stitch' => $stitch, 'body/loop' => 'both', 'working' => 'joined', 'handles' => null]),
            );
            self::assertSame(1, preg_match('/<path d="M(-?[\d.]+) -[\d.]+H(-?[\d.]+)L/', $side, $ground));
            foreach (self::ways($side) as $way) {
                // Like strokes of 28 stitches begin as far apart as the ground is wide, less one.
                preg_match_all('/M(-?[\d.]+) /', $way, $begins);
                self::assertCount(28, $begins[1]);
                self::assertEqualsWithDelta(
                    ((float) $ground[2] - (float) $ground[1]) * 27 / 28,
                    max($begins[1]) - min($begins[1]),
                    0.15,
                );
            }
        }
    }

    /** @return list<string> the ways that strands lie along, one for all of its strokes, as often as they are drawn */
    private static function ways(string $svg): array
    {
        $page = new \DOMDocument();
        $page->loadXML(substr($svg, (int) strpos($svg, '<svg')));
        $ways = [];
        $all = function (\DOMElement $in) use (&$all, &$ways, $page): void {
            $before = '';
            foreach ($in->childNodes as $one) {
                if (! $one instanceof \DOMElement) {
                    continue;
                }
                if ($one->tagName === 'use') {
                    $id = substr($one->getAttribute('href'), 1);
                    $all((new \DOMXPath($page))->query("//*[@id=\"{$id}\"]")->item(0));
                } elseif ($one->tagName !== 'path') {
                    $all($one);
                } elseif ($in->getAttribute('stroke-linejoin') === 'round' && $one->getAttribute('d') !== $before) {
                    $ways[] = $before = $one->getAttribute('d');
                }
            }
        };
        $all($page->documentElement);

        return $ways;
    }

    /** Strokes on the sheet. */
    private static function strokesUsed(string $svg): int
    {
        return array_sum(array_map(fn(string $way): int => (int) preg_match_all('/[Mm]/', $way), self::ways($svg)));
    }

    public function testLabelsStandApartAndInside(): void
    {
        foreach ([
            [],
            ['handles/edge_rounds' => 6],
            ['body/rounds' => 1],
            ['gauge/rows' => 40, 'gauge/height' => '16 cm'],
        ] as $changes) {
            [, $side] = self::draw(self::plan($changes));
            preg_match_all(
                '/<text x="([\d.]+)" y="([\d.]+)"[^>]*text-anchor="start"[^>]*>round/',
                $side,
                $found,
                PREG_SET_ORDER,
            );
            $heights = array_map(fn(array $one): float => (float) $one[2], $found);
            self::assertGreaterThanOrEqual(4, count($heights));
            rsort($heights);
            for ($i = 1; $i < count($heights); $i++) {
                self::assertGreaterThanOrEqual(17.9, $heights[$i - 1] - $heights[$i]);
            }
            self::assertGreaterThan(0, min($heights));
        }
    }

    /** @return array<string, array{array<string, mixed>}> */
    public static function bags(): array
    {
        return [
            'the tote' => [[]],
            'no handles' => [['handles' => null]],
            'a slit, not an arch' => [['handles/chain' => 10]],
            'no edge' => [['handles/edge_rounds' => 0]],
            'the smallest' => [['base/chain' => 3, 'base/rounds' => 1, 'body/rounds' => 1, 'handles' => null]],
            'very long and low' => [['base/chain' => 300, 'base/rounds' => 1, 'body/rounds' => 1]],
            'a tower' => [['base/chain' => 4, 'base/rounds' => 2, 'body/rounds' => 300, 'handles' => null]],
            'a plate' => [['base/chain' => 5, 'base/rounds' => 40, 'body/rounds' => 1, 'handles' => null]],
            'half doubles, front loop' => [['body/stitch' => 'hdc', 'body/loop' => 'front']],
            'trebles, joined' => [['body/stitch' => 'tr', 'working' => 'joined']],
            'a name in markup' => [['name' => '<b>&"</b>']],
        ];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('bags')]
    public function testAnyBagDrawsWell(array $changes): void
    {
        $plan = self::plan($changes);
        foreach ([LengthUnit::Centimetre, LengthUnit::Inch] as $unit) {
            foreach ([
                BaseDrawing::of($plan, $unit),
                SideDrawing::of($plan, $unit, ['#33475f'], new Writer(Terms::UK)),
            ] as $canvas) {
                $svg = $canvas->alone();
                $document = new \DOMDocument();
                self::assertTrue($document->loadXML($svg));
                self::assertDoesNotMatchRegularExpression(
                    '/NAN|INF|\dE[-+]?\d/i',
                    (string) preg_replace('/#[0-9a-f]{6}|(?:id|href)="[^"]*"|<(title|desc)>.*?<\/\1>/i', '', $svg),
                );
                preg_match_all('/font-size="(\d+)"/', $svg, $sizes);
                self::assertGreaterThanOrEqual(13, min(array_map(intval(...), $sizes[1])));
                self::assertMatchesRegularExpression('/^(?:1 : \d+(?:\.\d)?|\d+(?:\.\d)? : 1)$/', $canvas->ratio());
                self::assertStringContainsString('role="img"', $svg);
                self::assertStringContainsString('<title>', $svg);
            }
        }
    }

    public function testTheHandHoleIsAsWideAsWhatIsSkipped(): void
    {
        $plan = self::plan();
        [, $side] = self::draw($plan);
        self::assertSame(
            1,
            preg_match(
                '/d="M([\d.]+) ([\d.]+)V([\d.]+)A([\d.]+) ([\d.]+) 0 0 1 ([\d.]+) [\d.]+V[\d.]+z" fill="'
                    .Ink::SHEET
                    .'" stroke="'
                    .Ink::WARM
                    .'"/',
                $side,
                $hole,
            ),
        );
        self::assertSame(1, preg_match('/v10m0 -5h([\d.]+)m/', $side, $flat));
        $scale = (float) $flat[1] / 336;
        self::assertEqualsWithDelta(120, ((float) $hole[6] - (float) $hole[1]) / $scale, 0.2);
        // Its arch is as long as the chain: two legs and half an ellipse's perimeter are 16 × 12 mm.
        $legs = 2 * ((float) $hole[2] - (float) $hole[3]) / $scale;
        self::assertEqualsWithDelta(
            192,
            $legs + (new Ellipse((float) $hole[4] / $scale, (float) $hole[5] / $scale))->perimeter() / 2,
            0.5,
        );
        self::assertStringContainsString('12.0 cm', $side);
        // Only its own round is told in its colour.
        preg_match_all('/<text [^>]*fill="([^"]+)"[^>]*>(rounds? [^<]*)</', $side, $told, PREG_SET_ORDER);
        self::assertGreaterThan(2, count($told));
        foreach ($told as [, $ink, $label]) {
            self::assertSame(str_contains($label, 'ch 16 over 10') ? Ink::WARM : Ink::INK, $ink, $label);
        }
    }

    public function testTheBandShowsWhatIsTakenAgainstWhatIsOnHand(): void
    {
        $estimate = MaterialEstimate::of(self::plan());
        $mark = function (?float $grams) use ($estimate): ?float {
            $svg = EnoughBand::of($estimate, $grams === null ? null : Mass::grams($grams));

            return preg_match('/M([\d.]+) 4V30/', $svg, $found) === 1 ? (float) $found[1] : null;
        };
        $likely = fn(float $grams): float => preg_match(
            '/M([\d.]+) 16V30/',
            EnoughBand::of($estimate, Mass::grams($grams)),
            $found,
        ) === 1 ? (float) $found[1] : 0.0;
        self::assertGreaterThan($likely(900), $mark(900));
        self::assertLessThan($likely(500), $mark(500));
        self::assertNull($mark(null));
        foreach ([0.0, 1.0, 500.0, 5_000.0, 90_000.0] as $grams) {
            self::assertGreaterThanOrEqual(0, $mark($grams));
            self::assertLessThanOrEqual(264, $mark($grams));
        }
    }

    /** 400 mm as it is are 56 px, half as wide is half of that; what would be wider than all room ends at its edge. */
    public function testASizeIsMarkedAgainstTheBagAsItIs(): void
    {
        $ways = function (array $flat): array {
            $svg = simplexml_load_string(SizeMark::of($flat, [400.0, 100.0], 200.0, '#c9b994'))
                ?: self::fail('No drawing.');
            self::assertSame(['142', '30'], [(string) $svg['width'], (string) $svg['height']]);

            return array_map(fn(\SimpleXMLElement $one): string => (string) $one['d'], $svg->xpath('//*[@d]') ?: []);
        };
        self::assertSame(['M1 29v-28h28v28z', 'M1 29v-14h56v14z'], $ways([200.0, 200.0]));
        self::assertSame('M1 29v-7h140v7z', $ways([1200.0, 50.0])[0]);
    }

    public function testAChipIsAsCoarseAsItsCord(): void
    {
        $stitch = fn(float $mm): float => preg_match(
            '/<pattern [^>]*width="([\d.]+)"/',
            SwatchChip::of('#5f7f6c', Kind::Cord, Make::Braided, Length::mm($mm)),
            $found,
        ) === 1 ? (float) $found[1] : 0.0;
        self::assertGreaterThan(0.0, $stitch(2));
        self::assertGreaterThan($stitch(2), $stitch(4));
        self::assertGreaterThan($stitch(4), $stitch(8));
        $drawn = [];
        foreach (Kind::cases() as $kind) {
            foreach ([null, ...$kind->makes()] as $make) {
                $drawn[] = $chip = SwatchChip::of('#5f7f6c', $kind, $make, Length::mm(4));
                self::assertTrue((new \DOMDocument())->loadXML($chip));
                self::assertStringContainsString('#5f7f6c', $chip);
            }
        }
        // Each kind shows itself; only what is not known of a cord or a plarn looks like its commonest.
        self::assertGreaterThanOrEqual(8, count(array_unique($drawn)));
    }

    /**
     * WCAG 2.2, success criteria 1.4.3 and 1.4.11: 4.5 : 1 for text, 3 : 1 for marks, by its definition of relative
     * luminance.
     */
    public function testInksStandOutFromTheirGrounds(): void
    {
        foreach ([
            [Ink::INK, Ink::SHEET],
            [Ink::SOFT, Ink::SHEET],
            [Ink::SOFT, Ink::PAPER],
            [Ink::WARM, Ink::SHEET],
            [Ink::INK, Ink::TAPE],
            [Ink::INK, Ink::PAPER],
        ] as [$text, $ground]) {
            self::assertGreaterThanOrEqual(4.5, self::contrast($text, $ground), "{$text} on {$ground}");
        }
        foreach ([
            [Ink::GRASS, Ink::PALE_GRASS],
            [Ink::WARM, Ink::PALE_GRASS],
            [Ink::GRASS, Ink::SHEET],
        ] as [$mark, $ground]) {
            self::assertGreaterThanOrEqual(3, self::contrast($mark, $ground), "{$mark} on {$ground}");
        }
    }

    public function testThreadShowsOnAnyColour(): void
    {
        foreach (['#000000', '#ffffff', '#33475f', '#c9b994', '#b3553a', '#808080'] as $colour) {
            self::assertNotSame($colour, Ink::thread($colour));
            self::assertGreaterThan(1.25, self::contrast($colour, Ink::thread($colour)), $colour);
        }
        self::assertSame('#808080', Ink::mix('#000000', '#ffffff', 0.502));
    }

    private static function contrast(string $one, string $other): float
    {
        $luminance = function (string $colour): float {
            $linear = array_map(function (int $place) use ($colour): float {
                $part = hexdec(substr($colour, $place, 2)) / 255;

                return $part <= 0.04045 ? $part / 12.92 : (($part + 0.055) / 1.055) ** 2.4;
            }, [1, 3, 5]);

            return 0.2126 * $linear[0] + 0.7152 * $linear[1] + 0.0722 * $linear[2];
        };
        $light = [$luminance($one), $luminance($other)];

        return (max($light) + 0.05) / (min($light) + 0.05);
    }

    /** @return array<string, array{array<string, mixed>}> */
    public static function strips(): array
    {
        return [
            'a shirt' => [
                [
                    'source' => 'tube',
                    'flat_width' => '50 cm',
                    'height' => '42 cm',
                    'strip' => '2.5 cm',
                    'trim_bottom' => '2 cm',
                ],
            ],
            'a sleeve' => [
                [
                    'source' => 'tube',
                    'flat_width' => '20 cm',
                    'flat_width_end' => '12 cm',
                    'height' => '44 cm',
                    'strip' => '2 cm',
                    'spine' => '2 cm',
                ],
            ],
            'a panel' => [['source' => 'panel', 'flat_width' => '60 cm', 'height' => '41 cm', 'strip' => '3 cm']],
            'a bag as a spiral' => [
                [
                    'source' => 'bag-spiral',
                    'flat_width' => '30 cm',
                    'side_fold' => '8 cm',
                    'height' => '50 cm',
                    'strip' => '4 cm',
                    'trim_top' => '12 cm',
                    'trim_bottom' => '3 cm',
                ],
            ],
        ];
    }

    /**
     * The way the strand runs on the drawing is as long as what is stated, by svg-path-properties; and that is what the
     * handbook's formulas say.
     *
     * @param array<string, mixed> $piece
     */
    #[DataProvider('strips')]
    public function testTheDrawnStrandIsAsLongAsStated(array $piece): void
    {
        $plan = StripPlan::of(StripDocument::read(['format' => StripDocument::FORMAT] + $piece));
        $svg = CutDrawing::of($plan->cutting, LengthUnit::Centimetre)->inline();
        self::assertSame(1, preg_match('/<path data-course="([\d.]+)" d="([^"]+)"/', $svg, $course));
        exec(
            'node '.escapeshellarg(dirname(__DIR__).'/outside/path-length.mjs').' '.escapeshellarg($course[2]),
            $said,
            $code,
        );
        self::assertSame(0, $code);
        // The scale itself is read from the tape drawn along the edge.
        $tape = self::tape($svg);
        $scale = ($tape[count($tape) - 1][1] - $tape[0][1]) / (10 * ($tape[count($tape) - 1][0] - $tape[0][0]));
        self::assertEqualsWithDelta((float) $course[1], $scale, 0.005 * $scale);
        self::assertEqualsWithDelta($plan->cut->mm, (float) $said[0] / $scale, 0.01 * $plan->cut->mm);
        $round = $plan->cutting->piece->layers
            * ($plan->cutting->piece->width->mm + $plan->cutting->piece->foot->mm) / 2;
        self::assertEqualsWithDelta($plan->strips * $round, $plan->cut->mm, 0.06 * $plan->cut->mm);
    }

    /** @param array<string, mixed> $piece */
    #[DataProvider('strips')]
    public function testEveryCutIsOnTheDrawing(array $piece): void
    {
        $plan = StripPlan::of(StripDocument::read(['format' => StripDocument::FORMAT] + $piece));
        foreach ([
            CutDrawing::of($plan->cutting, LengthUnit::Inch)->alone(),
            '<svg xmlns="http://www.w3.org/2000/svg">'.CutDrawing::onPaper($plan->cutting)[3].'</svg>',
        ] as $svg) {
            self::assertTrue((new \DOMDocument())->loadXML($svg));
            self::assertSame(
                count(array_filter($plan->cutting->cuts, fn(Cut $cut): bool => $cut->kind === CutKind::Diagonal)),
                preg_match_all('/stroke="#3D6B4A" stroke-width="1\.[28]"/', $svg),
            );
        }
        preg_match_all(
            '/font-weight="600" font-size="13">([\d, ]+)<\/text>/',
            CutDrawing::onPaper($plan->cutting)[3],
            $numbers,
        );
        $numbers = array_map(intval(...), explode(', ', implode(', ', $numbers[1])));
        sort($numbers);
        self::assertSame(range(1, count($plan->cutting->cuts)), $numbers);
    }
}
