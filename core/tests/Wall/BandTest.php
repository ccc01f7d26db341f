<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Wall;

use Fescue\Core\Document\Refused;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Instruction\Count;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Instruction\StitchCount;
use Fescue\Core\Instruction\Traverser;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\School;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Bag\Ways;
use Fescue\Core\Tests\Report\Told;
use Fescue\Core\Wall\Band;
use PHPUnit\Framework\TestCase;

final class BandTest extends TestCase
{
    private static function ground(Working $working = Working::Spiral): Ground
    {
        return new Ground(new Gauge(Motif::single(), Length::mm(12), Length::mm(10)), new School($working));
    }

    /** @return list<Row> */
    private static function rows(
        Motif $motif,
        Loop $loop,
        Working $working,
        int $rounds = 5,
        ?Motif $below = null,
    ): array {
        return (new Band(['stitch' => $motif->key, 'loop' => $loop->value, 'rounds' => $rounds]))->make(
            self::ground($working),
            Edge::around(48, 12, $below ?? Motif::single()),
        )->rows;
    }

    /** A wall shows what is more than 6 % wider or narrower than single crochet; the figure is from memory. */
    public function testAFabricAsWideAsAllButThatHoldsTheWallStraight(): void
    {
        foreach ([[12.70, []], [12.74, ['wider']], [11.30, []], [11.26, ['narrower']]] as [$width, $said]) {
            $double = new Gauge(Motif::named('dc'), Length::mm($width), Length::mm(20));
            $gauge = new Gauge(Motif::single(), Length::mm(12), Length::mm(10), others: [$double]);
            $made = (new Band(['stitch' => 'dc', 'rounds' => 2]))->make(
                new Ground($gauge, new School(Working::Joined)),
                Edge::around(48, 12, Motif::single()),
            );
            $leads = array_combine(array_column($made->remarks, 'code'), array_map(Told::remark(...), $made->remarks));
            self::assertCount(count($said), $leads, "{$width} mm");
            foreach ($said as $word) {
                self::assertStringContainsString("6 % {$word}", $leads['band-width']);
            }
        }
    }

    public function testEveryStitchAndLoopInBothSchoolsTakesAndLeavesAllOfIt(): void
    {
        foreach (Motif::all() as $motif) {
            foreach (Loop::cases() as $loop) {
                foreach (Working::cases() as $working) {
                    $rows = self::rows($motif, $loop, $working);
                    self::assertCount(5, $rows);
                    foreach ($rows as $row) {
                        self::assertSame(
                            [48, 48, 48],
                            [
                                Count::of($row->instructions)->takesOf(0),
                                Count::of($row->instructions)->leaves,
                                $row->into[0]->anchors,
                            ],
                        );
                        self::assertSame($motif, $row->fabric);
                    }
                    self::assertSame([12.0, 36.0], $rows[4]->into[0]->middles);
                }
            }
        }
    }

    /**
     * Handbook 4: turning chain sc 1, hdc 2, dc 3, tr 4; real heights about 1, 1.5, 2, 3. Common practice, no source.
     */
    public function testHeightsAndStartingChains(): void
    {
        foreach ([['sc', 50, 1], ['hdc', 75, 2], ['dc', 100, 3], ['tr', 150, 4]] as [$key, $height, $chains]) {
            $motif = Motif::named($key);
            self::assertEqualsWithDelta(
                $height,
                (new Band(['stitch' => $key, 'rounds' => 5]))->height(self::ground())?->mm,
                1e-9,
            );
            $joined = StitchCount::of(self::rows($motif, Loop::Both, Working::Joined)[0]->instructions);
            self::assertSame(
                [$chains, 1, 48],
                [$joined->many(Stitch::Chain), $joined->many(Stitch::Slip), $joined->many($motif->post())],
            );
            self::assertSame(
                48,
                StitchCount::of(self::rows($motif, Loop::Both, Working::Spiral)[0]->instructions)->total(),
            );
        }
        self::assertNull((new Band(['stitch' => 'sc']))->height(self::ground()));
    }

    public function testAMeshIsLiftedJoinedAndNamedInBothTerms(): void
    {
        $row = self::rows(Motif::named('mesh'), Loop::Both, Working::Joined)[0];
        $mesh = StitchCount::of($row->instructions);
        // Three chains lift the round, one slip stitch joins it.
        self::assertSame(
            [24, 24 + 3, 1],
            [$mesh->many(Stitch::Double), $mesh->many(Stitch::Chain), $mesh->many(Stitch::Slip)],
        );
        self::assertSame(
            'Ch 3, [dc in next st, ch 1, sk next st] 24 times, join.',
            (new Writer(Terms::US))->words($row),
        );
        self::assertSame(
            'Ch 3, [tr in next st, ch 1, miss next st] 24 times, join.',
            (new Writer(Terms::UK))->words($row),
        );
    }

