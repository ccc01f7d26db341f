<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Bag;

use Fescue\Core\Instruction\Motif;

/** Bag documents for tests. */
final class Documents
{
    /** A strand and a swatch of it whose stitches and rows are 12 mm; nothing of a bag. */
    public const SQUARE = [
        'format' => 'fescue-bag/1',
        'name' => 'x',
        'material' => ['kind' => 'cord', 'diameter' => '4 mm', 'density' => '8 g/m'],
        'hook' => '8 mm',
        'gauge' => [
            'stitch' => 'sc',
            'stitches' => 10,
            'width' => '12 cm',
            'rows' => 10,
            'height' => '12 cm',
            'mass' => '79 g',
        ],
        'working' => 'joined',
    ];

    /**
     * @param array<string, mixed> $changes by path, like ['base/chain' => 3]; null takes a field out
     *
     * @return array<string, mixed>
     */
    public static function tote(array $changes = []): array
    {
        $document = [
            'format' => 'fescue-bag/1',
            'name' => 'Quay tote',
            'size' => ['length' => '30 cm', 'width' => '12 cm', 'height' => '26 cm'],
            'material' => ['kind' => 'cord', 'diameter' => '4 mm', 'density' => '8.2 g/m', 'on_hand' => '900 g'],
            'hook' => '8 mm',
            'gauge' => [
                'stitch' => 'sc',
                'stitches' => 10,
                'width' => '12 cm',
                'rows' => 10,
                'height' => '11.5 cm',
                'mass' => '79 g',
            ],
            'working' => 'spiral',
            'base' => ['type' => 'oval', 'ends' => 'two-and-two', 'chain' => 22, 'rounds' => 2],
            'body' => ['stitch' => 'sc', 'loop' => 'back', 'rounds' => 14],
            'handles' => ['type' => 'slot', 'skip' => 10, 'chain' => 16, 'edge_rounds' => 1],
        ];
        foreach ($changes as $path => $value) {
            $keys = explode('/', $path);
            $last = array_pop($keys);
            $place = &$document;
            foreach ($keys as $key) {
                $place = &$place[$key];
            }
            if ($value === null) {
                unset($place[$last]);
            } else {
                $place[$last] = $value;
            }
            unset($place);
        }

        return $document;
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return array<string, mixed>
     */
    public static function open(array $changes = []): array
    {
        return self::tote($changes + ['base/chain' => null, 'base/rounds' => null, 'body/rounds' => null]);
    }

    /** @return array<string, mixed> one drawn: it may be refused */
    public static function random(): array
    {
        $pick = fn(array $of): mixed => $of[mt_rand(0, count($of) - 1)];
        $maybe = fn(mixed $value): mixed => mt_rand(0, 2) === 0 ? $value : null;
        $width = mt_rand(40, 300) / 10;
        $height = $width * mt_rand(45, 240) / 100;
        $stitch = $pick(['sc', 'sc', 'hdc', 'dc', 'tr']);
        $loop = mt_rand(0, 3);

        return self::tote([
            'size/length' => mt_rand(50, 700) / 10 .' cm',
            'size/width' => mt_rand(20, 350) / 10 .' cm',
            'size/height' => mt_rand(20, 600) / 10 .' cm',
            'material/diameter' => mt_rand(10, 90) / 10 .' mm',
            'material/on_hand' => $maybe(mt_rand(0, 3000).' g'),
            'hook' => mt_rand(30, 200) / 10 .' mm',
            'gauge' => array_filter([
                'stitch' => $stitch,
                'stitches' => 10,
                'width' => $width.' cm',
                'rows' => 10,
                'height' => round($height * Motif::named($stitch)->relativeHeight(), 3).' cm',
                'mass' => $maybe(mt_rand(20, 400).' g'),
            ]),
            'working' => $pick(['spiral', 'joined']),
            'base' => array_filter(
                [
                    'type' => 'oval',
                    'ends' => $pick(['two-and-two', 'three']),
                    'chain' => $maybe(mt_rand(3, 60)),
                    'rounds' => $maybe(mt_rand(1, 12)),
                ],
            ),
            'body' => array_filter(
                [
                    'stitch' => $pick(['sc', 'hdc', 'dc', 'tr']),
                    'loop' => ['both', 'back', 'front', null][$loop],
                    'rounds' => $maybe(mt_rand(1, 40)),
                ],
            ),
            'handles' => mt_rand(0, 4) === 0 ? null : array_filter([
                'type' => 'slot',
                'skip' => $maybe(mt_rand(1, 24)),
                'chain' => $maybe(mt_rand(1, 40)),
                'edge_rounds' => mt_rand(1, 4),
            ]),
        ]);
    }
}
