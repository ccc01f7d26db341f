<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Measure\Length;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Saying\Saying;
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

    /** A square cut out is at least so large beside its seams. */
    private const NOTCH = 5.0;

    /**
     * @param Saying $as how it is made: "bottom and wall"
     * @param non-empty-list<ClothPiece> $pieces
     * @param non-empty-list<array{string, float, float}> $seams what meets, and how long each of both is, mm
     * @param list<Saying> $order of sewing
     * @param float $around what it measures inside once around its opening when it is sewn, mm
     * @param float $foot so where its bottom ends
     * @param float $high so from there up
     * @param float $back how wide its back lies between seams and corners, where it is narrowest, mm
     * @param ?Length $string what draws it shut; null where nothing does
     */
    private function __construct(
        public Saying $as,
        public array $pieces,
        public array $seams,
        public array $order,
        public float $around,
        public float $foot,
        public float $high,
        public float $back,
        public ?Length $string = null,
    ) {}

    /** So far above the edge a sack is drawn shut, and so wide is the channel of its string, mm. From memory. */
    private const DRAWN = 60.0;

    private const CHANNEL = 25.0;

    /** Of a string, beyond twice the opening, at each end, mm. From memory. */
    private const HAND = 100.0;

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
        // Under hand holes, or it would close them.
        $under = $shell->holes->mm ?? 0.0;
        $tall = (($high->mm ?? $shell->high->mm) - $under) * $less;
        $outline = $shell->outline;
        $as = $as !== self::FIT ? $as : match (true) {
            $shell->pieced => 'gussets',
            $outline === null || $outline->width() < self::FOLD => 'flat',
            $outline->sides() === 4 => 'boxed',
            default => 'bottom',
        };
        // Lying flat a bag of one piece is half of what goes around; a closed one shows its front alone.
        $measured = $wide === null ? 1.0 : $wide->mm / $shell->wide->mm;
        [$top, $foot] = [$shell->opening->mm * $measured * $less, $shell->foot->mm * $measured * $less];
        $depth = $shell->depth->mm;
        if ($as !== 'flat' && ! ($shell->pieced && $as === 'gussets') && $depth < self::FOLD) {
            throw new Unmakeable(
                'as',
                new Saying('This bag has no bottom to speak of, {depth}: line it flat.', ['depth' => $shell->depth]),
            );
        }
        $share = $depth / max(1.0, $shell->length->mm + $depth);
        if ($shell->pieced) {
            $share = $depth * $less / ($top + $depth * $less);
            [$top, $foot] = [$top + $depth * $less, $foot + $depth * $less];
        }

        return match ($as) {
            'flat' => self::flat($top, $foot, $depth < self::FOLD ? 0.0 : $depth * $less, $tall, $seam),
            'boxed' => self::boxed($top, $foot, $share, $tall, $seam),
            'gussets' => self::strip($top, $foot, $share, $tall, $seam),
            default => self::bottomed($outline ?? throw new Unmakeable(
                'as',
                new Saying('This bag has no base of one piece that a bottom could follow: line it with gussets.'),
            ), 2 * $top, 2 * $foot, $tall, $seam),
        };
    }

    /** A bottom as the base is, and a wall around it: of one piece where it is straight, else of two. */
    private static function bottomed(Outline $outline, float $top, float $foot, float $tall, float $seam): self
    {
        $bottom = ClothPiece::of('bottom', $outline->scaled($foot / $outline->perimeter()), $seam);
        $straight = self::isStraight($top, $foot);
        $side = hypot($tall, ($top - $foot) / 4);

        return new self(
            new Saying('bottom and wall'),
            [$bottom, $straight
                ? ClothPiece::rounded('wall', $foot, $tall, 0.0, $seam)
                : ClothPiece::stacked('half of the wall', [[0.0, $top / 2], [$tall, $foot / 2]], $seam, 2)],
            [
                ['wall to bottom', $foot, ClothPiece::around($bottom->sewn)],
                $straight ? ['wall, closed to a ring', $tall, $tall] : ['halves of the wall', $side, $side],
            ],
            [
                $straight
                    ? new Saying('Sew the wall to a ring, right sides together.')
                    : new Saying('Sew the halves of the wall to a ring, right sides together: a seam lies at each '
                        .'fold.'),
                new Saying('Quarter the wall’s edge and the bottom’s, pin mark to mark, and sew the bottom in.'),
                ...self::hung(),
            ],
            $top,
            $foot,
            $tall,
            min($top, $foot) / 2,
        );
    }

    /** @return list<Saying> what ends every order of sewing: its edge turned in, which a drawn top has not, and hung */
    private static function hung(): array
    {
        return [
            new Saying('Turn the upper edge in and press it.'),
            new Saying('Hang it in the bag, wrong side to wrong side, and catch it to the last round but one, a stitch '
                .'in every second; at the bottom’s corners too, so that it does not come out with the hand.'),
        ];
    }

    /** Whether what goes around is the same from foot to opening. */
    private static function isStraight(float $top, float $foot): bool
    {
        return abs($top - $foot) < 1e-6;
    }

    /** With a patch pocket on the back, sewn on before anything else. */
    public function withPocket(float $wide, float $high, float $seam): self
    {
        return new self(
            $this->as,
            [...$this->pieces, ClothPiece::rounded('pocket', $wide, $high + self::HEM, 0.0, $seam)],
            $this->seams,
            [
                new Saying('Hem the pocket’s top twice, press its other edges in, and sew it on the back, its corners '
                    .'backstitched.'),
                ...$this->order,
            ],
            $this->around,
            $this->foot,
            $this->high,
            $this->back,
            $this->string,
        );
    }

    /** Taller, with a channel and a string, so that the bag is drawn shut inside. */
    public function asSack(float $seam): self
    {
        $more = self::DRAWN + self::CHANNEL;
        $ring = ClothPiece::rounded('drawn top', $this->around, $more + self::CHANNEL, 0.0, $seam);

        return new self(
            new Saying('{lining}, with a drawn top', ['lining' => $this->as]),
            [...$this->pieces, $ring],
            [...$this->seams, ['drawn top to lining', $this->around, $this->around]],
            [
                ...array_slice($this->order, 0, -count(self::hung())),
                new Saying('Sew the drawn top to a ring but for a finger’s breadth near its upper edge, turn that edge '
                    .'in twice to a channel, and sew it down.'),
                new Saying('Sew the drawn top to the lining, right sides together; that seam is caught to the bag.'),
                new Saying('Thread a string of twice the opening and two hands, and knot it.'),
                ...array_slice(self::hung(), 1),
            ],
            $this->around,
            $this->foot,
            $this->high,
            $this->back,
            Length::mm($this->around + 2 * self::HAND),
        );
    }

    /**
     * A strip folded at the foot, its sides sewn; in a deep bag it reaches half way along the bottom from either
     * side.
     */
    private static function flat(float $top, float $foot, float $deep, float $tall, float $seam): self
    {
        $down = $tall + $deep / 2;
        $side = hypot($tall, ($top - $foot) / 2) + $deep / 2;

        return new self(
            new Saying('flat, folded at the foot'),
            [ClothPiece::stacked('strip, folded', self::distinct([
                [0.0, $top], [$tall, $foot], [$tall + $deep, $foot], [2 * $down, $top],
            ]), $seam)],
            [['both sides', $side, $side]],
            [
                new Saying('Fold it right sides together and sew both sides.'),
                ...($deep > 0.0
                    ? [new Saying('Its foot lies along the middle of the bottom: its corners stay loose there.')]
                    : []),
                ...self::hung(),
            ],
            2 * $top,
            2 * $foot,
            $tall,
            min($top, $foot),
        );
    }

    /**
     * Edges of which no two are in one place, and none lies in a line with both beside it.
     *
     * @param non-empty-list<array{float, float}> $edges
     *
     * @return non-empty-list<array{float, float}>
     */
    private static function distinct(array $edges): array
    {
        $distinct = [];
        foreach ($edges as $place => $edge) {
            $next = $edges[$place + 1] ?? null;
            $before = $distinct[count($distinct) - 1] ?? null;
            $inLine = $next !== null && $before !== null
                && abs($before[1] - $edge[1]) < 1e-9 && abs($next[1] - $edge[1]) < 1e-9;
            if (! $inLine && ($before === null || $edge[0] - $before[0] > 1e-9)) {
                $distinct[] = $edge;
            }
        }

        return $distinct === [] ? $edges : $distinct;
    }

    /** Folded at the foot, a square cut out of both ends of the fold, which makes the bottom. */
    private static function boxed(float $top, float $foot, float $share, float $tall, float $seam): self
    {
        $deep = $foot * $share;
        $across = $foot - $deep;
        // A square too small for its own seams is not cut out: the corner is sewn across and cut off after.
        $cutOut = $deep > 2 * $seam + self::NOTCH;
        $side = hypot($tall, ($top - $foot) / 2);
        $strip = $cutOut ? ClothPiece::stacked('strip, folded', [
            [0.0, $top], [$tall, $foot], [$tall, $across], [$tall + $deep, $across], [$tall + $deep, $foot],
            [2 * $tall + $deep, $top],
        ], $seam) : ClothPiece::stacked('strip, folded', self::distinct([
            [0.0, $top], [$tall, $foot], [$tall + $deep, $foot], [2 * $tall + $deep, $top],
        ]), $seam);

        return new self(
            new Saying('boxed corners'),
            [$strip],
            [['both sides', $side, $side], ['across each corner', $deep, $deep]],
            [
                new Saying('Fold it right sides together and sew both sides.'),
                new Saying('Pull each corner flat, side seam on the fold, and sew across it.'),
                ...self::hung(),
            ],
            2 * $top,
            2 * $foot,
            $tall,
            min($top * (1 - $share), $across),
        );
    }

    /** Front, bottom and back in one, and two gussets; without a depth the strip alone. */
    private static function strip(float $top, float $foot, float $share, float $tall, float $seam): self
    {
        [$deep, $wide] = [$foot * $share, $foot * (1 - $share)];
        if ($deep < self::FOLD) {
            return self::flat($top * (1 - $share), $wide, 0.0, $tall, $seam);
        }
        $aside = ($top - $foot) / 2;
        $side = hypot($tall, $aside * (1 - $share));
        // A gusset is as high as its edges need that meet the strip's.
        $high = sqrt(max($tall ** 2 / 4, $side ** 2 - ($aside * $share) ** 2));

        return new self(
            new Saying('strip and gussets'),
            [
                ClothPiece::stacked('front, bottom, back', self::distinct([
                    [0.0, $top * (1 - $share)], [$tall, $wide], [$tall + $deep, $wide],
                    [2 * $tall + $deep, $top * (1 - $share)],
                ]), $seam),
                ClothPiece::stacked('gusset', [[0.0, $top * $share], [$high, $deep]], $seam, 2),
            ],
            [['strip to each gusset', 2 * $side + $deep, 2 * hypot($high, $aside * $share) + $deep]],
            [
                new Saying('Mark the bottom’s ends on the strip: a gusset’s height from either end.'),
                new Saying('Sew a gusset to each side: down the front, along the bottom, up the back; snip the strip '
                    .'at both corners.'),
                ...self::hung(),
            ],
            2 * $top,
            2 * $foot,
            $tall,
            min($top * (1 - $share), $wide),
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
