<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Measure\Length;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Shape\Outline;

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

    /** What ends every order of sewing. */
    private const HUNG = [
        'Turn the upper edge in and press it.',
        'Hang it in the bag, wrong side to wrong side, and catch it to the last round but one, a stitch in every '
            .'second; at the bottom’s corners too, so that it does not come out with the hand.',
    ];

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

    /** So far above the edge a sack is drawn shut, and so wide is the channel of its string, mm. From memory. */
    private const DRAWN = 60.0;

    private const CHANNEL = 25.0;

    /** Turned in at the top of a pocket, mm. From memory. */
    private const HEM = 20.0;

    public const FIT = 'fit';

    /**
     * @param string $as "flat", "boxed", "gussets", "bottom", or "fit": whichever follows its base
     * @param ?Length $wide how wide the bag really lies, flat; null as planned
     * @param ?Length $high how high it really is
     *
     * @throws Unmakeable where it has no such base
     */
    public static function of(
        Shell $shell,
        float $seam = self::SEAM,
        float $ease = self::EASE,
        ?Length $wide = null,
        ?Length $high = null,
        string $as = self::FIT,
    ): self {
        $less = 1 - $ease;
        $tall = ($high->mm ?? $shell->high->mm) * $less;
        $outline = $shell->outline;
        $as = $as !== self::FIT ? $as : match (true) {
            $shell->pieced => 'gussets',
            $outline === null || $outline->width() < self::FOLD => 'flat',
            $outline->corner() <= 0.0 => 'boxed',
            default => 'bottom',
        };
        // Lying flat a bag of one piece is half of what goes around; a closed one shows its front alone.
        $half = ($wide->mm ?? $shell->wide->mm) * $less;
        $depth = $shell->depth->mm;
        if ($as !== 'flat' && ! ($shell->pieced && $as === 'gussets') && $depth < self::FOLD) {
            throw new Unmakeable(
                'as',
                "This bag has no bottom to speak of, {$shell->depth->print()}: line it flat.",
            );
        }
        $around = $shell->pieced ? 2 * ($half + $depth * $less) : 2 * $half;
        $share = $depth / max(1.0, $shell->length->mm + $depth);

        return match ($as) {
            'flat' => self::flat($around / 2, $tall, $seam),
            'boxed' => self::boxed($around, $share, $tall, $seam),
            'gussets' => $shell->pieced
                ? self::strip($half, $depth * $less, $tall, $seam)
                : self::strip($around / 2 * (1 - $share), $around / 2 * $share, $tall, $seam),
            default => self::bottomed($outline ?? throw new Unmakeable(
                'as',
                'This bag has no base of one piece that a bottom could follow: line it with gussets.',
            ), $around, $tall, $seam),
        };
    }

    /** A bottom as the base is, and a wall around it. */
    private static function bottomed(Outline $outline, float $around, float $tall, float $seam): self
    {
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
                ...self::HUNG,
            ],
            $around,
            $tall,
        );
    }

    /** With a patch pocket on the back, sewn on before anything else. */
    public function withPocket(float $wide, float $high, float $seam): self
    {
        return new self(
            $this->as,
            [...$this->pieces, ClothPiece::rounded('pocket', $wide, $high + self::HEM, 0.0, $seam)],
            $this->seams,
            [
                'Hem the pocket’s top twice, press its other edges in, and sew it on the back, '
                    .'its corners backstitched.',
                ...$this->order,
            ],
            $this->around,
            $this->high,
        );
    }

    /** Taller, with a channel and a string, so that the bag is drawn shut inside. */
    public function asSack(float $seam): self
    {
        $more = self::DRAWN + self::CHANNEL;
        $ring = ClothPiece::rounded('drawn top', $this->around, $more + self::CHANNEL, 0.0, $seam);

        return new self(
            "{$this->as}, with a drawn top",
            [...$this->pieces, $ring],
            [...$this->seams, ['drawn top to lining', $this->around, $this->around]],
            [
                ...array_slice($this->order, 0, -count(self::HUNG)),
                'Sew the drawn top to a ring but for a finger’s breadth near its upper edge, turn that edge in twice '
                    .'to a channel, and sew it down.',
                'Sew the drawn top to the lining, right sides together; that seam is caught to the bag.',
                'Thread a string of twice the opening and two hands, and knot it.',
                ...self::HUNG,
            ],
            $this->around,
            $this->high,
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
                ...self::HUNG,
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
                ...self::HUNG,
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
                ...self::HUNG,
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
