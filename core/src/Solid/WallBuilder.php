<?php

declare(strict_types=1);

namespace Fescue\Core\Solid;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Piece\Made;
use Fescue\Core\Shape\Span;
use Fescue\Core\Shape\Stand;

/** The wall of a bag of one piece, what a hand goes through in it, and what it stands on. */
final class WallBuilder
{
    /** Points once around, beside those where it turns: at corners, and so often along a bow, radians; for a sketch. */
    private const AROUND = [24, 6];

    private const BOW = [M_PI / 24, M_PI / 8];

    /** Shares nearer than that are one. */
    private const NEAR = 1e-3;

    /** Levels of a wall that does not rise straight. */
    private const LEVELS = 10;

    /** One level above another in the same place, mm. */
    private const STEP = 1e-4;

    /** Points along an arch; for a sketch. */
    private const ALONG = [24, 14];

    /** @var list<array{Row, int, float, float}> that stand, each with its strand, where it begins and how high it is */
    private readonly array $rows;

    /** @var ?array{Row, int, float, float} that hands go through */
    private readonly ?array $slot;

    /** Half of what a hand goes through, as a share of what goes around there. */
    private readonly float $half;

    /** @var list<float> shares of what goes around, at which points stand */
    private readonly array $shares;

    /** @var ?list<array{float, float}> points of the foot; null of a wall that bends */
    private readonly ?array $foot;

    /**
     * @param list<int> $strands of the rows of all parts
     */
    private function __construct(
        private readonly Standing $standing,
        private readonly Made $first,
        private readonly Gauge $gauge,
        private readonly array $strands,
        private readonly bool $rough,
        private readonly ?Carried $carried,
    ) {
        $this->rows = array_map(
            fn(array $one): array => [$one[0], $strands[$one[1]] ?? 0, $one[2], $one[3]],
            $standing->rows,
        );
        $slots = array_filter($this->rows, fn(array $one): bool => $one[0]->opening() !== null);
        $this->slot = array_values($slots)[0] ?? null;
        $shares = $standing->rim($standing->height / 2)->bows(self::BOW[(int) $rough]);
        $around = self::AROUND[(int) $rough];
        for ($nth = 0; $nth < $around; $nth++) {
            $shares[] = $nth / $around;
        }
        $half = 0.0;
        if ($this->slot !== null) {
            [$row, , $foot] = $this->slot;
            $half = ($row->opening()[1] ?? 0) * $gauge->widthOf($row->fabric)->mm / 2
                / max(1.0, $standing->rim($foot)->around());
            // These stand where they do, and others near them give way.
            $gaps = [$half, 1 - $half, 0.5 - $half, 0.5 + $half];
            $shares = [...$gaps, ...array_filter($shares, fn(float $one): bool => min(array_map(
                fn(float $gap): float => abs($gap - $one),
                $gaps,
            )) > self::NEAR)];
        }
        $this->half = $half;
        $this->shares = self::apart($shares, self::NEAR);
        $this->foot = $standing->bends() ? null : array_map($standing->rim(0.0)->at(...), $this->shares);
    }

    /**
     * @param Made $first what the others stand on
     * @param list<int> $strands of the rows of all parts
     * @param bool $rough of few points, for a sketch
     *
     * @return list<Skin>
     */
    public static function around(
        Standing $standing,
        Made $first,
        Gauge $gauge,
        array $strands,
        bool $rough,
        ?Carried $carried,
    ): array {
        $builder = new self($standing, $first, $gauge, $strands, $rough, $carried);
        $base = $builder->base();

        return [$builder->wall(), ...$builder->slots(), ...($base === null ? [] : [$base])];
    }

    private function wall(): Skin
    {
        $ups = $this->ups();
        $strands = $holes = [];
        foreach (array_slice($ups, 0, -1) as $nth => $up) {
            $middle = ($up + $ups[$nth + 1]) / 2;
            $strands[] = $this->strand($middle);
            // Rows above the opening go over its arch.
            foreach ($this->slot !== null && $middle > $this->slot[2] ? $this->shares : [] as $at => $share) {
                $to = ($share + ($this->shares[$at + 1] ?? 1.0)) / 2;
                if ($to < $this->half || $to > 1 - $this->half || abs($to - 0.5) < $this->half) {
                    $holes["{$nth} {$at}"] = true;
                }
            }
        }
        $between = [];
        foreach (array_slice($this->rows, 1) as [, , $foot]) {
            $line = $this->ring($foot);
            $isCut = $this->slot !== null && $foot > $this->slot[2] + self::STEP;
            array_push($between, ...($isCut ? $this->beside($line) : [[...$line, ...array_slice($line, 0, 1)]]));
        }

        return new Skin(SkinOf::Wall, array_map($this->ring(...), $ups), $strands, true, $between, $holes);
    }

