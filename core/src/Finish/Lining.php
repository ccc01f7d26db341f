<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Measure\Length;

/**
 * A lining, from the plan's own geometry or from what the tape says of the bag: a little smaller than the bag is
 * inside, so that it takes no load. Common practice, no source; 1 cm of seam where nothing is said.
 */
final readonly class Lining
{
    public const SEAM = 10.0;

    /** By how much smaller than the bag it is, as a share. From memory. */
    public const EASE = 0.02;

    /** A base that narrow is a fold. */
    private const FOLD = 15.0;

    /** A square cut out is at least so large beside its seams. */
    private const NOTCH = 5.0;

    /**
     * @param string $as how it is made: "bottom and wall"
     * @param non-empty-list<ClothPiece> $pieces
     * @param non-empty-list<array{string, float, float}> $seams what meets, and how long each of both is, mm
     * @param non-empty-list<string> $order of sewing
     * @param float $around what it measures inside once around when it is sewn, mm
     * @param float $high so
     */
    private function __construct(
        public string $as,
        public array $pieces,
        public array $seams,
        public array $order,
        public float $around,
        public float $high,
    ) {}

    /**
     * @param ?Length $wide how wide the bag really lies, flat; null as planned
     * @param ?Length $high how high it really is
     */
    public static function of(
        BagPlan $plan,
        float $seam = self::SEAM,
        float $ease = self::EASE,
        ?Length $wide = null,
        ?Length $high = null,
    ): self {
        $out = $plan->comesOut;
        $less = 1 - $ease;
        $tall = ($high->mm ?? $out->height->mm) * $less;
        $assembly = $plan->assembly();
        if ($assembly !== null) {
            // The closed bag's sides; measured, its width.
            return self::strip(
                ($wide->mm ?? $out->baseLength->mm) * $less,
                $out->baseWidth->mm * $less,
                $tall,
                $seam,
            );
        }
        $around = 2 * ($wide->mm ?? $out->flatWidth->mm) * $less;
        $outline = $plan->parts[0]->made->outline;
        if ($outline === null || $outline->width() < self::FOLD) {
            return self::flat($around / 2, $tall, $seam);
        }
        if ($outline->corner() <= 0.0) {
            return self::boxed($around, $outline->width() / ($outline->length() + $outline->width()), $tall, $seam);
        }
        $scale = $around / $outline->perimeter();
        $bottom = ClothPiece::rounded(
            'bottom',
            $outline->length() * $scale,
            $outline->width() * $scale,
            $outline->corner() * $scale,
            $seam,
        );

        return new self(
            'bottom and wall',
            [$bottom, ClothPiece::rounded('wall', $around, $tall, 0.0, $seam)],
            [
                ['wall to bottom', $around, ClothPiece::around($bottom->sewn)],
                ['wall, closed to a ring', $tall, $tall],
            ],
            [
                'Sew the wall to a ring, right sides together.',
                'Quarter the wall’s edge and the bottom’s, pin mark to mark, and sew the bottom in.',
                'Turn the upper edge in and press it.',
                'Hang it in the bag, wrong side to wrong side, and catch it to the last round but one, a stitch in '
                    .'every second.',
            ],
            $around,
            $tall,
        );
    }

    /** A strip folded at the foot, its sides sewn. */
    private static function flat(float $wide, float $tall, float $seam): self
    {
        return new self(
            'flat, folded at the foot',
            [ClothPiece::rounded('strip, folded', $wide, 2 * $tall, 0.0, $seam)],
            [['both sides', $tall, $tall]],
            [
                'Fold it right sides together and sew both sides.',
                'Turn the upper edge in and press it.',
                'Hang it in the bag and catch it to the last round but one, a stitch in every second.',
            ],
            2 * $wide,
            $tall,
        );
    }

    /** Folded at the foot, a square cut out of both ends of the fold, which makes the bottom. */
    private static function boxed(float $around, float $share, float $tall, float $seam): self
    {
        $flat = $around / 2;
        $deep = $flat * $share;
        $half = $deep / 2;
        // A square too small for its own seams is not cut out: the corner is sewn across and cut off after.
        $sewn = $deep <= 2 * $seam + self::NOTCH ? [
            [0.0, 0.0], [$flat, 0.0], [$flat, 2 * $tall + $deep], [0.0, 2 * $tall + $deep],
        ] : [
            [0.0, 0.0], [$flat, 0.0],
            [$flat, $tall], [$flat - $half, $tall], [$flat - $half, $tall + $deep], [$flat, $tall + $deep],
            [$flat, 2 * $tall + $deep], [0.0, 2 * $tall + $deep],
            [0.0, $tall + $deep], [$half, $tall + $deep], [$half, $tall], [0.0, $tall],
        ];

        return new self(
            'boxed corners',
            [ClothPiece::angular('strip, folded', $sewn, $seam)],
            [['both sides', $tall, $tall], ['across each corner', $deep, $deep]],
            [
                'Fold it right sides together and sew both sides.',
                'Pull each corner flat, side seam on the fold, and sew across it.',
                'Turn the upper edge in and press it.',
                'Hang it in the bag and catch it to the last round but one, a stitch in every second.',
            ],
            $around,
            $tall,
        );
    }

    /** Front, bottom and back in one, and two gussets; without a depth the strip alone. */
    private static function strip(float $wide, float $deep, float $tall, float $seam): self
    {
        if ($deep < self::FOLD) {
            return self::flat($wide, $tall, $seam);
        }
        $long = 2 * $tall + $deep;

        return new self(
            'strip and gussets',
            [
                ClothPiece::rounded('front, bottom, back', $wide, $long, 0.0, $seam),
                ClothPiece::rounded('gusset', $deep, $tall, 0.0, $seam, 2),
            ],
            [['strip to each gusset', $long, 2 * $tall + $deep]],
            [
                'Mark the bottom’s ends on the strip: a gusset’s height from either end.',
                'Sew a gusset to each side: down the front, along the bottom, up the back; snip the strip at both '
                    .'corners.',
                'Turn the upper edge in and press it.',
                'Lay it in and catch it along the opening and at the bottom’s corners.',
            ],
            2 * ($wide + $deep),
            $tall,
        );
    }

    /**
     * How the pieces lie on cloth of a width: side by side in rows, the longest first.
     *
     * @return ?array{list<array{int, float, float}>, float} piece, x and y of each, and how much cloth, mm; null where
     *         a piece is wider than the cloth
     */
    public function lay(float $cloth): ?array
    {
        $all = [];
        foreach ($this->pieces as $place => $piece) {
            for ($one = 0; $one < $piece->count; $one++) {
                $all[] = $place;
            }
        }
        usort($all, fn(int $a, int $b): int => $this->pieces[$b]->height() <=> $this->pieces[$a]->height());
        $lay = [];
        $x = $y = $row = 0.0;
        foreach ($all as $place) {
            $piece = $this->pieces[$place];
            if ($piece->width() > $cloth) {
                return null;
            }
            if ($x > 0.0 && $x + $piece->width() > $cloth + 1e-9) {
                [$x, $y, $row] = [0.0, $y + $row, 0.0];
            }
            $lay[] = [$place, $x, $y];
            $x += $piece->width();
            $row = max($row, $piece->height());
        }

        return [$lay, $y + $row];
    }
}
