<?php

declare(strict_types=1);

namespace Fescue\Core\Solid;

use Fescue\Core\Finish\Fitted;
use Fescue\Core\Finish\Fixture;
use Fescue\Core\Finish\Shape;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Piece\Attached;
use Fescue\Core\Piece\Face;
use Fescue\Core\Piece\Fastened;
use Fescue\Core\Piece\Made;
use Fescue\Core\Shape\Arch;
use Fescue\Core\Shape\Pulled;
use Fescue\Core\Shape\Rectangle;
use Fescue\Core\Shape\Span;
use Fescue\Core\Shape\Stand;

/** Stands a bag up: from outlines and rows, or from its pieces as they close. */
final class Builder
{
    /** Fabric of a handle is so thick, hardware so broad, mm. From memory. */
    private const THICK = 5.0;

    private const METAL = 3.0;

    /** So near to the middle of all a piece lies in its plane, mm. */
    private const PLANE = 2.0;

    /** A zip lies so broad, mm. From memory. */
    private const ZIP = 24.0;

    /** Hardware stands so far off the fabric, mm, that neither is drawn through the other. */
    private const OFF = 2.0;

    /** @var list<Skin> */
    private array $skins = [];

    /**
     * @param non-empty-list<Made> $parts
     * @param list<int> $strands of the rows of all parts, in their order
     */
    private function __construct(
        private readonly array $parts,
        private readonly Gauge $gauge,
        private readonly array $strands,
        private readonly bool $rough,
        private readonly ?Carried $carried,
    ) {}

    /**
     * @param non-empty-list<Made> $parts in working order, the first what the others stand on, or hang from
     * @param list<int> $strands which each of the plan's rows is worked in
     * @param list<Fitted> $fitted
     * @param bool $rough of few points, for a sketch
     * @param ?Carried $carried how it differs full and carried; null as it stands empty
     */
    public static function stand(
        array $parts,
        Gauge $gauge,
        array $strands,
        array $fitted,
        bool $rough = false,
        ?Carried $carried = null,
    ): Solid {
        $builder = new self($parts, $gauge, $strands, $rough, $carried);
        $assembly = $parts[0]->assembly;
        if ($assembly !== null) {
            $builder->pieces();

            return Solid::standing($builder->pulled($builder->skins), $assembly->litres);
        }
        $standing = Standing::of($parts, $gauge);
        if ($standing->stands()) {
            $builder->skins = WallBuilder::around($standing, $parts[0], $gauge, $strands, $rough, $carried);
            // What hangs does so from where it begins.
            $top = $parts[0]->hangs ? 0.0 : $standing->height;
            $builder->attached($standing->rim($top), $top);
            $builder->fixtures($standing, array_merge(...array_map(fn(Fitted $one): array => $one->fixtures, $fitted)));
        }
        $hangs = $parts[0]->hangs;

        return Solid::standing(
            $builder->pulled(array_map(
                fn(Skin $one): Skin => $hangs && $one->of->isBody() ? $one->overturned() : $one,
                $builder->skins,
            )),
            $standing->litres(),
        );
    }

    /** What goes over a gap: an arch, or where it is carried what is pulled up, so much longer. */
    public static function span(float $gap, float $long, ?Carried $carried): Span
    {
        $long = max(1.001 * $gap, $long);

        return $carried === null ? Arch::of($gap, $long) : Pulled::of($gap, $carried->straps * $long);
    }

    /**
     * The fabric as it hangs, and what is fastened to it where that hangs.
     *
     * @param list<Skin> $skins
     *
     * @return list<Skin>
     */
    private function pulled(array $skins): array
    {
        $carried = $this->carried;

        return $carried === null ? $skins : array_map(
            fn(Skin $one): Skin => $one->pulled($carried->wide, $carried->high),
            $skins,
        );
    }

    /** Straps, bought handles, rings: on the front and the back, or one for both on a fold. */
    private function attached(Rim $rim, float $top): void
    {
        $around = max(1.0, $rim->around());
        foreach ($this->parts as $part) {
            foreach ($part->attached as $one) {
                foreach ($one->shared ? [0.0] : [0.0, 0.5] as $at) {
                    // On the back it is seen from there: right and left of its own middle.
                    $foot = fn(float $off): array => $rim->at($at + $off / $around);
                    $gives = $one->as === Fastened::Strap || $one->as === Fastened::Hooks ? $this->carried : null;
                    $this->fastened($one, $foot($one->from), $foot($one->to), $top, $gives);
                }
            }
        }
    }

