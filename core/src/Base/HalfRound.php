<?php

declare(strict_types=1);

namespace Fescue\Core\Base;

use Fescue\Core\Instruction\Along;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Instruction\Turn;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Pattern\Start;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Fewer;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\MadeByChoices;
use Fescue\Core\Piece\Offered;
use Fescue\Core\Piece\Serves;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Side;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Shape\Backward;
use Fescue\Core\Shape\Flatness;
use Fescue\Core\Shape\Path;
use Fescue\Core\Shape\Places;
use Fescue\Core\Shape\Polyline;
use Fescue\Core\Shape\Segment;

/**
 * Half a round, worked to and fro from one chain: s stitches in it, and s more each row; π·h/w would lie flat
 * (geometry). Then a round about it: along the arc, which is the front, and along the row ends, the straight back.
 * Common practice, no source.
 * The round stands: it is the first of the wall.
 */
final readonly class HalfRound extends MadeByChoices
{
    private const FEWEST = 2;

    private const MOST = 12;

    private const MOST_ROWS = 60;

    /** Chords of the arc, where it is walked along. */
    private const ARC = 72;

    public static function key(): string
    {
        return 'half-round';
    }

    public static function called(): array
    {
        return ['Half a round', 'its straight side the back'];
    }

    public function settings(?Ground $ground = null): array
    {
        $motif = $this->motif('stitch');

        return [
            Choice::plain('stitch', 'Stitch of the rows', $motif->key, asked: true),
            new Setting(
                'start',
                'Stitches of the first row',
                new Counted('stitch of the first row', 'stitches of the first row', 'from {n}'),
                $this->count('start'),
                new Bounds(self::FEWEST, self::MOST),
                Unsaid::settled(),
            ),
            new Setting(
                'rows',
                'Rows of base',
                new Counted('base row', short: '{n, plural, one {# row} other {# rows}}'),
                $this->count('rows'),
                new Bounds(1, self::MOST_ROWS),
                Unsaid::settled(),
                new Serves(Side::Width, $ground?->gauge->heightOf($motif)),
                Fewer::rows(),
            ),
            ToAndFro::along($this->count('along')),
            Choice::plain('round', 'Stitch of the round', $this->motif('round')->key),
        ];
    }

    public function height(Ground $ground): Length
    {
        return $ground->gauge->heightOf($this->motif('round'));
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        $motif = $this->motif('stitch');
        $high = $ground->gauge->heightOf($motif);
        $deep = Rounds::wide($wish, 2, $this->count('rows') === null ? $high->times(2) : null, 'Half a round');
        $rows = $this->count('rows') ?? ToAndFro::fitting($deep, 'width', 1, self::MOST_ROWS, $high, 'base rows');

        return $this->with([
            'start' => $this->count('start') ?? max(self::FEWEST, min(
                self::MOST,
                (int) round($ground->gauge->flatGrowth($motif) / 2),
            )),
            'rows' => $rows,
            'along' => $this->count('along')
                ?? Offered::along(2 * $rows, $ground->gauge, $motif, $this->motif('round')),
        ]);
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        [$start, $many, $fabric] = [$this->given('start'), $this->given('rows'), $this->motif('stitch')];
        $high = $ground->gauge->heightOf($fabric)->mm;
        $stitch = $fabric->post();
        $flat = $ground->gauge->flatGrowth($fabric) / 2;
        $rows = $flatness = [];
        for ($number = 1; $number <= $many; $number++) {
            $rows[] = new Row(
                Part::Base,
                $fabric,
                $number === 1 ? [new Several($stitch, $start, into: Into::FirstChain)] : [
                    new Turn($stitch->startingChains()),
                    new Repeat(Several::inRuns($stitch, Rounds::spread($number)), $start),
                ],
                [$number === 1 ? new Edge(EdgeKind::Chain, 1) : Edge::tops($start * ($number - 1), $fabric)],
                false,
                // The last ends at the right, where the round begins.
                self::row(($number - 0.5) * $high, $many * $high / 2, ($many - $number) % 2 === 1),
                kind: RowKind::Row,
            );
            if ($number > 1) {
                $flatness[] = new Flatness($start, $flat, $number * ($start - $flat));
            }
        }
        $tops = $start * $many;
        $rows[] = $round = $this->round($ground, $tops, $many * $high);

        return new Made(
            $rows,
            Edge::around($tops + $this->given('along'), $tops / 2, $round->fabric),
            new Start(1, $stitch->startingChains(), new Polyline([[0.0, $many * $high / 2]], 0.0)),
            new Segment($many * $high),
            LieOfRounds::remarks($flatness),
        );
    }

    private function round(Ground $ground, int $tops, float $radius): Row
    {
        [$many, $along, $motif] = [$this->given('rows'), $this->given('along'), $this->motif('round')];
        $ends = ToAndFro::ends($along, 2 * $many);
        $half = $ground->gauge->heightOf($motif)->mm / 2;
        $back = $radius / 2 + $half;

        return new Row(
            Part::Base,
            $motif,
            $ground->school->close([
                new Turn($motif->post()->startingChains()),
                new Each($motif->post(), $tops),
                new Along(1, EdgeKind::RowEnds->value, Repeat::found(
                    Several::inRuns($motif->post(), $ends, Into::RowEnd),
                )),
            ]),
            [Edge::tops($tops, $this->motif('stitch')), new Edge(EdgeKind::RowEnds, 2 * $many)],
            path: Places::along(self::arc($radius + $half, $radius / 2), $tops)
                ->and(Places::along(new Polyline([[-$radius, $back], [$radius, $back]]), $along)),
        );
    }

    /** Along the arc, from the right or from the left. */
    private static function row(float $radius, float $down, bool $left): Path
    {
        $arc = self::arc($radius, $down);

        return $left ? $arc : new Backward($arc);
    }

    /** From the right over the top to the left, its ends so far below the middle. */
    private static function arc(float $radius, float $down): Polyline
    {
        $points = [[$radius, $down]];
        for ($step = 1; $step <= self::ARC; $step++) {
            $turn = M_PI * $step / self::ARC;
            $points[] = [$radius * cos($turn), $down - $radius * sin($turn)];
        }

        return new Polyline($points);
    }
}
