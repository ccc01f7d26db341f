<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Statistics\LinearModel;

/**
 * Where a picture of a card was taken from: how near the camera was over the table, and how well any camera explains
 * the four corners. Its focal length is not known: each that may be is tried, the pose it makes of the card is the
 * nearest true turn (Zhang 2000, appendix C), moved until it brings the corners back best (Gauss and Newton), and it is
 * believed as far as it does and as phones have it.
 */
final readonly class Camera
{
    /** Focal length over the picture's longer side: 27 mm where that is 36. Phones' main cameras; from memory. */
    private const FOCAL = 0.75;

    /** How far it may be off, as a share; with the long tails of Student's t of two, for what is drawn nearer. */
    private const FOCAL_OFF = 0.15;

    /** Focal lengths tried, from the shortest to the longest over FOCAL. */
    private const TRIED = [0.5, 3.2];

    private const STEPS = 24;

    /** Moves of a pose until it is best. */
    private const MOVES = 6;

    /**
     * @param float $nearness one over the camera's height over the table, per mm
     * @param float $off its deviation, per mm
     * @param float $strain how little all cameras together explain the corners: a logarithm, less its belief
     */
    private function __construct(public float $nearness, public float $off, public float $strain) {}

    /**
     * @param list<array{float, float}> $corners of the card, pixels
     * @param array{float, float} $size of the whole picture, pixels
     * @param float $markPx how far a corner may be off
     *
     * @throws NotUnderstood where the corners are no card's
     */
    public static function of(array $corners, bool $upright, array $size, float $markPx): self
    {
        $seen = Perspective::ofCard($corners, $upright)->seen();
        [$wide, $high] = Perspective::card($upright);
        $card = [[0.0, 0.0], [$wide, 0.0], [$wide, $high], [0.0, $high]];
        [$least, $most] = self::TRIED;
        $tried = [];
        for ($step = 0; $step <= self::STEPS; $step++) {
            $relative = $least * ($most / $least) ** ($step / self::STEPS);
            $focal = self::FOCAL * $relative * max($size);
            [$misses, $best] = [INF, null];
            foreach (self::poses($seen, $focal, $size, [$wide / 2, $high / 2]) as $pose) {
                for ($move = 0; $move < self::MOVES; $move++) {
                    $pose = self::moved($pose, $focal, $size, $card, $corners);
                }
                $missed = self::misses($pose, $focal, $size, $card, $corners);
                [$misses, $best] = $best === null || $missed < $misses ? [$missed, $pose] : [$misses, $best];
            }
            $tried[] = [
                1 / max(1.0, self::height($best)),
                $misses / (2 * $markPx ** 2),
                1.5 * log(1 + (log($relative) / self::FOCAL_OFF) ** 2 / 2),
            ];
        }
        $best = INF;
        foreach ($tried as [, $strain, $odd]) {
            $best = min($best, $strain + $odd);
        }
        $all = $sum = $squares = 0.0;
        foreach ($tried as [$nearness, $strain, $odd]) {
            $belief = exp($best - $strain - $odd);
            $all += $belief;
            $sum += $belief * $nearness;
            $squares += $belief * $nearness ** 2;
        }
        $mean = $sum / $all;

        return new self($mean, sqrt(max(0.0, $squares / $all - $mean ** 2)), $best - log($all / count($tried)));
    }

    /**
     * Turns and places of the card before the camera: the nearest, and its twin, which leans the other way from the
     * line
     * of sight and from afar looks the same.
     *
     * @param array{list<float>, list<float>, list<float>} $seen columns of the map from the card to pixels
     * @param array{float, float} $size
     * @param array{float, float} $about the card's middle, mm
     *
     * @return non-empty-list<array{list<float>, list<float>, list<float>}> where its sides point, and its first corner,
     *         mm
     */
    private static function poses(array $seen, float $focal, array $size, array $about): array
    {
        [$a, $b, $c] = array_map(
            fn(array $column): array => [
                ($column[0] - $size[0] / 2 * $column[2]) / $focal,
                ($column[1] - $size[1] / 2 * $column[2]) / $focal,
                $column[2],
            ],
            $seen,
        );
        // The nearest pair of perpendicular directions of one length: A (AᵀA)^(−1/2), its length the mean stretch.
        [$p, $q, $r] = [self::dot($a, $a), self::dot($a, $b), self::dot($b, $b)];
        $root = sqrt(max(1e-30, $p * $r - $q * $q));
        $trace = sqrt($p + $r + 2 * $root);
        $size = $trace / 2;
        $inverse = 1 / ($root * $trace);
        $along = self::sum($a, ($r + $root) * $inverse, $b, -$q * $inverse);
        $down = self::sum($a, -$q * $inverse, $b, ($p + $root) * $inverse);
        // The card's middle stays where it is seen.
        $middle = self::sum(self::sum($a, $about[0] / $size, $b, $about[1] / $size), 1.0, $c, 1 / $size);
        $away = self::sum($middle, 1 / sqrt(self::dot($middle, $middle)), $middle, 0.0);
        $poses = [];
        foreach ([0.0, -2.0] as $mirrored) {
            [$one, $other] = array_map(
                fn(array $side): array => self::sum($side, 1.0, $away, $mirrored * self::dot($side, $away)),
                [$along, $down],
            );
            $first = self::sum($middle, 1.0, self::sum($one, $about[0], $other, $about[1]), -1.0);
            $poses[] = [$one, $other, $first];
        }

        return $poses;
    }

    /**
     * A pose turned and pushed by what its corners ask for, to first order.
     *
     * @param array{list<float>, list<float>, list<float>} $pose
     * @param array{float, float} $size
     * @param list<array{float, float}> $card
     * @param list<array{float, float}> $corners
     *
     * @return array{list<float>, list<float>, list<float>}
     */
    private static function moved(array $pose, float $focal, array $size, array $card, array $corners): array
    {
        [$along, $down, $first] = $pose;
        $rows = $values = [];
        foreach ($card as $place => [$x, $y]) {
            [$a, $b, $c] = $on = self::sum($along, $x, $down, $y);
            [$right, $below, $away] = self::sum($on, 1.0, $first, 1.0);
            $away = max(1e-6, $away);
            [$u, $v] = [$right / $away, $below / $away];
            // A turn by w moves what lies at p from the first corner by w × p.
            $rows[] = [-$u * $b, $c + $u * $a, -$b, 1.0, 0.0, -$u];
            $rows[] = [-$c - $v * $b, $v * $a, $a, 0.0, 1.0, -$v];
            $values[] = $away * (($corners[$place][0] - $size[0] / 2) / $focal - $u);
            $values[] = $away * (($corners[$place][1] - $size[1] / 2) / $focal - $v);
        }
        $off = array_fill(0, 8, max(1e-6, $first[2]) / $focal);
        $far = max(1.0, $first[2]);
        $step = LinearModel::prior(array_fill(0, 6, 0.0), [1.0, 1.0, 1.0, $far, $far, $far])
            ->observing($rows, $values, $off)->mean();
        [$p, $q, $r] = $step;
        $along = self::sum($along, 1.0, self::across([$p, $q, $r], $along), 1.0);
        $along = self::sum($along, 1 / sqrt(self::dot($along, $along)), $along, 0.0);
        $down = self::sum($down, 1.0, self::across([$p, $q, $r], $down), 1.0);
        $down = self::sum($down, 1.0, $along, -self::dot($along, $down));

        return [
            $along,
            self::sum($down, 1 / sqrt(self::dot($down, $down)), $down, 0.0),
            self::sum($first, 1.0, array_slice($step, 3), 1.0),
        ];
    }

    /**
     * Squares of the pixels by which a pose misses the corners.
     *
     * @param array{list<float>, list<float>, list<float>} $pose
     * @param array{float, float} $size
     * @param list<array{float, float}> $card
     * @param list<array{float, float}> $corners
     */
    private static function misses(array $pose, float $focal, array $size, array $card, array $corners): float
    {
        [$along, $down, $first] = $pose;
        $misses = 0.0;
        foreach ($card as $place => [$x, $y]) {
            [$right, $below, $away] = self::sum(self::sum($along, $x, $down, $y), 1.0, $first, 1.0);
            $away = max(1e-6, $away);
            $misses += ($size[0] / 2 + $focal * $right / $away - $corners[$place][0]) ** 2
                + ($size[1] / 2 + $focal * $below / $away - $corners[$place][1]) ** 2;
        }

        return $misses;
    }

    /**
     * Of the camera over the table, mm.
     *
     * @param array{list<float>, list<float>, list<float>} $pose
     */
    private static function height(array $pose): float
    {
        [$a, $b, $first] = $pose;

        return abs(self::dot(self::across($a, $b), $first));
    }

    /**
     * @param list<float> $one
     * @param list<float> $other
     *
     * @return list<float>
     */
    private static function across(array $one, array $other): array
    {
        return [
            $one[1] * $other[2] - $one[2] * $other[1],
            $one[2] * $other[0] - $one[0] * $other[2],
            $one[0] * $other[1] - $one[1] * $other[0],
        ];
    }

    /**
     * @param list<float> $one
     * @param list<float> $other
     */
    private static function dot(array $one, array $other): float
    {
        return $one[0] * $other[0] + $one[1] * $other[1] + $one[2] * $other[2];
    }

    /**
     * @param list<float> $one
     * @param list<float> $other
     *
     * @return list<float>
     */
    private static function sum(array $one, float $times, array $other, float $by): array
    {
        return array_map(fn(float $x, float $y): float => $times * $x + $by * $y, $one, $other);
    }
}