    /**
     * @param array{float, float} $from
     * @param array{float, float} $to
     * @param ?Carried $carried how it gives; null of what stays as it is
     */
    private function fastened(Attached $one, array $from, array $to, float $top, ?Carried $carried): void
    {
        $gap = hypot($to[0] - $from[0], $to[1] - $from[1]);
        $strand = $this->strands === [] ? 0 : $this->strands[count($this->strands) - 1];
        if ($one->arch() === null || $gap < 1.0 || $one->long === null) {
            $this->skins[] = self::ring([$from[0], $top + 2 * self::THICK, $from[1]]);

            return;
        }
        $isStrap = $one->as === Fastened::Strap;
        $half = ($isStrap ? $one->broad->mm : min(10.0, $one->broad->mm)) / 2;
        $this->skins[] = $this->band(
            self::span($gap, $one->long->mm, $carried),
            fn(float $x, float $up): array => [
                ($from[0] + $to[0]) / 2 + $x * ($to[0] - $from[0]) / $gap,
                $top + $up,
                ($from[1] + $to[1]) / 2 + $x * ($to[1] - $from[1]) / $gap,
            ],
            [-($to[1] - $from[1]) / $gap, ($to[0] - $from[0]) / $gap],
            $half,
            $isStrap ? self::THICK / 2 : $half,
            $gap / 2,
            $isStrap ? SkinOf::Handle : SkinOf::Hardware,
            $strand,
        );
    }

    /**
     * A band along what spans a gap: broad in its plane, thick across it.
     *
     * @param \Closure(float, float): array{float, float, float} $place so far right of the middle and up
     * @param array{float, float} $across x and z of the way across its plane
     */
    private function band(
        Span $span,
        \Closure $place,
        array $across,
        float $half,
        float $thick,
        float $reach,
        SkinOf $of,
        int $strand,
    ): Skin {
        $lines = $edges = [];
        foreach (WallBuilder::along($span, $reach, $this->rough) as $one) {
            [$aside, $up] = [sin(deg2rad($one->degrees)), cos(deg2rad($one->degrees))];
            $line = [];
            foreach ([[-1, -1], [-1, 1], [1, 1], [1, -1]] as [$out, $deep]) {
                [$x, $y, $z] = $place($one->x + $aside * $out * $half, -$one->y + $up * $out * $half);
                $line[] = [$x + $across[0] * $deep * $thick, $y, $z + $across[1] * $deep * $thick];
            }
            $lines[] = $line;
            foreach ($line as $corner => $at) {
                $edges[$corner][] = $at;
            }
        }

        return new Skin($of, $lines, array_fill(0, count($lines) - 1, $strand), true, array_values($edges));
    }

    /** @param array{float, float, float} $at its middle */
    private static function ring(array $at): Skin
    {
        $lines = [];
        for ($turn = 0; $turn <= 16; $turn++) {
            $way = 2 * M_PI * $turn / 16;
            $line = [];
            for ($nth = 0; $nth < 6; $nth++) {
                $around = 2 * M_PI * $nth / 6;
                $reach = 2 * self::THICK + self::METAL / 2 * cos($around);
                $line[] = [
                    $at[0] + $reach * cos($way),
                    $at[1] + $reach * sin($way),
                    $at[2] + self::METAL / 2 * sin($around),
                ];
            }
            $lines[] = $line;
        }

        return new Skin(SkinOf::Hardware, $lines, array_fill(0, 16, 0), true);
    }

    /** @param list<Fixture> $fixtures on the front */
    private function fixtures(Standing $standing, array $fixtures): void
    {
        foreach ($fixtures as $one) {
            if ($one->shape === Shape::Chain) {
                $rim = $standing->rim($standing->height);
                $long = max(2 * $one->high, 1.2 * $one->wide);
                $this->fastened(
                    new Attached(Fastened::Hooks, -1.0, 1.0, Length::mm(8), Length::mm($long)),
                    $rim->at(-0.25),
                    $rim->at(0.25),
                    $standing->height,
                    $this->carried?->unyielding(),
                );

                continue;
            }
            if ($one->shape === Shape::Line) {
                // A zip lies across the opening.
                [$half, $broad] = [$one->wide / 2, self::ZIP / 2];
                $this->skins[] = Skin::flat(SkinOf::Hardware, array_map(
                    fn(array $at): array => [$at[0], $standing->height, $at[1]],
                    [[-$half, $broad], [$half, $broad], [$half, -$broad], [-$half, -$broad]],
                ), 0);

                continue;
            }
            $isRound = $one->shape === Shape::Disc;
            $isFlap = $one->shape === Shape::Cloth;
            $down = $one->shape === Shape::Tassel ? $one->y + $one->high / 2 : $one->y;
            $high = $one->shape === Shape::Cord ? self::METAL : max(self::METAL, $one->high);
            $points = [];
            for ($nth = 0; $nth < 16; $nth++) {
                $way = 2 * M_PI * ($nth + 0.5) / 16;
                [$x, $y] = [cos($way), sin($way)];
                // A rectangle by rays to its border.
                $reach = $isRound ? 1.0 : 1 / max(abs($x), abs($y));
                [$x, $y] = [$x * $reach * $one->wide / 2, $y * $reach * $high / 2];
                $up = $standing->height - $down + $y;
                $rim = $standing->rim(max(0.0, min($standing->height, $up)));
                [$atX, $atZ] = $rim->at(($one->x + $x) / max(1.0, $rim->around()));
                $points[] = [$atX, $up, $atZ + self::OFF * ($isFlap ? 1 : 2)];
            }
            $this->skins[] = Skin::flat(
                match (true) {
                    $isFlap => SkinOf::Flap,
                    in_array($one->shape, [Shape::Tassel, Shape::Cord], true) => SkinOf::Handle,
                    default => SkinOf::Hardware,
                },
                $points,
                0,
            );
        }
    }

