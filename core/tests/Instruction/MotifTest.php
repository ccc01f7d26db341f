<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Instruction;

use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Placed;
use Fescue\Core\Instruction\Placement;
use Fescue\Core\Measure\Length;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Gauge\Loops;
use PHPUnit\Framework\TestCase;

final class MotifTest extends TestCase
{
    public function testAPlainFabricIsItsStitchOverAndOver(): void
    {
        foreach ([Motif::single(), Motif::named('hdc'), Motif::named('dc'), Motif::named('tr')] as $motif) {
            self::assertSame([$motif->key, 1, false], [$motif->post()->value, $motif->multiple, $motif->isOpen()]);
            self::assertTrue($motif->isMadeOf($motif->post()));
            self::assertFalse($motif->isMadeOf(Stitch::Chain));
            self::assertEqualsWithDelta(
                $motif->post()->loopLength(Length::mm(9), Length::mm(8), Length::mm(3))->mm,
                $motif->loopLength(Length::mm(9), Length::mm(8), Length::mm(3))->mm,
                1e-12,
            );
            self::assertSame($motif->post()->relativeHeight(), $motif->relativeHeight());
        }
    }

    /**
     * Handbook 7: mesh is a multiple of 2; both tops of a repeat are stitches.
     */
    public function testAMeshIsAPostAndAChain(): void
    {
        $mesh = Motif::named('mesh');
        self::assertSame(
            [Stitch::Double, 2, true, 2.0],
            [$mesh->post(), $mesh->multiple, $mesh->isOpen(), $mesh->relativeHeight()],
        );
        self::assertTrue($mesh->isMadeOf(Stitch::Double) && $mesh->isMadeOf(Stitch::Chain));
        self::assertFalse($mesh->isMadeOf(Stitch::Single));
        self::assertEqualsWithDelta(
            (Loops::mm('dc', 10, 8, 4) + Loops::mm('ch', 10, 8, 4)) / 2,
            $mesh->loopLength(Length::mm(10), Length::mm(8), Length::mm(4))->mm,
            1e-9,
        );
    }

    /**
     * Linen stitch over rounds: after its first row every single crochet stands on a chain and every chain lies over a
     * single crochet, so that no window is left; joined over an even number, in a spiral over an odd one. Common
     * practice, no source.
     */
    public function testLinenStandsInTheSpaces(): void
    {
        $linen = Motif::named('linen');
        self::assertSame([false, 2, 0, 1], [$linen->isOpen(), $linen->multiple, $linen->beside(false), $linen->beside(true)]);
        foreach ([[44, false], [45, true]] as [$around, $runsOn]) {
            self::assertSame(0, $linen->lacks($around, $runsOn));
            self::assertSame(1, $linen->lacks($around + 1, $runsOn));
            $below = array_fill(0, $around, Stitch::Single);
            for ($row = 0; $row < 6; $row++) {
                $tops = [];
                foreach (Placement::of($linen->over($row, $around)) as $nth => $one) {
                    $tops[] = $one->stitch;
                    if ($row > 0) {
                        self::assertSame(
                            $below[$nth] === Stitch::Chain ? Stitch::Single : Stitch::Chain,
                            $one->stitch,
                            "Row {$row}, top {$nth} of {$around}",
                        );
                        self::assertSame($one->stitch === Stitch::Single, $one->into === Into::Space);
                    }
                }
                self::assertCount($around, $tops);
                $below = $tops;
            }
        }
        $this->expectException(\InvalidArgumentException::class);
        Motif::named('mesh')->over(0, 45);
    }

    /** Basket weave: one row of posts, then three by three, three rows one way and three the other, over and over. */
    public function testABasketIsWovenInBlocks(): void
    {
        $basket = Motif::named('basket');
        $raised = fn(int $row): string => implode('', array_map(
            fn(Placed $one): string => match ($one->into) {
                Into::FrontPost => 'F',
                Into::BackPost => 'B',
                default => $one->stitch->value,
            },
            Placement::of($basket->over($row, 12)),
        ));
        self::assertSame(str_repeat('dc', 12), $raised(0));
        foreach (['FFFBBBFFFBBB', 'BBBFFFBBBFFF'] as $block => $weave) {
            foreach ([1, 2, 3, 7, 8, 9] as $row) {
                self::assertSame($weave, $raised(3 * $block + $row));
            }
        }
        self::assertFalse($basket->goesRoundPosts(), 'Its first row makes the posts.');
        self::assertTrue(Motif::named('posts')->goesRoundPosts());
        self::assertSame([4, 4, 1], [$basket->place(4), $basket->place(10), $basket->place(7)]);
    }

    public function testWhichFabricsAreOpen(): void
    {
        $open = array_filter(Motif::all(), fn(Motif $one): bool => $one->isOpen());
        self::assertSame(['mesh', 'spaced', 'mesh-plain'], array_keys($open));
    }

    public function testTheSameMeshHasTwoNames(): void
    {
        self::assertSame(
            ['double crochet mesh', 'treble crochet mesh'],
            [Motif::named('mesh')->fullName(Terms::US), Motif::named('mesh')->fullName(Terms::UK)],
        );
        self::assertSame(
            ['mesh', 'tr', 'half treble crochet'],
            [
                Motif::named('mesh')->abbreviation(Terms::UK),
                Motif::named('dc')->abbreviation(Terms::UK),
                Motif::named('hdc')->fullName(Terms::UK),
            ],
        );
    }
}
