<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Solid;

use Fescue\Core\Solid\Ears;
use Fescue\Core\Solid\Gltf;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EarsTest extends TestCase
{
    /** @return array<string, array{non-empty-list<array{float, float}>, float}> corners and area */
    public static function faces(): array
    {
        return [
            'triangle' => [[[0, 0], [4, 0], [0, 3]], 6],
            'L' => [[[0, 0], [4, 0], [4, 1], [1, 1], [1, 4], [0, 4]], 7],
            // A handle: an arch over a gap.
            'U' => [[[0, 0], [1, 0], [1, 3], [4, 3], [4, 0], [5, 0], [5, 4], [0, 4]], 11],
            'star' => [[[0, -1], [1, -5], [2, -1], [6, 0], [2, 1], [1, 5], [0, 1], [-4, 0]], 20],
            'twice the same' => [[[0, 0], [2, 0], [2, 0], [2, 2], [0, 2]], 4],
        ];
    }

    /** @param non-empty-list<array{float, float}> $flat */
    #[DataProvider('faces')]
    public function testTrianglesCoverItOnceAndFaceAsItDoes(array $flat, float $area): void
    {
        // Laid in every plane, and turned over.
        foreach ([[0, 1, 2], [1, 2, 0], [2, 0, 1]] as [$u, $v, $w]) {
            foreach ([false, true] as $over) {
                $corners = array_map(function (array $at) use ($u, $v, $w): array {
                    $made = [0.0, 0.0, 0.0];
                    [$made[$u], $made[$v], $made[$w]] = [(float) $at[0], (float) $at[1], 7.0];

                    return $made;
                }, $over ? array_reverse($flat) : $flat);
                $normal = Gltf::normal($corners);
                self::assertNotNull($normal);
                self::assertEqualsWithDelta($over ? -1.0 : 1.0, $normal[$w], 1e-9);
                $triangles = array_chunk(Ears::cut($corners, $normal), 3);
                self::assertCount(count($flat) - 2, $triangles);
                $sum = 0.0;
                foreach ($triangles as $places) {
                    [$a, $b, $c] = array_map(fn(int $place): array => $corners[$place], $places);
                    $turn = ($b[$u] - $a[$u]) * ($c[$v] - $a[$v]) - ($b[$v] - $a[$v]) * ($c[$u] - $a[$u]);
                    self::assertGreaterThanOrEqual(-1e-9, $over ? -$turn : $turn);
                    $sum += abs($turn) / 2;
                }
                self::assertEqualsWithDelta($area, $sum, 1e-9);
            }
        }
    }

    public function testALineIsNoFace(): void
    {
        self::assertNull(Gltf::normal([[0.0, 0.0, 0.0], [1.0, 0.0, 0.0], [2.0, 0.0, 0.0]]));
        self::assertSame([], Ears::cut([[0.0, 0.0, 0.0], [1.0, 0.0, 0.0]], [0.0, 0.0, 1.0]));
    }
}