    public function testASpiralClimbsToATallerStitchAndNoFurther(): void
    {
        $words = fn(string $stitch, string $below, Working $working = Working::Spiral, int $row = 0): string => (new Writer(Terms::US))->words(
            self::rows(Motif::named($stitch), Loop::Both, $working, 2, Motif::named($below))[$row],
        );
        self::assertSame('Sc in next st, hdc in next st, dc in next 46 sts.', $words('dc', 'sc'));
        self::assertSame('Hdc in next st, dc in next 47 sts.', $words('dc', 'hdc'));
        self::assertSame('Sc in next st, hdc in next st, dc in next st, tr in next 45 sts.', $words('tr', 'sc'));
        self::assertSame('Dc in each st around.', $words('dc', 'sc', row: 1));
        self::assertSame('Sc in each st around.', $words('sc', 'dc'));
        self::assertSame(
            'Ch 3, dc in each st around, join.',
            $words('dc', 'sc', Working::Joined),
        );
    }

    public function testItFollowsTheHeightThatIsLeft(): void
    {
        $on = Edge::around(48, 12);
        $settled = fn(string $stitch, float $height, float $besides): ?int => array_column(
            (new Band(['stitch' => $stitch]))->settle(
                (new Wish(null, null, Length::mm($height)))->besides(Length::mm($besides)),
                self::ground(),
                $on,
            )->write(),
            null,
        )[2] ?? null;
        self::assertSame([14, 7, 1], [$settled('sc', 164, 20), $settled('dc', 164, 20), $settled('sc', 25, 20)]);
        foreach ([
            ['sc', 24.9, 20.0, '/size/height', 'already 3.0 cm high'],
            ['sc', 10.0, 20.0, '/size/height', 'already 3.0 cm high'],
            ['sc', 5000.0, 0.0, '/size/height', '500 body rounds'],
            ['mesh', 100.0, 0.0, 'stitch', 'repeats over 2 stitches, and a round has 45'],
        ] as [$stitch, $height, $besides, $path, $said]) {
            try {
                (new Band(['stitch' => $stitch]))->settle(
                    (new Wish(null, null, Length::mm($height)))->besides(Length::mm($besides)),
                    self::ground(),
                    $stitch === 'mesh' ? Edge::around(45, 11) : $on,
                );
                self::fail("{$stitch} {$height} was settled.");
            } catch (Unmakeable $e) {
                self::assertSame($path, $e->path);
                self::assertStringContainsString($said, $e->getMessage());
            }
        }
    }

    public function testTheWordsSayWhichLoop(): void
    {
        self::assertSame(
            'Sc in each st around, FLO.',
            (new Writer(Terms::US))->words(self::rows(Motif::single(), Loop::Front, Working::Spiral)[0]),
        );
    }

    /**
     * A repeat that does not divide: told what would, and mended by a plain round before it. An oval of 22 chains has 56;
     * fans repeat over six: 54 are of 21 chains, 60 of 24.
     */
    public function testARepeatThatDoesNotDivide(): void
    {
        $fans = ['body' => ['stitch' => 'fans', 'rounds' => 2]];
        [$path, $says] = Ways::refused($fans);
        self::assertSame('/body/stitch', $path);
        self::assertStringContainsString('6 stitches, and a round has 56.', $says);
        self::assertStringContainsString('two in one 4 times', $says);
        self::assertStringContainsString('Or begin with 21 or 24 starting chains.', $says);
        try {
            Ways::plan($fans);
        } catch (Refused $e) {
            self::assertSame(
                [['/base/chain', 21], ['/base/chain', 24], ['/body/even', true]],
                array_map(fn(array $way): array => [$way['path'], $way['value']], $e->problems[0]->ways),
            );
        }
        // Only what the length is of is another count to begin with: holes of a bought frame are as they are.
        foreach ([
            ['type' => 'frame', 'holes' => 5, 'length' => '20 cm', 'between' => 2],
            ['type' => 'round', 'stitch' => 'sc', 'start' => 7, 'rounds' => 4],
        ] as $base) {
            $says = Ways::refused($fans + ['base' => $base])[1];
            self::assertStringContainsString('Have a plain round worked first, with two in one', $says);
            self::assertStringNotContainsString('Or begin with', $says);
        }
        $even = Ways::plan(['body' => ['stitch' => 'fans', 'rounds' => 2, 'even' => true]]);
        self::assertSame([48, 56, 60, 60, 60], Ways::leaves($even));
        self::assertSame(
            'Sc in next 7 sts, [2 sc in next st, sc in next 13 sts] 3 times, 2 sc in next st, sc in next 6 sts. (60)',
            Ways::lines($even)['Round 3'],
        );
        // The plain round stands: 11.5 mm, and two rounds of five doubles and a single in six, 11/6 as high.
        self::assertEqualsWithDelta(11.5 * (1 + 2 * 11 / 6), $even->comesOut->height->mm, 1e-9);
        // Where the start is open, it is solved to divide: 30 cm are 22 chains, and 21 make 54.
        $open = Ways::plan($fans + ['size' => ['length' => '30 cm'], 'base/chain' => null]);
        self::assertSame([46, 54, 54, 54], Ways::leaves($open));
    }

