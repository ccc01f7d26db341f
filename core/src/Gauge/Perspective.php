<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Statistics\LinearModel;

/**
 * A flat table seen in a picture, undone by a card of known size lying on it: the projective map that takes the card's
 * four corners to its true ones (Hartley and Zisserman, the direct linear transformation with four points).
 */
final readonly class Perspective
{
    /** ISO/IEC 7810 ID-1, mm. */
    public const CARD_LONG = 85.60;

    public const CARD_SHORT = 53.98;

    /** A card this small in the picture, in pixels along its shorter side, measures nothing. */
    private const LEAST = 24.0;

    /**
     * @param list<float> $map the eight coefficients, of places in the picture from the card's middle in pieces of a
     *         scale
     * @param array{float, float} $middle of the card, pixels
     * @param float $scale pixels
     */
    private function __construct(private array $map, private array $middle, private float $scale) {}

    /**
     * @param list<array{float, float}> $corners of the card in pixels, going round from its upper left
     * @param bool $upright whether the card stands on its short side in the picture
     *
     * @throws NotUnderstood where the corners cross, or lie too near each other
     */
    public static function ofCard(array $corners, bool $upright = false): self
    {
        if (count($corners) !== 4) {
            throw new NotUnderstood(new Saying('Mark the card’s four corners.'));
        }
        self::mustGoRound($corners);
        [$wide, $high] = self::card($upright);
        $true = [[0.0, 0.0], [$wide, 0.0], [$wide, $high], [0.0, $high]];
        // Told from the card's middle, which surely lies on the table, and in figures near one, so that no row
        // outweighs another.
        $middle = [array_sum(array_column($corners, 0)) / 4, array_sum(array_column($corners, 1)) / 4];
        $scale = max(
            array_map(fn(array $corner): float => hypot($corner[0] - $middle[0], $corner[1] - $middle[1]), $corners),
        );
        $rows = $values = [];
        foreach ($corners as $place => [$px, $py]) {
            [$u, $v] = [($px - $middle[0]) / $scale, ($py - $middle[1]) / $scale];
            [$x, $y] = $true[$place];
            $rows[] = [$u, $v, 1.0, 0.0, 0.0, 0.0, -$u * $x, -$v * $x];
            $rows[] = [0.0, 0.0, 0.0, $u, $v, 1.0, -$u * $y, -$v * $y];
            array_push($values, $x, $y);
        }
        try {
            $map = LinearModel::prior(
                array_fill(0, 8, 0.0),
                array_fill(0, 8, INF),
            )->observing($rows, $values, array_fill(0, 8, 1.0))->mean();
        } catch (\DomainException) {
            throw new NotUnderstood(new Saying('The card’s corners lie in a line; mark them again.'));
        }

        return new self($map, $middle, $scale);
    }

    /** @return array{float, float} its sides as it lies, mm */
    public static function card(bool $upright): array
    {
        return $upright ? [self::CARD_SHORT, self::CARD_LONG] : [self::CARD_LONG, self::CARD_SHORT];
    }

    /**
     * The map the other way, from millimetres on the table to pixels, up to its length.
     *
     * @return array{list<float>, list<float>, list<float>} its columns
     */
    public function seen(): array
    {
        [$a, $b, $c, $d, $e, $f, $g, $h] = $this->map;
        $columns = [
            [$e - $f * $h, $f * $g - $d, $d * $h - $e * $g],
            [$c * $h - $b, $a - $c * $g, $b * $g - $a * $h],
            [$b * $f - $c * $e, $c * $d - $a * $f, $a * $e - $b * $d],
        ];

        return array_map(
            fn(array $column): array => [
                $this->scale * $column[0] + $this->middle[0] * $column[2],
                $this->scale * $column[1] + $this->middle[1] * $column[2],
                $column[2],
            ],
            $columns,
        );
    }

    /**
     * Where a pixel lies on the table, mm from the card's first corner.
     *
     * @return array{float, float}
     *
     * @throws NotUnderstood where it lies beyond the horizon
     */
    public function onTable(float $px, float $py): array
    {
        [$a, $b, $c, $d, $e, $f, $g, $h] = $this->map;
        [$u, $v] = [($px - $this->middle[0]) / $this->scale, ($py - $this->middle[1]) / $this->scale];
        $depth = $g * $u + $h * $v + 1;
        if ($depth < 1e-6) {
            throw new NotUnderstood(
                new Saying('A mark lies beyond where the table ends in the picture; check the card’s corners.'),
            );
        }

        return [($a * $u + $b * $v + $c) / $depth, ($d * $u + $e * $v + $f) / $depth];
    }

    /**
     * @param array{float, float} $one pixels
     * @param array{float, float} $other
     *
     * @throws NotUnderstood
     */
    public function between(array $one, array $other): float
    {
        [$x1, $y1] = $this->onTable(...$one);
        [$x2, $y2] = $this->onTable(...$other);

        return hypot($x2 - $x1, $y2 - $y1);
    }

    /** @param list<array{float, float}> $corners @throws NotUnderstood */
    private static function mustGoRound(array $corners): void
    {
        $turns = [];
        foreach (array_keys($corners) as $place) {
            [$x0, $y0] = $corners[$place];
            [$x1, $y1] = $corners[($place + 1) % 4];
            [$x2, $y2] = $corners[($place + 2) % 4];
            if (hypot($x1 - $x0, $y1 - $y0) < self::LEAST) {
                throw new NotUnderstood(
                    new Saying(
                        'Two of the card’s corners lie on each other, or the card is too small in the picture; go '
                            .'nearer.',
                    ),
                );
            }
            $turns[] = ($x1 - $x0) * ($y2 - $y1) - ($y1 - $y0) * ($x2 - $x1) > 0;
        }
        if (count(array_unique($turns)) > 1) {
            throw new NotUnderstood(new Saying(
                'The card’s corners cross: mark them going round, from its upper left.',
            ));
        }
        if (! $turns[0]) {
            throw new NotUnderstood(
                new Saying(
                    'The card’s corners go round the wrong way: upper left, upper right, lower right, lower left.',
                ),
            );
        }
    }
}
