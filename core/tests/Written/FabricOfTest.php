<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Written;

use Fescue\Core\Instruction\Chains;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Join;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Skip;
use Fescue\Core\Instruction\StartingChain;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Written\FabricOf;
use PHPUnit\Framework\TestCase;

/** A row measures as the fabric that it repeats, whatever lifts and closes it. */
final class FabricOfTest extends TestCase
{
    public function testARowOfEachFabricIsKnownByWhatRepeats(): void
    {
        foreach (Motif::all() as $motif) {
            [$setUp, $rows] = $motif->told();
            foreach (array_keys([...$setUp, ...$rows]) as $row) {
                foreach ([1, 2, 5] as $times) {
                    $does = $motif->over($row, $times * $motif->multiple);
                    $found = FabricOf::row($does);
                    self::assertSame($found, FabricOf::row([...$does, new Join()]), "{$motif->key}, closed");
                    self::assertSame(
                        $found,
                        FabricOf::row([new StartingChain(2, null), ...$does, new Join()]),
                        "{$motif->key}, lifted",
                    );
                }
            }
        }
        foreach (['mesh', 'two-in-one', 'fans'] as $key) {
            $motif = Motif::named($key);
            self::assertSame($motif, FabricOf::row($motif->over(0, 4 * $motif->multiple)));
        }
    }

    /** Less than one repeat, or a repeat that breaks off with something else, is none of it. */
    public function testWhatDoesNotRepeatMeasuresAsTheStitchNearestToIt(): void
    {
        self::assertSame(Motif::single(), FabricOf::row([]));
        self::assertSame(Motif::single(), FabricOf::row([new Each(Stitch::Single, 12)]));
        self::assertSame(Motif::named('tr'), FabricOf::row([new Each(Stitch::Treble, 1)]));
        self::assertSame(Motif::named('dc'), FabricOf::row([new Each(Stitch::Double, 9), new Each(Stitch::Single, 1)]));
        self::assertSame(Motif::single(), FabricOf::row([new Each(Stitch::Double, 1), new Each(Stitch::Single, 9)]));
        // Between the two the one in the middle.
        self::assertSame(
            Motif::named('hdc'),
            FabricOf::row([new Each(Stitch::Double, 4), new Each(Stitch::Single, 4)]),
        );
        $mesh = [new Each(Stitch::Double, 1), new Chains(1), new Skip(1)];
        self::assertSame(Motif::named('mesh'), FabricOf::row($mesh));
        self::assertSame(Motif::named('mesh'), FabricOf::row([...$mesh, ...$mesh]));
        self::assertSame(
            Motif::named('dc'),
            FabricOf::row([...$mesh, new Each(Stitch::Double, 1), new Chains(1), new Each(Stitch::Double, 5)]),
        );
    }
}
