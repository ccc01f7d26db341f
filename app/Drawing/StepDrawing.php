<?php

declare(strict_types=1);

namespace App\Drawing;

use Fescue\Core\Instruction\Motif;
use Fescue\Core\Stitch\Stitch;

/**
 * How a stitch is worked, a picture a step: the row below, what stands on it, the hook with its loops, and in another
 * colour the strand or the way that is meant. A right hand works to the left; for a left one a picture is mirrored.
 */
final class StepDrawing
{
    private const WIDE = 150;

    private const HIGH = 116;

    /** Of a stitch, its row of single crochet and its strand, pixels. */
    private const STITCH = 30;

    private const ROW = 20;

    private const THICK = 8;

    /** Where the row below ends, and the place in it that is worked into now. */
    private const EDGE = 92;

    private const NEXT = 60;

    private const STRAND = '#C9B994';

    private const NEW = '#7F9DA6';

    private const HOOK = '#A9B0AC';

    /** What is drawn so far. */
    private string $drawn = '';

    /** @return array{string, string, string} three steps of a stitch; of a chain and a slip stitch, too */
    public static function stitch(Stitch $stitch): array
    {
        $wraps = $stitch->yarnOvers();
        if ($stitch === Stitch::Chain) {
            return [
                (new self())->links(3)->held(52)->svg(),
                (new self())->links(3)->held(52, taking: true)->svg(),
                (new self())->links(4)->held(26)->svg(),
            ];
        }

        return [
            (new self())->row()->stands($stitch)->into($stitch, $wraps)->svg($stitch),
            (new self())->row()->stands($stitch)->drawnUp($stitch, $wraps)->svg($stitch),
            (new self())->row()->stands($stitch)->stood($stitch)->svg($stitch),
        ];
    }

    /** @return array{string, string, string} two in one stitch */
    public static function increase(): array
    {
        $of = fn(): self => (new self())->row()->stands(Stitch::Single);

        return [
            $of()->leg(self::NEXT, self::NEXT + 6)->into(Stitch::Single, 0, self::NEXT - 4)->svg(),
            $of()->leg(self::NEXT, self::NEXT + 6)->drawnUp(Stitch::Single, 0, self::NEXT - 4)->svg(),
            $of()->leg(self::NEXT, self::NEXT + 6)->leg(self::NEXT, self::NEXT - 22, true)
                ->held(self::NEXT - 34, self::EDGE - self::ROW)->svg(),
        ];
    }

    /** @return array{string, string, string} two together */
    public static function decrease(): array
    {
        $of = fn(): self => (new self())->row()->stands(Stitch::Single);

        return [
            $of()->drawnUp(Stitch::Single, 0, taking: false)->svg(),
            $of()->drawnUp(Stitch::Single, 1, self::NEXT - 14, both: true)->svg(),
            $of()->strand('M60 93L49 74M30 93L41 74', self::made())->strand('M32 72Q45 78 60 72', self::made())
                ->held(self::NEXT - 34, self::EDGE - self::ROW)->svg(),
        ];
    }

    /** @return array{string, string, string} through the back loop, or around a post, by a fabric of it */
    public static function through(Stitch $stitch, string $rows): array
    {
        $motif = Motif::named("how: {$rows}");
        [$from, $high] = [self::NEXT + 15, self::high($stitch)];
        $of = fn(): self => (new self())->row($stitch);
        $isRound = $motif->goesRoundPosts();

        return [
            ($isRound
                ? $of()->patch($motif, 3, $from, self::EDGE, $high)->around(str_contains($rows, 'FP'))
                : $of()->patch($motif, 3, $from, self::EDGE, $high)->into($stitch, 0, self::NEXT, true))->svg(),
            $of()->patch($motif, 3, $from, self::EDGE, $high)->drawnUp($stitch, $stitch->yarnOvers())->svg(),
            $of()->patch($motif, 4, $from - self::STITCH, self::EDGE, $high)
                ->held($from - self::STITCH - 12, self::EDGE - $high)->svg(),
        ];
    }

    /** @return array{string, string, string} a round closed by a slip stitch in its first */
    public static function join(): array
    {
        $of = fn(): self => (new self())->row()->stands(Stitch::Single)
            ->patch(Motif::single(), 2, 0, self::EDGE, self::ROW);
        $top = self::EDGE - self::ROW;

        return [
            $of()->shaft(self::NEXT - 14, $top + 6, 0.62)->loop(self::NEXT + 12, $top - 22, self::NEXT + 16, $top)
                ->arrow('M88 34Q60 40 48 66')->svg(),
            $of()->shaft(self::NEXT - 10, $top - 12, 0.62)->loop(self::NEXT + 2, $top - 30, self::NEXT - 15, $top)
                ->loop(self::NEXT + 12, $top - 44, self::NEXT + 16, $top)->over(self::NEXT - 10, $top - 12)->svg(),
            $of()->strand('M45 72Q60 62 76 72', Ink::WARM)->held(self::NEXT, $top - 4)->svg(),
        ];
    }