    /**
     * Linen in a spiral takes an odd number, which no oval leaves: a plain round evens 56 to 57; joined it takes them as
     * they are. Basket weave shows on one side: rounds that turn are refused, and go at once in a spiral over any.
     */
    public function testLinenAndBasketStandWhereTheyCan(): void
    {
        $linen = ['body' => ['stitch' => 'linen', 'rounds' => 3], 'working' => 'spiral'];
        [$path, $says] = Ways::refused($linen);
        self::assertSame('/body/stitch', $path);
        self::assertStringContainsString('repeats over 2 stitches and in a spiral takes 1 more, and a round has 56.', $says);
        self::assertStringContainsString('two in one once', $says);
        $even = Ways::plan(['body' => ['stitch' => 'linen', 'rounds' => 3, 'even' => true]] + $linen);
        self::assertSame([48, 56, 57, 57, 57, 57], Ways::leaves($even));
        self::assertSame(
            '[sc in next ch-1 sp, ch 1, sk next sc] 28 times, sc in next ch-1 sp. (29 sc, 28 ch-1 sps)',
            array_values(Ways::lines($even))[5],
        );
        self::assertSame([48, 56, 56, 56, 56], Ways::leaves(Ways::plan(['working' => 'joined'] + $linen)));
        $basket = ['body' => ['stitch' => 'basket', 'rounds' => 3]];
        self::assertStringContainsString('shows on one side', Ways::refused($basket + ['working' => 'joined-turned'])[1]);
        self::assertStringContainsString('6 stitches, and a round has 56.', Ways::refused($basket + ['working' => 'spiral'])[1]);
        foreach (['spiral', 'joined'] as $working) {
            $plan = Ways::plan(['body' => ['stitch' => 'basket', 'rounds' => 3, 'even' => true], 'working' => $working]);
            self::assertSame([48, 56, 60, 60, 60, 60], Ways::leaves($plan), $working);
        }
    }

    /** The catalogue’s motifs: mesh and plain in turn, fans of two rounds, groups round posts, ribs, spaced stitches. */
    public function testTheCatalogueOverTwelve(): void
    {
        $words = fn(string $key, int $row): string => (new Writer(Terms::US))->words(
            self::rows(Motif::named($key), Loop::Both, Working::Spiral, 3)[$row],
        );
        self::assertSame('[sc in next sc, ch 1, sk next ch-1 sp] 24 times.', $words('spaced', 1));
        self::assertSame('Sc in each st and ch around.', $words('mesh-plain', 1));
        self::assertSame('[dc in next st, ch 1, sk next st] 24 times.', $words('mesh-plain', 2));
        self::assertSame('[5 dc in next st, sk next 2 sts, sc in next st, sk next 2 sts] 8 times.', $words('fans', 1));
        self::assertSame('[sc in next st, sk next 2 sts, 5 dc in next st, sk next 2 sts] 8 times.', $words('fans', 2));
        self::assertSame('Sc in each st around, BLO.', $words('rib', 1));
        // Handbook 10 J: round the second, two between, round the third; the last of one and the first of the next left.
        self::assertSame(
            '[sk next st, FPdc around next st, 2 dc in sp between, FPdc around next st, sk next st] 12 times.',
            $words('posts', 1),
        );
    }

    /** Of a plain round that evens the count, each increase stands in the middle of its share of the round. */
    public function testIncreasesThatEvenTheCountAreSpread(): void
    {
        foreach ([[50, 4], [44, 4], [46, 2], [49, 5]] as [$around, $more]) {
            $rows = (new Band(['stitch' => 'fans', 'rounds' => 1, 'even' => true]))->make(
                self::ground(),
                Edge::around($around, 12, Motif::single()),
            )->rows;
            $places = [];
            $at = 0;
            foreach (Traverser::unrolled($rows[0]->instructions) as [$leaf]) {
                for ($one = 0; $one < ($leaf instanceof Several ? $leaf->anchors : 0); $one++) {
                    $places[] = $at + $one;
                }
                $at += $leaf->takes();
            }
            self::assertSame($around, $at);
            self::assertSame(
                array_map(fn(int $nth): int => intdiv((2 * $nth + 1) * $around, 2 * $more), range(0, $more - 1)),
                $places,
            );
        }
    }
}
