<?php

declare(strict_types=1);

namespace Fescue\Core\Panel;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Instruction\Along;
use Fescue\Core\Instruction\Chains;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Loops;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Instruction\Turn;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Piece\Assembly;
use Fescue\Core\Piece\AssemblyStep;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Face;
use Fescue\Core\Piece\Flat;
use Fescue\Core\Piece\Fold;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Hanging;
use Fescue\Core\Piece\Hangs;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\Mark;
use Fescue\Core\Piece\Marked;
use Fescue\Core\Piece\Piece;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Side;
use Fescue\Core\Piece\Sized;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stitch\Stitch;

/**
 * A panel, a net of chain loops, a panel, in one strip that hangs from its side edges: these are picked up, with a
 * chain for a strap between them, in one ring. A loop of the net is a rhombus: as it lies it is as wide as a stitch of
 * the panel. How far it opens under a load is a guess that a tape corrects. Common practice, no source.
 */
final readonly class Net extends OfPieces implements Hangs
{
    private const PANEL_ROWS = 6;

    private const CHAINS = 5;

    /** More than this stretches too far. Common practice, no source. */
    private const MOST_ROWS = 35;

    private const STRAP = 70;

    private const ROUNDS = 5;

    private const SLIPPED = 4;

    public static function key(): string
    {
        return 'net';
    }

    public static function called(): array
    {
        return ['Net', 'panel, net, panel, hung from a ring'];
    }

    public function settings(?Ground $ground = null): array
    {
        $row = $ground === null ? null : $this->rowHigh($ground->gauge)->times(0.5);
        $count
            = fn(string $name, string $label, string $unit, string $plural, int $else, int $least, int $most): Setting
            => new Setting(
                $name,
                $label,
                new Counted($unit, $plural),
                $this->given($name, $else),
                new Bounds(max(0, $least), $most),
                Unsaid::is($else),
            );

        return [
            Choice::plain('stitch', 'Stitch of the panels', $this->fabric()->key),
            $this->across('Stitches and loops across', '{n} loops', $ground?->gauge->widthOf($this->fabric())),
            $count('panel_rows', 'Rows of a panel', 'row of a panel', 'rows of a panel', self::PANEL_ROWS, 1, 60),
            $count('chains', 'Chains of a loop', 'chain of a loop', 'chains of a loop', self::CHAINS, 2, 20),
            $this->rows('net', 'Rows of net', 'row of net', 'rows of net', Side::Height, $row, '{n} rows of net', 2),
            new Sized(
                'net_row',
                'A row of net measures, by tape',
                'The height of a row of net',
                $this->length('net_row'),
                Length::mm(3),
                Length::mm(300),
            ),
            $this->rows(
                'side',
                'Stitches picked up along a side',
                'stitch along a side',
                'stitches along a side',
                null,
                null,
            ),
            $count('strap', 'Chains of a strap', 'chain of a strap', 'chains of a strap', self::STRAP, 1, self::MOST),
            $count('rounds', 'Rounds of the ring', 'round of the ring', 'rounds of the ring', self::ROUNDS, 1, 40),
            $count('slipped', 'Of these in slip stitch', 'slipped round', 'slipped rounds', self::SLIPPED, 0, 40),
        ];
    }

    /** A side of the rhombus, half a loop. */
    private function arm(Gauge $gauge): float
    {
        return $this->given('chains', self::CHAINS) * $gauge->singleWidth()->mm / 2;
    }

    /** Of the net as it lies, each loop as wide as a stitch of the panel: measured, else the rhombus's. */
    private function rowHigh(Gauge $gauge): Length
    {
        $half = $gauge->widthOf($this->fabric())->mm / 2;

        return $this->length('net_row') ?? Length::mm(sqrt(max(0.0, $this->arm($gauge) ** 2 - $half ** 2)));
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        $gauge = $ground->gauge;
        if ($this->arm($gauge) <= 0.55 * $gauge->widthOf($this->fabric())->mm) {
            throw new Unmakeable(
                'chains',
                new Saying(
                    'A loop of {chains} chains does not open: give it three at least.',
                    ['chains' => $this->given('chains', self::CHAINS)],
                ),
            );
        }
        $panel = 2 * $this->given('panel_rows', self::PANEL_ROWS) * $gauge->heightOf($this->fabric())->mm;
        $left = $wish->heightLeft();
        $net = $this->count('net') ?? self::fitting(
            $left === null ? null : max(0.0, 2 * $left - $panel),
            'height',
            2,
            $this->rowHigh($gauge),
            'rows of net',
        );

        return $this->with([
            'across' => $this->count('across') ?? self::fitting(
                $wish->length?->mm,
                'length',
                2,
                $gauge->widthOf($this->fabric()),
                'stitches across',
            ),
            'net' => $net,
            'side' => $this->count('side') ?? $net + 2 * $this->given('panel_rows', self::PANEL_ROWS),
        ]);
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        [$across, $net, $side] = [$this->given('across'), $this->given('net'), $this->given('side')];
        [$panel, $chains] = [$this->given('panel_rows', self::PANEL_ROWS), $this->given('chains', self::CHAINS)];
        [$rounds, $slipped] = [$this->given('rounds', self::ROUNDS), $this->given('slipped', self::SLIPPED)];
        $fabric = $this->fabric();
        $all = 2 * $panel + $net;
        if ($slipped >= $rounds) {
            throw new Unmakeable('slipped', new Saying(
                'Of {rounds} rounds at most {rounds2} are slipped.',
                ['rounds' => $rounds, 'rounds2' => $rounds - 1],
            ));
        }
        if ($side > 3 * $all) {
            throw new Unmakeable('side', new Saying(
                'A side has {all} row ends and end loops; pick up {all2} at most.',
                ['all' => $all, 'all2' => 3 * $all],
            ));
        }
        $rows = $this->strip($across, $panel, $net, $chains, $fabric);
        $first = count($rows);
        array_push($rows, ...$this->ring($ground, $all, $side, $rounds, $slipped));
        $gauge = $ground->gauge;
        $stitch = $gauge->widthOf($fabric);
        [$high, $row] = [$gauge->heightOf($fabric), $this->rowHigh($gauge)];
        $long = Length::mm(2 * $panel * $high->mm + $net * $row->mm);
        $arm = $this->arm($gauge);
        $strap = $gauge->singleWidth()->times($this->given('strap', self::STRAP));
        $guessed = $this->length('net_row') === null;
        // Filled: rhombi of 60 degrees, the net a half cylinder as long as it goes round. A guess.
        $open = Length::mm($across * $arm);
        $deep = ($net * $arm * sqrt(3) / 2 + 2 * $panel * $high->mm) / M_PI;
        $wide = $stitch->times($across);
        $half = $long->times(0.5);

        return new Made(
            [],
            new Edge(EdgeKind::Some, 2 * ($side + $this->given('strap', self::STRAP))),
            remarks: [
                new Remark(
                    'back-bumps',
                    Tone::Better,
                    0,
                    'Work the first row into the back bumps of the chain:',
                    'the edge is clean, and the last row’s looks the same.',
                    works: true,
                ),
                new Remark(
                    'count-loops',
                    Tone::Better,
                    $panel,
                    'Count the loops every second or third row: {n}.',
                    'Pause on a ch {chains}, never after a stitch: the next loop is then not forgotten.',
                    ['n' => $across, 'chains' => $chains],
                    true,
                ),
                ...($net > self::MOST_ROWS ? [new Remark(
                    'net-long',
                    Tone::Trouble,
                    $panel,
                    '{n} rows of net stretch far.',
                    '{most} are the most that makers work; fewer hang better.',
                    ['n' => $net, 'most' => self::MOST_ROWS],
                )] : []),
                new Remark(
                    'gather',
                    Tone::Better,
                    $panel + $net,
                    'Gather the net again: fold the next loop to the last stitch,',
                    'so that the stitches stay close.',
                    works: true,
                ),
                new Remark(
                    'net-hangs',
                    Tone::Better,
                    null,
                    $guessed
                        ? 'The net lies {wide} wide, a row {high} high by its rhombus; filled it opens to about {open}.'
                        : 'The net lies {wide} wide, a row {high} high by your tape; filled it opens to about {open}.',
                    $guessed
                        ? 'How far a loop opens under a load is a guess: hang the first ten rows, measure a row, and '
                            .'write it at Net.'
                        : 'Measured as it hung, it is taken as it is.',
                    ['wide' => $wide, 'high' => $row, 'open' => $open],
                ),
                new Remark(
                    'ring',
                    Tone::Better,
                    $first,
                    'The chain must not be twisted where it meets the side.',
                    'A marker where the first strap begins; one hook size up for a chain of strand without give. A '
                        .'strap of {lies} hangs about {hangs}.',
                    ['lies' => $strap, 'hangs' => Hanging::of($strap, $ground->school)],
                    works: true,
                ),
                Remark::hangTest(),
            ],
            assembly: new Assembly(
                [
                    new Piece(
                        Strip::start($across, $fabric),
                        $rows,
                        flat: $this->lying($across, $panel, $net, $stitch->mm, $high->mm, $row->mm, $side),
                    ),
                ],
                [],
                $this->steps($wide->mm, $panel * $high->mm, $half->mm, $strap->mm, $open->mm),
                $wide,
                Length::mm(0),
                $half,
                M_PI * $deep ** 2 / 2 * $open->mm / 1e6,
            ),
        );
    }

    /** @return non-empty-list<Row> panel, net, panel */
    private function strip(int $across, int $panel, int $net, int $chains, Motif $fabric): array
    {
        $rows = array_map(
            fn(Row $row): Row => Strip::row($row->instructions, $row->into, $fabric, Part::Base),
            Strip::rows($across, $panel, $fabric),
        );
        $loops = Motif::single();
        for ($row = 0; $row < $net; $row++) {
            $rows[] = Strip::row(
                [new Turn(0), new Loops($chains, $across, into: $row === 0 ? Into::Stitch : Into::Space)],
                Edge::tops($across, $row === 0 ? $fabric : $loops),
                $loops,
                Part::Body,
            );
        }
        for ($row = 0; $row < $panel; $row++) {
            $rows[] = Strip::row(
                $row === 0
                    ? [
                        new Turn($fabric->post()->startingChains()),
                        new Each($fabric->post(), $across, into: Into::Space),
                    ]
                    : Strip::plain($across, $fabric),
                Edge::tops($across, $row === 0 ? $loops : $fabric),
                $fabric,
                Part::Base,
            );
        }

        return $rows === [] ? throw new \LogicException('A strip has rows.') : $rows;
    }

    /** @return list<Row> both side edges and two chains in one ring */
    private function ring(Ground $ground, int $all, int $side, int $rounds, int $slipped): array
    {
        $strap = $this->given('strap', self::STRAP);
        $around = 2 * ($strap + $side);
        $single = Motif::single();
        $ends = Repeat::found(Several::inRuns(Stitch::Single, Strip::spread($side, $all), Into::RowEnd));
        $school = $ground->school->flat();
        $made = [];
        for ($round = 0; $round < $rounds; $round++) {
            $stitch = $round >= $rounds - $slipped ? Stitch::Slip : Stitch::Single;
            $made[] = $round === 0
                ? Strip::row($school->close([
                    new Chains($strap),
                    new Along(0, 'loops', $ends),
                    new Chains($strap),
                    new Along(1, 'loops', $ends),
                ]), [
                    new Edge(EdgeKind::RowEnds, $all),
                    new Edge(EdgeKind::RowEnds, $all),
                ], $single, Part::Handles, RowKind::Round)
                : Strip::row(
                    $school->around([new Each($stitch, $around)], $stitch),
                    Edge::tops($around, $single),
                    $single,
                    Part::Handles,
                    RowKind::Round,
                );
        }

        return $made;
    }

    private function lying(int $across, int $panel, int $net, float $wide, float $high, float $row, int $side): Flat
    {
        $flat = Flat::stacked([
            [$across * $wide, $high],
            ...array_fill(0, $panel - 1, [$across * $wide, $high]),
            ...array_fill(0, $net, [$across * $wide, $row]),
            ...array_fill(0, $panel, [$across * $wide, $high]),
        ]);
        $half = $across * $wide / 2;
        // The net is drawn as its rhombi.
        $lines = array_values(array_filter(
            $flat->rows,
            fn(array $line): bool => ($line[0][1] >= -$panel * $high - 0.01)
                || $line[0][1] <= -$panel * $high - $net * $row + 0.01,
        ));
        for ($at = 0; $at < $net; $at++) {
            $y = -$panel * $high - $at * $row;
            $shift = $at % 2 === 0 ? 0.0 : $wide / 2;
            $zigzag = [];
            for ($loop = 0; $loop <= $across; $loop++) {
                $x = -$half + $loop * $wide;
                $zigzag[] = [max(-$half, min($half, $x - $shift)), $y];
                $zigzag[] = [max(-$half, min($half, $x + $wide / 2 - $shift)), $y - $row];
            }
            $lines[] = $zigzag;
        }
        $middle = -$flat->height() / 2;

        return new Flat($flat->outline, $lines, [new Fold(
            [-$half, $middle],
            [$half, $middle],
            new Saying('hangs from its sides'),
        )], marks: [
            new Mark(Marked::Said, -$half, $middle, 0.0, 0.0, new Saying('{n} picked up', ['n' => $side])),
            new Mark(Marked::Said, $half, $middle, 0.0, 0.0, new Saying('{n} picked up', ['n' => $side])),
        ]);
    }

    /** @return non-empty-list<AssemblyStep> */
    private function steps(float $w, float $panel, float $half, float $strap, float $open): array
    {
        $net = 2 * ($half - $panel);
        $flat = [
            Face::from([0, 0, 0], [$w, 0, 0], [0, $panel, 0], 'panel'),
            Face::from([0, $panel, 0], [$w, 0, 0], [0, $net, 0], 'panel', false, true),
            Face::from([0, $panel + $net, 0], [$w, 0, 0], [0, $panel, 0], 'panel'),
        ];
        $arc = fn(float $z): array => array_map(fn(int $at): array => [
            $w / 2 + $w / 2 * cos(M_PI * $at / 32),
            $half + $strap / 2.2 * sin(M_PI * $at / 32),
            $z,
        ], range(0, 32));
        $thick = max(6.0, $w / 40);
        $handle = fn(float $z): Face => new Face([
            ...$arc($z),
            ...array_reverse(array_map(fn(array $at): array => [
                $w / 2 + ($at[0] - $w / 2) * (1 - 2 * $thick / $w),
                max($half, $at[1] - $thick),
                $at[2],
            ], $arc($z))),
        ], 'panel');
        $bulge = ($open - $w) / 2;
        $belly = fn(float $z): Face => new Face([
            ...array_map(fn(int $at): array => [
                $w / 2 - ($w / 2 + $bulge * sin(M_PI * $at / 24)) * cos(M_PI * $at / 24),
                ($half - $panel) * (1 - sin(M_PI * $at / 24)),
                $z,
            ], range(0, 24)),
        ], 'panel', false, true);

        return [
            new AssemblyStep(new Saying('panel, net, panel, flat'), $flat),
            new AssemblyStep(new Saying('a chain, one side, a chain, the other side: one ring'), [
                $handle(-2.0),
                Face::from([0, $half - $panel, 0], [$w, 0, 0], [0, $panel, 0], 'panel', false),
                Face::from([0, 0, 2], [$w, 0, 0], [0, $half - $panel, 0], 'panel', false, true),
                Face::from([0, $half - $panel, 4], [$w, 0, 0], [0, $panel, 0], 'panel'),
                $handle(6.0),
            ]),
            new AssemblyStep(new Saying('filled, it opens and sinks'), [
                $handle(-2.0),
                $belly(2.0),
                Face::from([0, $half - $panel, 4], [$w, 0, 0], [0, $panel, 0], 'panel'),
                $handle(6.0),
            ]),
        ];
    }
}