    /** @return array{string, string, string} another strand from the last loop of a stitch on */
    public static function change(): array
    {
        $of = fn(): self => (new self())->row()->stands(Stitch::Single);

        return [
            // The other lies ready.
            $of()->drawnUp(Stitch::Single, 0, taking: false)->strand('M4 58Q20 56 36 68', self::NEW)->svg(),
            $of()->drawnUp(Stitch::Single, 0, colour: self::NEW)->svg(),
            $of()->stood(Stitch::Single, colour: self::NEW)->strand('M58 88Q40 104 8 108', self::NEW)->svg(),
        ];
    }

    /** @return array{string, string, string} two edges sewn, or worked together */
    public static function seam(Stitch $stitch): array
    {
        $of = fn(): self => (new self())->edges();
        if ($stitch === Stitch::Whip) {
            return [
                $of()->needle(88)->svg(),
                $of()->bight(88)->needle(62)->svg(),
                $of()->bight(114)->bight(88)->bight(62)->bight(36)->svg(),
            ];
        }
        $high = $stitch === Stitch::Slip ? 0 : 14;
        $worked = fn(self $one, int ...$at): self => array_reduce(
            $at,
            fn(self $so, int $x): self => $high > 0
                ? $so->strand('M'.($x - 6)." 46L{$x} 60L".($x + 6).' 46')->strand('M'.($x - 13).' 44h26')
                : $so->strand('M'.($x - 13)." 58Q{$x} 66 ".($x + 13).' 58'),
            $one,
        );

        return [
            $worked($of(), 118)->shaft(88, 66, 0.4)->loop(96, 40, 106, 58 - $high)->arrow('M68 26Q70 44 84 58')->svg(),
            $worked($of(), 118)->shaft(82, 40, 0.5)->loop(88, 28, 88, 60)->loop(95, 16, 106, 58 - $high)
                ->over(82, 40)->svg(),
            $worked($of(), 118, 92, 66)->held(50, 58 - $high)->svg(),
        ];
    }

    /** The colour of what has just been made. */
    private static function made(): string
    {
        return Ink::mix(Ink::WARM, self::STRAND, 0.42);
    }

    private static function high(Stitch $stitch): int
    {
        return (int) (self::ROW * $stitch->relativeHeight());
    }

    /** The row below. */
    private function row(?Stitch $of = null): self
    {
        $of = $of === null || Motif::plain($of) === null ? Motif::single() : Motif::plain($of);

        return $this->patch($of, 5, 0, self::HIGH + 4, self::HIGH + 4 - self::EDGE);
    }

    private function patch(Motif $of, int $many, int $x, int $foot, float $high, string $colour = self::STRAND): self
    {
        $this->drawn .= "<g transform=\"translate({$x} {$foot})\">".Fabric::rows(
            $of,
            $many,
            1,
            self::STITCH,
            $high,
            self::THICK,
            $colour,
        ).'</g>';

        return $this;
    }

    /** What was worked before, on the right. */
    private function stands(Stitch $stitch): self
    {
        $motif = Motif::plain($stitch) ?? Motif::single();
        if ($stitch === Stitch::Slip) {
            return $this->strand('M76 90Q90 98 106 90')->strand('M106 90Q120 98 136 90');
        }

        return $this->patch($motif, 3, self::NEXT + 15, self::EDGE, self::high($stitch));
    }

    /** The stitch as it stands then, in the colour of what is meant, with the loop on the hook. */
    private function stood(Stitch $stitch, string $colour = self::STRAND): self
    {
        $motif = Motif::plain($stitch) ?? Motif::single();
        $high = self::high($stitch);
        if ($stitch === Stitch::Slip) {
            return $this->strand('M46 90Q60 98 76 90', Ink::WARM)->held(self::NEXT - 28, self::EDGE - 2);
        }
        $this->patch($motif, 1, self::NEXT - 15, self::EDGE, $high, $colour === self::STRAND
            ? self::made()
            : self::STRAND);

        return $this->held(self::NEXT - 28, self::EDGE - $high, colour: $colour);
    }

