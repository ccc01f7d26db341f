<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Text;

use Fescue\Core\Text\PlacesTaken;
use Fescue\Core\Text\Tops;
use PHPUnit\Framework\TestCase;

/** What a row leaves, counted by hand. */
final class TopsTest extends TestCase
{
    /** sc, ch 2, ch 3 (one space of 5), 2 sc, 3 spaces of 1 that a mesh leaves with a stitch after each. */
    private static function mesh(): Tops
    {
        $tops = Tops::stitches(1);
        $tops->add(true, 2, 1);
        $tops->add(true, 3, 1);
        $tops->add(false, 0, 2);
        for ($mesh = 0; $mesh < 3; $mesh++) {
            $tops->add(true, 1, 1);
            $tops->add(false, 0, 1);
        }
        $tops->add(true, 4, 0);

        return $tops;
    }

    public function testStitchesSpacesAndTheirChainsAreCounted(): void
    {
        $mesh = self::mesh();
        self::assertSame([6, 4, 8], [$mesh->count(false), $mesh->count(true), $mesh->chains()]);
        self::assertTrue($mesh->hasSpaces() && $mesh->isMixed());
        self::assertSame([1, 5], $mesh->spans());
        $none = Tops::stitches(0);
        self::assertSame([[], 0, 0, false, false], [
            $none->runs(), $none->count(false), $none->chains(), $none->hasSpaces(), $none->isMixed(),
        ]);
        $plain = Tops::stitches(7);
        $plain->add(false, 0, 5);
        self::assertSame([12, false, []], [$plain->count(false), $plain->isMixed(), $plain->spans()]);
    }

    public function testWhatARowHasToWorkInto(): void
    {
        $many = fn(PlacesTaken $as): array => array_map(
            fn(array $place): string => ($place[0] ? 'space ' : '').$place[1],
            self::mesh()->places($as),
        );
        self::assertSame(['1', '2', '1', '1', '1'], $many(PlacesTaken::Stitches));
        self::assertSame(
            ['1', 'space 5', '2', 'space 1', '1', 'space 1', '1', 'space 1', '1'],
            $many(PlacesTaken::Chains),
        );
        self::assertSame(
            ['1', 'space 1', '2', 'space 1', '1', 'space 1', '1', 'space 1', '1'],
            $many(PlacesTaken::Spaces),
        );
        self::assertSame(['space 1', 'space 1', 'space 1', 'space 1'], $many(PlacesTaken::SpacesAlone));
    }

    /** Chains from five on as stitches: the long space goes, the short ones stay. */
    public function testLongSpacesAreOpenedChainByChain(): void
    {
        $opened = self::mesh()->opened(5);
        self::assertSame([11, 3, 3], [$opened->count(false), $opened->count(true), $opened->chains()]);
        self::assertSame([14, 0], [self::mesh()->opened(1)->count(false), self::mesh()->opened(1)->chains()]);
        self::assertSame(self::mesh()->runs(), self::mesh()->opened(6)->runs());
    }

    /** Three stitches and a space: met from the other end; in a round turned, the first stays the first. */
    public function testFromTheOtherEnd(): void
    {
        $tops = Tops::stitches(3);
        $tops->add(true, 2, 1);
        self::assertSame([[true, 2, 1], [false, 0, 3]], $tops->reversed()->runs());
        self::assertSame([[false, 0, 1], [true, 2, 1], [false, 0, 2]], $tops->turned()->runs());
        self::assertSame([], Tops::stitches(0)->turned()->runs());
        self::assertNotSame($tops->key(), $tops->turned()->key());
        self::assertSame('3 c2x1', $tops->key());
    }
}
