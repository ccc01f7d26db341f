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
     */
    private function __construct(public array $skins, public float $litres) {}

    /**
     * Stood on the floor, in the middle.
     *
     * @param list<Skin> $skins
     */
    public static function standing(array $skins, float $litres): self
    {
        $fabric = array_filter($skins, fn(Skin $one): bool => $one->of->isBody());
        [$left, $right, , , $back, $front] = self::around($fabric);
        $foot = self::around($skins)[2];

        return new self(array_map(
            fn(Skin $skin): Skin => $skin->moved(-($left + $right) / 2, -$foot, -($back + $front) / 2),
            $skins,
        ), $litres);
    }

    /** @return array{float, float, float, float, float, float} least and greatest x, y and z; of nothing all 0 */
    public function box(): array
    {
        return self::around($this->skins);
    }

    /** @return array{float, float, float, float, float, float} the same without handles and hardware */
    public function body(): array
    {
        return self::around(array_filter($this->skins, fn(Skin $one): bool => $one->of->isBody()));
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
                foreach ($line as [$x, $y, $z]) {
                    [$left, $right] = [min($left, $x), max($right, $x)];
                    [$foot, $top] = [min($foot, $y), max($top, $y)];
                    [$back, $front] = [min($back, $z), max($front, $z)];
                }
            }
        }

        return $left === INF ? [0.0, 0.0, 0.0, 0.0, 0.0, 0.0] : [$left, $right, $foot, $top, $back, $front];
    }
}