    /** The hook in the next stitch, its loop and its yarn overs on it. */
    private function into(Stitch $stitch, int $wraps, int $x = self::NEXT, bool $behind = false): self
    {
        $top = self::EDGE - self::high($stitch);
        $lean = (self::NEXT + 12 - $x) / max(12, self::EDGE - $top);
        $at = fn(float $y): int => (int) ($x + $lean * (self::EDGE - $y));
        if ($behind) {
            // The back loop alone is taken.
            $this->strand('M'.($x - 16).' '.(self::EDGE - 1)."Q{$x} ".(self::EDGE - 7).' '.($x + 16).' '
                .(self::EDGE - 1), Ink::WARM, 5);
        }
        $this->shaft($x, self::EDGE + 5, $lean);
        $last = min($top, self::EDGE - 22) - 2;
        for ($nth = $wraps; $nth > 0; $nth--) {
            $this->wrap($at($last + 10 * $nth), $last + 10 * $nth);
        }
        if ($behind) {
            $this->strand('M'.($x - 16).' '.(self::EDGE + 3)."Q{$x} ".(self::EDGE + 9).' '.($x + 16).' '
                .(self::EDGE + 3), self::STRAND, 5);
        }

        return $this->loop($at($last), $last, self::NEXT + 16, $top)
            ->arrow('M'.($x - 34).' '.(self::EDGE - 44).'Q'.($x - 32).' '.(self::EDGE - 14).' '.($x - 9).' '
                .(self::EDGE - 1));
    }

    /** Around the post of the stitch below, from the front or from behind. */
    private function around(bool $isFront): self
    {
        [$y, $x] = [self::EDGE + 12, self::NEXT];
        // What passes behind the post is covered by it once more.
        [$foot, $top] = [self::HIGH + 2, self::EDGE + 2];
        $post = fn(int $at): string => 'M'.($at - 4)." {$foot}V{$top}M".($at + 4)." {$foot}V{$top}";
        $this->drawn .= self::rod('M'.($x - 22)." {$y}L".($x + 16)." {$y}Q".($x + 26)." {$y} ".($x + 34).' '.($y - 12)
            .'L'.($x + 58).' '.($y - 60));

        foreach ($isFront ? [$x] : [$x - self::STITCH, $x + self::STITCH] as $before) {
            $this->strand($post($before), self::STRAND, 5);
        }

        return $this->arrow("M34 70Q28 92 38 {$y}");
    }

    /** Loops drawn up, and the strand that comes through next. */
    private function drawnUp(
        Stitch $stitch,
        int $wraps,
        int $x = self::NEXT,
        bool $taking = true,
        bool $both = false,
        string $colour = Ink::WARM,
    ): self {
        $top = self::EDGE - self::high($stitch);
        [$low, $lean] = [max(52, min($top, self::EDGE - 22) + 8), 0.42];
        $this->shaft($x - 4, $low, $lean);
        $at = fn(int $nth): array => [(int) ($x - 4 + $lean * (8 + 10 * $nth)), $low - 8 - 10 * $nth];
        [$loopX, $loopY] = $at(0);
        $this->strand("M{$x} ".self::EDGE.'L'.($loopX - 6)." {$loopY}M{$x} ".self::EDGE.'L'.($loopX + 6)." {$loopY}")
            ->wrap($loopX, $loopY);
        if ($both) {
            [$a, $b] = $at(1);
            $this->strand('M'.(self::NEXT).' '.self::EDGE."L{$a} {$b}")->wrap($a, $b);
        } else {
            for ($nth = 1; $nth <= $wraps; $nth++) {
                $this->wrap(...$at($nth));
            }
        }
        [$a, $b] = $at($wraps + 1);
        $this->loop($a, $b, self::NEXT + 16, $top);

        return $taking ? $this->over($x - 4, $low, $colour) : $this;
    }

    /** One loop on the hook, at the left end of what stands. */
    private function held(int $x, int $y = self::EDGE - 30, bool $taking = false, string $colour = self::STRAND): self
    {
        $this->shaft($x - 2, $y - 2, 0.42)->loop($x + 4, $y - 14, $x + 14, $y, $colour);

        return $taking ? $this->over($x - 2, $y - 2) : $this;
    }

    /** Chains, loop through loop. */
    private function links(int $many): self
    {
        for ($nth = 0; $nth < $many; $nth++) {
            $x = 140 - 26 * $nth;
            $this->strand("M{$x} 62Q".($x - 24).' 48 '.($x - 28)." 62M{$x} 62Q".($x - 24).' 76 '.($x - 28).' 62');
        }

        return $this;
    }

    /** The hook, its head down at a place, leaning so far to the right a pixel up. */
    private function shaft(float $x, float $y, float $lean): self
    {
        $long = $y + 14;
        $n = Canvas::number(...);
        $this->drawn .= self::rod("M{$n($x)} {$n($y)}L{$n($x + $lean * $long)} {$n($y - $long)}")
            .'<path d="M'.$n($x - 6).' '.$n($y - 7).'L'.$n($x - 4).' '.$n($y + 1).'L'.$n($x + 3).' '.$n($y - 5)
            .'" fill="'.self::HOOK.'" stroke="'.Ink::INK.'" stroke-width="1.4" stroke-linejoin="round"/>';

        return $this;
    }

