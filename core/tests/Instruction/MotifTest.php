<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Instruction;

use Fescue\Core\Instruction\Motif;
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
