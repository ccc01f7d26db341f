<?php

declare(strict_types=1);

namespace App\Drawing;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Solid\Solid;

/** A standing bag alone, small, at whatever scale others beside it have; filled to where it is worked. */
final readonly class SolidSketch
{
    private const MARGIN = 4.0;

    /** Rows nearer than so many pixels are left out by turns. */
    private const APART = 6.0;

    /**
     * @param list<string> $colours
     * @param array{float, float, float, float} $reach left, right, lowest and highest as it is seen, mm
     */
    private function __construct(private Solid $solid, private array $colours, private array $reach) {}

    /**
     * @param non-empty-list<string> $colours of its strands, as #rrggbb
     * @param ?int $worked rows that are done; null where all is drawn as it will be
     */
    public static function of(BagPlan $plan, array $colours, ?int $worked = null): self
    {
        $solid = $plan->solid($worked, true);

        return new self($solid, $colours, SolidPaint::reach($solid->skins));
    }

    /** @return array{float, float} how wide and high it is seen, mm */
    public function size(): array
    {
        [$left, $right, $foot, $top] = $this->reach;

        return [$right - $left, $foot - $top];
    }

    /**
     * Standing on the middle of the foot of a picture of that size.
     *
     * @param float $scale pixels a millimetre
     */
    public function svg(float $scale, int $wide, int $high): string
    {
        $paint = SolidPaint::filling($this->colours, $this->reach, $wide, $high, self::MARGIN, $scale, self::APART);

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {$wide} {$high}\" width=\"{$wide}\" "
            ."height=\"{$high}\" aria-hidden=\"true\">{$paint->bag($this->solid)}</svg>";
    }
}