    /** @return list<float> mm above the foot, at which the wall changes */
    private function ups(): array
    {
        $ups = [0.0, $this->standing->height];
        $up = 0.0;
        foreach (array_slice($this->standing->levels, 0, -1) as $nth => [, $top, $high]) {
            $ups[] = $up += $high;
            // The next may begin wider or narrower than this one ends.
            if (abs($this->standing->levels[$nth + 1][0] - $top) > 1.0) {
                $ups[] = $up + self::STEP;
            }
        }
        $begun = null;
        foreach ($this->rows as [, $strand, $foot]) {
            if ($strand !== $begun) {
                $ups[] = $foot;
            }
            $begun = $strand;
        }
        if ($this->slot !== null) {
            $ups[] = $this->slot[2];
        }
        for ($nth = 1; $this->standing->bends() && $nth < self::LEVELS; $nth++) {
            $ups[] = $this->standing->height * $nth / self::LEVELS;
        }

        return self::apart($ups);
    }

    /** Of the row that stands so many mm above the foot. */
    private function strand(float $up): int
    {
        $strand = 0;
        foreach ($this->rows as [, $of, $foot]) {
            $strand = $foot <= $up ? $of : $strand;
        }

        return $strand;
    }

    /** @return list<array{float, float, float}> */
    private function ring(float $up): array
    {
        // Of a wall that does not bend every ring is like its foot.
        $foot = $this->foot ?? $this->standing->rim($up);
        $times = $this->foot === null ? 1.0 : $this->standing->around($up) / max(1e-9, $this->standing->around(0.0));
        $ring = [];
        foreach ($this->shares as $nth => $share) {
            [$x, $z] = $foot instanceof Rim ? $foot->at($share) : $foot[$nth];
            $ring[] = [$x * $times, $up, $z * $times];
        }

        return $ring;
    }

    /**
     * A line around, without both openings.
     *
     * @param list<array{float, float, float}> $line
     *
     * @return list<list<array{float, float, float}>>
     */
    private function beside(array $line): array
    {
        $sides = [[], []];
        foreach ($line as $nth => $at) {
            $share = $this->shares[$nth];
            if ($share >= $this->half - 1e-9 && $share <= 0.5 - $this->half + 1e-9) {
                $sides[0][] = $at;
            } elseif ($share >= 0.5 + $this->half - 1e-9 && $share <= 1 - $this->half + 1e-9) {
                $sides[1][] = $at;
            }
        }

        return $sides;
    }

    /** @return list<Skin> an arch over what a hand goes through, with the rows that go over it, front and back */
    private function slots(): array
    {
        if ($this->slot === null) {
            return [];
        }
        [$row, $strand, $foot] = $this->slot;
        [$chain, $over] = $row->opening() ?? [1, 1];
        $stitch = $this->gauge->widthOf($row->fabric)->mm;
        $rim = $this->standing->rim($foot);
        $span = Builder::span($over * $stitch, $chain * $stitch, $this->carried);
        $thick = 0.0;
        foreach ($this->rows as [, , $begins, $high]) {
            $thick += $begins >= $foot - self::STEP ? $high : 0.0;
        }
        $skins = [];
        foreach ([0.0, 0.5] as $middle) {
            $lines = [];
            foreach ([0.0, $thick] as $out) {
                $line = [];
                foreach (self::along($span, $over * $stitch / 2, $this->rough) as $one) {
                    [$aside, $up] = [sin(deg2rad($one->degrees)) * $out, cos(deg2rad($one->degrees)) * $out];
                    [$x, $z] = $rim->at($middle + ($one->x + $aside) / max(1.0, $rim->around()));
                    $line[] = [$x, $foot - $one->y + $up, $z];
                }
                $lines[] = $line;
            }
            $skins[] = new Skin(SkinOf::Handle, $lines, [$strand], false, $lines);
        }

        return $skins;
    }

    /** @return list<Stand> from foot to foot, which are so far from its middle */
    public static function along(Span $span, float $reach, bool $rough): array
    {
        $many = self::ALONG[(int) $rough];

        return [new Stand(-$reach, 0, -90), ...$span->along($many), new Stand($reach, 0, 90)];
    }

    /** Round by round from the middle to the wall; null of what stands on nothing. */
    private function base(): ?Skin
    {
        // Of what hangs the frames are the opening.
        if ($this->first->outline === null || $this->first->hangs) {
            return null;
        }
        $rings = $this->standing->rings();
        $lines = $rings === []
            // A fold, to its middle.
            ? [$this->lying(null), $this->lying($this->standing->rim(0.0))]
            : array_map($this->lying(...), $rings);
        $rounds = count($this->standing->lying());
        $strands = array_map(
            fn(int $nth): int => $this->strands[min($rounds, $nth)] ?? 0,
            array_keys(array_slice($lines, 1)),
        );

        return new Skin(SkinOf::Base, $lines, $strands, true, array_map(
            fn(array $line): array => [...$line, ...array_slice($line, 0, 1)],
            array_slice($lines, 1, -1),
        ));
    }

    /** @return list<array{float, float, float}> on the floor; of no rim all in the middle */
    private function lying(?Rim $rim): array
    {
        return array_map(function (float $share) use ($rim): array {
            [$x, $z] = $rim?->at($share) ?? [0.0, 0.0];

            return [$x, 0.0, $z];
        }, $this->shares);
    }

    /**
     * In order, each once.
     *
     * @param list<float> $values
     *
     * @return list<float>
     */
    private static function apart(array $values, float $near = 1e-6): array
    {
        sort($values);
        $apart = [];
        foreach ($values as $one) {
            if ($apart === [] || $one - $apart[count($apart) - 1] > $near) {
                $apart[] = $one;
            }
        }

        return $apart;
    }
}