    private static function rod(string $way): string
    {
        return "<g fill=\"none\" stroke-linecap=\"round\"><path d=\"{$way}\" stroke=\"".Ink::INK
            ."\" stroke-width=\"8.6\"/><path d=\"{$way}\" stroke=\"".self::HOOK.'" stroke-width="6"/></g>';
    }

    /** A loop around the hook that comes from what stands. */
    private function loop(int $x, int $y, int $fromX, int $fromY, string $colour = self::STRAND): self
    {
        return $this->strand("M{$fromX} {$fromY}Q".($x + 12).' '.($y + 12).' '.($x + 8).' '.($y + 2), $colour)
            ->wrap($x, $y, $colour);
    }

    private function wrap(int $x, int $y, string $colour = self::STRAND): self
    {
        return $this->strand('M'.($x - 8).' '.($y + 4)."Q{$x} ".($y - 5).' '.($x + 8).' '.($y + 1), $colour, 5);
    }

    /** The strand over the head, from the ball. */
    private function over(int $x, int $y, string $colour = Ink::WARM): self
    {
        return $this->strand('M2 '.($y - 16).'Q'.($x - 22).' '.($y - 18).' '.($x - 8).' '.($y - 5).'Q'.($x - 2).' '
            .($y + 2).' '.($x + 9).' '.($y - 4), $colour, 5);
    }

    /** A stitch from a place to a top. */
    private function leg(int $foot, int $top, bool $isNew = false): self
    {
        $colour = $isNew ? self::made() : self::STRAND;
        $y = self::EDGE - self::ROW + 3;

        return $this->strand('M'.($top - 7)." {$y}L{$foot} ".(self::EDGE + 2).'L'.($top + 7)." {$y}", $colour)
            ->strand('M'.($top - 12).' '.($y - 3)."Q{$top} ".($y + 3).' '.($top + 12).' '.($y - 3), $colour);
    }

    /** Two edges, the farther a little higher. */
    private function edges(): self
    {
        $far = Ink::mix(self::STRAND, Ink::INK, 0.12);
        $this->patch(Motif::single(), 5, 0, 84, 26, $far);

        return $this->patch(Motif::single(), 5, 0, 116, 26)->patch(Motif::single(), 5, 0, 92, 26);
    }

    private function needle(int $x): self
    {
        $this->drawn .= '<path d="M'.($x - 10).' 92L'.($x + 22).' 22" stroke="'.Ink::INK
            .'" stroke-width="4.4" stroke-linecap="round"/><path d="M'.($x - 10).' 92L'.($x + 22).' 22" stroke="'
            .self::HOOK.'" stroke-width="2.4" stroke-linecap="round"/>';

        return $this->strand('M'.($x + 21).' 24Q'.($x + 44).' 14 '.($x + 34).' 46', self::NEW, 4);
    }

    /** One bight of the needle's strand over both edges. */
    private function bight(int $x): self
    {
        return $this->strand('M'.($x - 6).' 84L'.($x + 8).' 52', self::NEW, 5);
    }

    private function strand(string $way, string $colour = self::STRAND, float $thick = 6): self
    {
        $this->drawn .= Canvas::strand($way, $colour, $thick);

        return $this;
    }

    /** The way that the hook takes. */
    private function arrow(string $way): self
    {
        preg_match('/([\d.-]+) ([\d.-]+) ([\d.-]+) ([\d.-]+)$/', $way, $end);
        [$fromX, $fromY, $x, $y] = array_map(floatval(...), array_slice($end, 1) + [0, 0, 0, 1]);
        $turned = Canvas::number(rad2deg(atan2($y - $fromY, $x - $fromX)));
        $this->drawn .= "<path d=\"{$way}\" fill=\"none\" stroke=\"".Ink::WARM.'" stroke-width="2.6"/>'
            ."<path d=\"M0 0L-9 -4.5V4.5z\" transform=\"translate({$x} {$y}) rotate({$turned})\" fill=\""
            .Ink::WARM.'"/>';

        return $this;
    }

    /** @param ?Stitch $of that is worked to the right */
    private function svg(?Stitch $of = null): string
    {
        $drawn = $of === Stitch::Crab
            ? '<g transform="translate('.self::WIDE.' 0) scale(-1 1)">'.$this->drawn.'</g>'
            : $this->drawn;

        return '<svg class="step-picture" viewBox="0 0 '.self::WIDE.' '.self::HIGH.'" width="'.self::WIDE.'" height="'
            .self::HIGH.'" aria-hidden="true">'.$drawn.'</svg>';
    }
}
