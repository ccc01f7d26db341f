<?php

declare(strict_types=1);

namespace Fescue\Core\Base;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Turn;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Pattern\Start;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Fewer;
use Fescue\Core\Piece\Serves;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Side;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Shape\Polyline;
use Fescue\Core\Shape\Rectangle;

/** A strip of rows to and fro on a chain, lying flat. Its last row ends at the right, where the next begins. */
final readonly class ToAndFro
{
    public const MOST_ACROSS = 400;

    private const FEWEST_ACROSS = 2;

    private float $wide;

    private float $high;

    public function __construct(private Motif $motif, private int $across, private int $rows, Gauge $gauge)
    {
        $this->wide = $across * $gauge->widthOf($motif)->mm;
        $this->high = $gauge->heightOf($motif)->mm;
    }

    public function outline(): Rectangle
    {
        return new Rectangle($this->wide, $this->rows * $this->high);
    }

    public function start(): Start
    {
        return new Start(
            $this->across,
            $this->motif->post()->startingChains(),
            $this->way($this->rows * $this->high / 2, true),
        );
    }

    /** @return list<Row> */
    public function rows(): array
    {
        $stitch = $this->motif->post();
        $rows = [];
        for ($row = 0; $row < $this->rows; $row++) {
            $rows[] = new Row(
                Part::Base,
                $this->motif,
                $row === 0 ? [
                    new Each($stitch, 1, into: Into::FirstChain),
                    new Each($stitch, $this->across - 1, into: Into::NextChain),
                ] : [new Turn($stitch->startingChains()), new Each($stitch, $this->across)],
                [$row === 0 ? new Edge(EdgeKind::Chain, $this->across) : Edge::tops($this->across, $this->motif)],
                false,
                // Those before the last went to and fro to there.
                $this->way(($this->rows / 2 - $row - 0.5) * $this->high, ($this->rows - $row) % 2 === 1),
                kind: RowKind::Row,
            );
        }

        return $rows;
    }

    private function way(float $y, bool $right): Polyline
    {
        $half = $this->wide / 2;

        return new Polyline($right ? [[-$half, $y], [$half, $y]] : [[$half, $y], [-$half, $y]], 0.0);
    }

    /** @param ?Length $wide of a stitch; null where no gauge is known */
    public static function across(?int $chains, ?Length $wide): Setting
    {
        return new Setting(
            'across',
            'Chains to work into',
            new Counted('starting chain', short: '{n} across'),
            $chains,
            new Bounds(self::FEWEST_ACROSS, self::MOST_ACROSS),
            Unsaid::settled(),
            new Serves(Side::Length, $wide),
            new Fewer('Start with {n} chains, not {was}'),
        );
    }

    /** Stitches that a round picks up along row ends; left open as the gauge has it. */
    public static function along(?int $stitches): Setting
    {
        return new Setting(
            'along',
            'Stitches along the row ends',
            new Counted('stitch along the row ends', 'stitches along the row ends'),
            $stitches,
            new Bounds(1, self::MOST_ACROSS),
            Unsaid::open(),
        );
    }

    /** @return list<int> of so many stitches along so many row ends how many each takes, spread evenly */
    public static function ends(int $stitches, int $ends): array
    {
        $by = fn(int $end): int => (int) round($end * $stitches / $ends);

        return array_map(fn(int $end): int => $by($end) - $by($end - 1), range(1, $ends));
    }

    /** The chains that come nearest to a length. @throws Unmakeable */
    public static function chains(?Length $length, Length $wide): int
    {
        return self::fitting($length, 'length', self::FEWEST_ACROSS, self::MOST_ACROSS, $wide, 'chains');
    }

    /** How many of a step come nearest to a side. @throws Unmakeable */
    public static function fitting(
        ?Length $side,
        string $called,
        int $least,
        int $most,
        Length $step,
        string $what,
    ): int {
        $side ??= throw new Unmakeable("/size/{$called}", new Saying(
            'Give a measure ({called}), or how many there are: {what}.',
            ['called' => new Saying($called), 'what' => new Saying($what)],
        ));
        $fit = (int) round($side->mm / $step->mm);
        if ($fit < $least) {
            throw new Unmakeable(
                "/size/{$called}",
                new Saying(
                    'The fewest ({what}) already measure {least}; ask for at least that, or use thinner material.',
                    ['what' => new Saying($what), 'least' => $step->times($least)],
                ),
            );
        }
        if ($fit > $most) {
            throw new Unmakeable(
                "/size/{$called}",
                new Saying(
                    'That needs too many ({what}), {fit}; Fescue plans up to {most}. Check the measure and the gauge.',
                    ['fit' => $fit, 'what' => new Saying($what), 'most' => $most],
                ),
            );
        }

        return $fit;
    }
}
