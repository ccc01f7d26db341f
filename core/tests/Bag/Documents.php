<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Bag;

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
}
