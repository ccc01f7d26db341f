<?php

declare(strict_types=1);

namespace Fescue\Core\Base;

use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Start;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\MadeByChoices;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Shape\Circle;
use Fescue\Core\Shape\Flatness;
use Fescue\Core\Shape\Polygon;
use Fescue\Core\Shape\Polyline;

/**
 * A base of six sides from one chain: 6g stitches in it, and g more at each corner in every round, one above the other;
 * 12·tan 30°·h/w more in all would lie flat (geometry). Two flat sides are front and back. Common practice, no source.
 */
final readonly class Hexagon extends MadeByChoices
{
    private const SIDES = 6;

    /** Place of the corner at the right, from the upper left one. */
    private const RIGHT = 4;

    private const MOST_ADDED = 3;

    private const MOST_ROUNDS = 60;

    public static function key(): string
    {
        return 'hexagon';
    }

    public static function called(): array
    {
        return ['Six sides', 'from the middle'];
    }

    public function settings(?Ground $ground = null): array
    {
        $motif = $this->motif('stitch');

        return [
            Choice::plain('stitch', 'Stitch of the base', $motif->key, asked: true),
            new Setting(
                'corner',
                'Stitches added at each corner',
                new Counted('stitch added at each corner', 'stitches added at each corner', '+{n} at a corner'),
                $this->count('corner'),
                new Bounds(1, self::MOST_ADDED),
                Unsaid::settled(),
            ),
            Rounds::setting($this->count('rounds'), self::MOST_ROUNDS, $ground?->gauge->heightOf($motif)),
        ];
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        $motif = $this->motif('stitch');
        $high = $ground->gauge->heightOf($motif);
        // From corner to corner it is longer than from side to side.
        $across = Rounds::wide(
            $wish,
            1 / cos(M_PI / self::SIDES),
            $this->count('rounds') === null ? $high->times(2) : null,
            'A base of six sides',
        );

        return $this->with([
            'corner' => $this->count('corner') ?? max(1, min(
                self::MOST_ADDED,
                (int) round(self::flat($ground->gauge->flatGrowth($motif)) / self::SIDES),
            )),
            'rounds' => $this->count('rounds') ?? Rounds::across(new Wish(width: $across), $high, self::MOST_ROUNDS),
        ]);
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        [$added, $rounds, $fabric] = [$this->given('corner'), $this->given('rounds'), $this->motif('stitch')];
        $high = $ground->gauge->heightOf($fabric)->mm;
        $stitch = $fabric->post();
        $flat = self::flat($ground->gauge->flatGrowth($fabric));
        $around = self::SIDES * $added;
        // Of a side: the stitch that stands on the corner, and where in the row the corner is.
        [$corner, $middle] = [$added - 1, $added - 0.5];
        $rows = [
            new Row(
                Part::Base,
                $fabric,
                $ground->school->close([new Several($stitch, $around, into: Into::FirstChain)]),
                [new Edge(EdgeKind::Chain, 1)],
                false,
                self::ring($high / 2, $middle / $added),
            ),
        ];
        $flatness = [];
        for ($number = 2; $number <= $rounds; $number++) {
            $below = $added * ($number - 1);
            $middle = $corner + ($added + 1) / 2;
            $rows[] = new Row(
                Part::Base,
                $fabric,
                $ground->school->flat()->around([new Repeat(Several::inRuns($stitch, [
                    ...array_fill(0, $corner, 1), $added + 1, ...array_fill(0, $below - 1 - $corner, 1),
                ]), self::SIDES)], $stitch),
                [Edge::tops(self::SIDES * $below, $fabric)],
                false,
                self::ring(($number - 0.5) * $high, $middle / ($below + $added)),
            );
            // The middle one of those there; of an even number one side of it and the other in turn.
            $corner += intdiv($added + ($number % 2), 2);
            $around += self::SIDES * $added;
            $flatness[] = new Flatness(
                self::SIDES * $added,
                $flat,
                $number * (self::SIDES * $added - $flat),
            );
        }
        $side = $added * $rounds;

        return new Made(
            $rows,
            Edge::around($around, fmod($middle + 1.5 * $side, $around), $fabric, array_map(
                fn(int $nth): float => $corner + 0.5 + $nth * $side,
                range(0, self::SIDES - 1),
            )),
            new Start(1, $stitch->startingChains(), new Circle(0.0)),
            Polygon::regular(self::SIDES, $rounds * $high),
            LieOfRounds::remarks($flatness),
        );
    }

    /** What lies flat of as many sides, beside what does of a circle. */
    private static function flat(float $round): float
    {
        return $round * self::SIDES * tan(M_PI / self::SIDES) / M_PI;
    }

    /** Round the middle of a round's height, begun such a share of a side before the corner at the right, a fold. */
    private static function ring(float $apothem, float $share): Polyline
    {
        $corners = Polygon::regular(self::SIDES, $apothem)->corners;

        return (new Polyline([...$corners, $corners[0]]))->from((self::RIGHT - $share) / self::SIDES);
    }
}