    /** The pieces as they close, what is worked on their opening, and what is fastened there. */
    private function pieces(): void
    {
        $assembly = $this->parts[0]->assembly;
        if ($assembly === null) {
            return;
        }
        $closed = $assembly->closed();
        $row = $assembly->pieces[0]->rows[0] ?? null;
        $tall = $row === null ? 0.0 : $this->gauge->heightOf($row->fabric)->mm;
        // A piece is of the strand that its last row is worked in.
        $strands = array_map(fn(array $rows): int => $this->strands[$rows[1]] ?? 0, $assembly->places());
        $middle = self::middle(array_merge(...array_map(fn(Face $face): array => $face->corners, $closed->faces)));
        foreach ($closed->faces as $face) {
            $this->skins[] = self::face($face, $tall, $strands[$face->of] ?? $this->strands[0] ?? 0, $middle);
        }
        foreach ($closed->marks as [, [$x, $y, $z], $wide, $high]) {
            [$wide, $high] = [max(4.0, $wide) / 2, max(4.0, $high) / 2];
            $z += self::OFF;
            $this->skins[] = Skin::flat(SkinOf::Hardware, [
                [$x - $wide, $y - $high, $z], [$x + $wide, $y - $high, $z],
                [$x + $wide, $y + $high, $z], [$x - $wide, $y + $high, $z],
            ], 0);
        }
        [$left, $right, , , $back, $front] = Solid::around($this->skins);
        $rim = Rim::of(new Rectangle(max(1.0, $assembly->wide->mm), max(1.0, $assembly->deep->mm)));
        $middle = [($left + $right) / 2, ($back + $front) / 2];
        [$pieces, $this->skins] = [$this->skins, []];
        $this->attached($rim, $assembly->high->mm);
        $this->skins = [...$pieces, ...array_map(
            fn(Skin $skin): Skin => $skin->moved($middle[0], 0.0, $middle[1]),
            $this->skins,
        )];
    }

    /**
     * One with its rows, along its foot; turned outward from the middle of all.
     *
     * @param array{float, float, float} $middle
     */
    private static function face(Face $face, float $tall, int $strand, array $middle): Skin
    {
        $of = $face->open ? SkinOf::Net : SkinOf::Piece;
        $corners = $face->corners;
        [$x, $y, $z] = self::middle($corners);
        $normal = Gltf::normal($corners) ?? [0.0, 0.0, 0.0];
        $out = $normal[0] * ($x - $middle[0]) + $normal[1] * ($y - $middle[1]) + $normal[2] * ($z - $middle[2]);
        // Pieces that lie in one plane face whoever looks at them.
        if ($out < -self::PLANE || ($out < self::PLANE && $normal[2] < 0.0)) {
            // The first stays the first, and the foot the foot.
            $corners = count($corners) === 4
                ? [$corners[1], $corners[0], $corners[3], $corners[2]]
                : array_reverse($corners);
        }
        if (count($corners) !== 4) {
            return Skin::flat($of, $corners, $strand);
        }
        [$a, $b, $c, $d] = $corners;
        $up = sqrt(($d[0] - $a[0]) ** 2 + ($d[1] - $a[1]) ** 2 + ($d[2] - $a[2]) ** 2);
        $many = $tall > 0.0 ? min(200, (int) round($up / $tall)) : 1;
        $rows = [];
        for ($nth = 1; $nth < $many; $nth++) {
            $rows[] = [self::between($a, $d, $nth / $many), self::between($b, $c, $nth / $many)];
        }

        return new Skin($of, [[$a, $b], [$d, $c]], [$strand], false, $rows);
    }

    /**
     * @param non-empty-list<array{float, float, float}> $corners
     *
     * @return array{float, float, float}
     */
    private static function middle(array $corners): array
    {
        $mean = fn(int $axis): float => array_sum(array_column($corners, $axis)) / count($corners);

        return [$mean(0), $mean(1), $mean(2)];
    }

    /**
     * @param array{float, float, float} $from
     * @param array{float, float, float} $to
     *
     * @return array{float, float, float}
     */
    private static function between(array $from, array $to, float $share): array
    {
        return [
            $from[0] + $share * ($to[0] - $from[0]),
            $from[1] + $share * ($to[1] - $from[1]),
            $from[2] + $share * ($to[2] - $from[2]),
        ];
    }
}
