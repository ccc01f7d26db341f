<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Instruction;

use Fescue\Core\Instruction\Chains;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Traverser;
use Fescue\Core\Stitch\Stitch;
use PHPUnit\Framework\TestCase;

final class TraverserTest extends TestCase
{
    public function testChainsAreSeenWhereverTheyStand(): void
    {
        $plain = new Each(Stitch::Single, 2);
        self::assertFalse(Traverser::hasChains([$plain, new Repeat([$plain], 3), $plain]));
        self::assertTrue(Traverser::hasChains([$plain, new Chains(1)]));
        self::assertTrue(Traverser::hasChains([new Repeat([$plain, new Repeat([new Chains(2)], 2)], 3), $plain]));
    }

    public function testTheFirstStitchIsTheFirstThatIsNoChain(): void
    {
        self::assertSame(Stitch::Double, Traverser::first([
            new Repeat([new Chains(2), new Each(Stitch::Double, 1)], 2), new Each(Stitch::Single, 1),
        ]));
        self::assertNull(Traverser::first([new Chains(4)]));
    }
}
