<?php

declare(strict_types=1);

namespace Fescue\Core\Solid;

/**
 * A bag as it stands, as large as the plan says: its surfaces, and what it holds. Millimetres: x right of the middle of
 * the front, y up from the floor, z toward whoever looks at the front.
 */
final readonly class Solid
{
    /**
     * @param list<Skin> $skins
     * @param float $litres to the rim
     * @param array{float, float, float, float, float, float} $box as around() has it, of all of them
     * @param array{float, float, float, float, float, float} $body the same of the fabric
     */
    private function __construct(
        public array $skins,
        public float $litres,
        private array $box,
        private array $body,
    ) {}

    /**
     * Stood on the floor, in the middle.
     *
     * @param list<Skin> $skins
     */
    public static function standing(array $skins, float $litres): self
    {
        $all = self::around($skins);
        $fabric = self::around(array_filter($skins, fn(Skin $one): bool => $one->of->isBody()));
        [$x, $y, $z] = [-($fabric[0] + $fabric[1]) / 2, -$all[2], -($fabric[4] + $fabric[5]) / 2];

        return new self(
            array_map(fn(Skin $skin): Skin => $skin->moved($x, $y, $z), $skins),
            $litres,
            self::moved($all, $x, $y, $z),
            self::moved($fabric, $x, $y, $z),
        );
    }

    /**
     * @param array{float, float, float, float, float, float} $box
     *
     * @return array{float, float, float, float, float, float}
     */
    private static function moved(array $box, float $x, float $y, float $z): array
    {
        return [$box[0] + $x, $box[1] + $x, $box[2] + $y, $box[3] + $y, $box[4] + $z, $box[5] + $z];
    }

    /** @return array{float, float, float, float, float, float} least and greatest x, y and z; of nothing all 0 */
    public function box(): array
    {
        return $this->box;
    }

    /** @return array{float, float, float, float, float, float} the same without handles and hardware */
    public function body(): array
    {
        return $this->body;
    }

    /**
     * @param array<Skin> $skins
     *
     * @return array{float, float, float, float, float, float}
     */
    public static function around(array $skins): array
    {
        [$left, $right, $foot, $top, $back, $front] = [INF, -INF, INF, -INF, INF, -INF];
        foreach ($skins as $skin) {
            foreach ($skin->lines as $line) {
                if ($line === []) {
                    continue;
                }
                [$xs, $ys, $zs] = [array_column($line, 0), array_column($line, 1), array_column($line, 2)];
                [$left, $right] = [min($left, ...$xs), max($right, ...$xs)];
                [$foot, $top] = [min($foot, ...$ys), max($top, ...$ys)];
                [$back, $front] = [min($back, ...$zs), max($front, ...$zs)];
            }
        }

        return $left === INF ? [0.0, 0.0, 0.0, 0.0, 0.0, 0.0] : [$left, $right, $foot, $top, $back, $front];
    }
}
