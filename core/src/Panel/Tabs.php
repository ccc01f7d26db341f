<?php

declare(strict_types=1);

namespace Fescue\Core\Panel;

use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Instruction\Turn;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Pattern\Start;
use Fescue\Core\Piece\Assembly;
use Fescue\Core\Piece\AssemblyStep;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Face;
use Fescue\Core\Piece\Flat;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Joining;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\Offered;
use Fescue\Core\Piece\Piece;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Seam;
use Fescue\Core\Piece\Series;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\SewnEdge;
use Fescue\Core\Piece\SizedPair;
use Fescue\Core\Piece\TabCount;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stitch\Stitch;

/**
 * Squares of tabs on cord, r rows of c, joined to a net that folds to a bag. Two single crochet a tab where rows meet;
 * in the border 4 in a standing tab, 2 in a lying one, 6 in a corner. Common practice, no source.
 */
final readonly class Tabs extends OfPieces
{
    private const MOST_IN_SQUARE = 30;

    private const MOST_SQUARES = 120;

    private const MOST_IN_ROW = 40;

    /** So much longer than it is high a square may be whose upper edge meets a right one. From memory. */
    private const SQUARE = 1.2;

    private const TURN = 3;

    private const ACROSS = 'across';

    private const ROWS = 'rows';

    public static function key(): string
    {
        return 'tabs';
    }

    public static function called(): array
    {
        return ['Tab squares', 'joined to a net that folds'];
    }

    public function settings(?Ground $ground = null): array
    {
        $tabs = fn(string $name, string $label, string $unit, string $plural, string $short): Setting => new Setting(
            $name,
            $label,
            new Counted($unit, $plural, $short),
            $this->count($name),
            new Bounds(2, self::MOST_IN_SQUARE),
            Unsaid::refused(),
        );

        return [
            $tabs('rows', 'Rows of tabs in a square', 'row of tabs', 'rows of tabs', '{n} rows'),
            $tabs('across', 'Tabs across a square', 'tab across', 'tabs across', 'of {n} tabs'),
            new Series(
                'net',
                'Squares of each row of the net',
                'squares of a row',
                $this->series('net'),
                1,
                self::MOST_IN_ROW,
                self::MOST_IN_ROW,
                'like 2, 4, 5, 4, 2',
            ),
            new SizedPair(
                'tab',
                'From tab to tab, across and along',
                $this->tab(),
                Length::mm(4),
                Length::mm(80),
                true,
            ),
            new Choice('bend', 'Tongues are bent in', $this->choice('bend', self::ACROSS), [
                self::ACROSS => ['One row', 'as many as it has tabs'],
                self::ROWS => ['One column', 'as many as there are rows'],
            ]),
            new Choice('join', 'Squares joined by', $this->choice('join', Joining::Single->value), Joining::options()),
        ];
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        if ($this->series('net') !== null) {
            return $this;
        }
        [$wide, $high] = $this->square($ground);
        $fit = fn(?Length $side, string $called, int $least, float $one): int => self::fitting(
            $side?->mm,
            $called,
            $least,
            Length::mm($one),
            'squares',
        );
        $left = $wish->heightLeft();
        $net = TabNet::box(
            $fit($wish->length, 'length', 1, $wide),
            $wish->width === null ? 0 : (int) round($wish->width->mm / $high),
            $fit($left === null ? null : Length::mm(max(0.0, $left)), 'height', 1, $high),
        );

        return $this->with(['net' => $net]);
    }

    /** @return ?array{Length, Length} from tab to tab, across and along */
    private function tab(): ?array
    {
        return SizedPair::pair($this->pair('tab'));
    }

    /** @return array{float, float} mm of a square with its border */
    private function square(Ground $ground): array
    {
        [$wide, $high] = $this->tab()
            ?? throw new Unmakeable('tab', new Saying('Say how wide and how high a tab lies in its row.'));
        $border = 2 * $ground->gauge->singleHeight()->mm;

        return [
            $this->given('across') * $wide->mm + $border,
            $this->given('rows') * $high->mm + $border,
        ];
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        [$many, $across] = [$this->given('rows'), $this->given('across')];
        $net = TabNet::of($this->series('net') ?? []);
        if ($net->squares() > self::MOST_SQUARES) {
            throw new Unmakeable(
                'net',
                new Saying(
                    'That is {squares} squares; Fescue plans up to {most}.',
                    ['squares' => $net->squares(), 'most' => self::MOST_SQUARES],
                ),
            );
        }
        [$wide, $high] = $this->square($ground);
        if ($net->fold !== TabNet::HALF && max($wide, $high) > self::SQUARE * min($wide, $high)) {
            throw new Unmakeable(
                'net',
                new Saying(
                    'Folded so, upper edges meet right ones: squares must be square. These are {wide} by {high}; '
                        .'change their rows or their tabs.',
                    ['wide' => Length::mm($wide), 'high' => Length::mm($high)],
                ),
            );
        }
        $how = Joining::from($this->choice('join', Joining::Single->value));
        $rows = $this->worked($many, $across);
        $offers = ['N' => 2 * $across + 2, 'S' => 2 * $across + 2, 'E' => 4 * $many - 2, 'W' => 4 * $many - 2];
        $edge = fn(int $row, int $column, string $side): Offered => Offered::across(
            'square',
            $offers[$side],
            EdgeKind::Some,
            $net->nth($row, $column),
        );
        $seams = [];
        foreach ([...$net->joins, ...$net->seams] as $nth => [$from, $to]) {
            $seams[] = new Seam(RowKind::Seam->numbered($nth + 1), $edge(...$from), $edge(...$to), $how, 'net');
        }
        [$size, $litres] = $this->closes($net, $wide, $high);
        $bent = ($this->choice('bend', self::ACROSS) === self::ROWS ? $many : $across) * $net->squares();
        $tabs = new TabCount($many * $across * $net->squares(), $many * $across, $bent, $net->squares());
        $first = count($net->joins);
        $pieces = [];
        foreach ($net->cells() as [$row, $column]) {
            $nth = $net->nth($row, $column);
            $pieces[] = new Piece(
                new Start(2 * $across, 0, kind: EdgeKind::Tabs),
                $rows,
                'square',
                $nth,
                $this->lying($wide, $high, $many, $net, $seams, $first, $row, $column, $offers),
            );
        }

        return new Made(
            array_map(fn(Seam $seam): Row => $seam->row(), $seams),
            new Edge(EdgeKind::Some, max(2, 2 * $net->rows[0])),
            remarks: [
                new Remark(
                    'tabs-edges',
                    Tone::Care,
                    0,
                    'Cut edges of tabs are sharp, and small:',
                    'wear gloves and eye protection, bend the tongues flat first, and keep tabs from small children: '
                        .'they can be swallowed.',
                    works: true,
                ),
                new Remark(
                    'tabs-prepare',
                    Tone::Better,
                    0,
                    '{total} tabs: {each} a square, {squares, plural, one {# square} other {# squares}}.',
                    'Collect and sort them by kind, wash and dry them, and bend {bent} tongues flat: those of the '
                        .'edge where the square turns.',
                    [
                        'total' => $tabs->total, 'each' => $tabs->perSquare, 'squares' => $tabs->squares,
                        'bent' => $bent,
                    ],
                    true,
                ),
                new Remark(
                    'tabs-over',
                    Tone::Better,
                    1,
                    'Over or under, as the first two rows lie; never mixed.',
                    'A row that overlaps the other way stands up from the square.',
                    works: true,
                ),
                new Remark(
                    'net-joins',
                    Tone::Better,
                    count($rows) * $net->squares(),
                    'Join the squares from inside, row by row of the net:',
                    $net->fold === TabNet::POINT
                        ? '{n, plural, one {# join} other {# joins}} within it, then {seams, plural, one {# that '
                            .'folds} other {# that fold}} it to the bag. Laid aslant, each lower row half a square on, '
                            .'it is a rectangle on point, folded across its middle.'
                        : '{n, plural, one {# join} other {# joins}} within it, then {seams, plural, one {# that '
                            .'folds} other {# that fold}} it to the bag.',
                    ['n' => $first, 'seams' => count($net->seams)],
                    true,
                ),
                new Remark(
                    'ends-melted',
                    Tone::Care,
                    null,
                    'Ends of nylon are melted:',
                    'over water, in moving air, not over the bag; it drips and burns the skin.',
                ),
            ],
            assembly: new Assembly(
                $pieces === [] ? throw new \LogicException('A net has squares.') : $pieces,
                $seams,
                $this->steps($net, $wide, $high),
                Length::mm($size[0]),
                Length::mm($size[1]),
                Length::mm($size[2]),
                $litres,
                $tabs,
            ),
        );
    }

    /** @return list<Row> of one square: a strip of two rows, each further row hooked to it, the border */
    private function worked(int $many, int $across): array
    {
        $single = Motif::single();
        $rows = [Strip::row(
            [new Each(Stitch::Single, 2 * $across, into: Into::Tab)],
            new Edge(EdgeKind::Tabs, 2 * $across),
            $single,
        )];
        for ($row = 3; $row <= $many; $row++) {
            $rows[] = Strip::row(
                [new Turn(self::TURN), new Several(Stitch::Single, 2, $across, into: Into::Tab)],
                new Edge(EdgeKind::Tabs, $across),
                $single,
            );
        }
        $lying = array_fill(0, $across - 2, 2);
        $standing = array_fill(0, $many - 2, 4);
        $around = [6, ...$lying, 6, ...$standing, 6, ...$lying, 6, ...$standing];
        $border = Repeat::found(Several::inRuns(Stitch::Single, $around, Into::Tab));
        $rows[] = Strip::row(
            $border,
            new Edge(EdgeKind::Tabs, count($around)),
            $single,
            kind: RowKind::Round,
        );

        return $rows;
    }

    /** Of a square as large as one that is not quite square. */
    private static function diagonal(float $wide, float $high): float
    {
        return sqrt(2 * $wide * $high);
    }

    /** @return array{array{float, float, float}, float} wide, deep and high in mm, and litres */
    private function closes(TabNet $net, float $wide, float $high): array
    {
        $box = $net->fold === TabNet::BOX ? TabNet::isBox($net->rows) : null;
        if ($box !== null) {
            $size = [$box[0] * $wide, $box[1] * $high, $box[2] * $high];

            return [$size, $size[0] * $size[1] * $size[2] / 1e6];
        }
        if ($net->fold === TabNet::HALF) {
            return [[max($net->rows) * $wide, 0.0, count($net->rows) * $high / 2], 0.0];
        }
        $diagonal = self::diagonal($wide, $high);
        $cells = $net->cells();
        // The first is of row 0.
        $sum = $across = [$cells[0][1] ?? 0];
        foreach ($cells as [$row, $column]) {
            $sum[] = $row + $column;
            $across[] = $column - $row;
        }

        return [[
            (max($across) - min($across) + 2) / 2 * $diagonal,
            0.0,
            (max($sum) - min($sum) + 2) / 4 * $diagonal,
        ], 0.0];
    }

    /**
     * The square where it lies in the net; seams that close it are lettered.
     *
     * @param list<Seam> $seams
     * @param array<string, int> $offers
     */
    private function lying(
        float $wide,
        float $high,
        int $many,
        TabNet $net,
        array $seams,
        int $first,
        int $row,
        int $column,
        array $offers,
    ): Flat {
        [$x, $y] = [$column * $wide, $row * $high];
        $corners = [[$x, $y], [$x + $wide, $y], [$x + $wide, $y + $high], [$x, $y + $high]];
        $side = ['N' => [0, 1], 'E' => [1, 2], 'S' => [2, 3], 'W' => [3, 0]];
        $edges = [];
        foreach ($net->seams as $nth => $pair) {
            foreach ($pair as $at) {
                if ([$at[0], $at[1]] === [$row, $column]) {
                    [$from, $to] = $side[$at[2]];
                    $edges[] = new SewnEdge(
                        $seams[$first + $nth]->letter,
                        [$corners[$from], $corners[$to]],
                        $offers[$at[2]],
                    );
                }
            }
        }
        $lines = [];
        for ($at = 1; $at < $many; $at++) {
            $lines[] = [[$x, $y + $at * $high / $many], [$x + $wide, $y + $at * $high / $many]];
        }

        return new Flat($corners, $lines, edges: $edges);
    }

    /** @return non-empty-list<AssemblyStep> */
    private function steps(TabNet $net, float $w, float $h): array
    {
        $cells = $net->cells();
        $flat = array_map(
            fn(array $cell): Face => self::lain([$cell[1] * $w, -($cell[0] + 1) * $h, 0], $w, $h),
            $cells,
        );
        $closed = match ($net->fold) {
            TabNet::BOX => self::boxed($net, $w, $h),
            TabNet::HALF => self::halved($net, $w, $h),
            default => self::pointed($net, $w, $h),
        };
        if ($flat === [] || $closed === []) {
            throw new \LogicException('A net has squares.');
        }

        return [
            new AssemblyStep(new Saying('squares joined to a net'), $flat),
            new AssemblyStep(
                new Saying($net->fold === TabNet::BOX
                    ? 'sides up, corners drawn together'
                    : 'folded across the middle, sides joined'),
                $closed,
            ),
        ];
    }

    /**
     * A square upright, from its lower left corner.
     *
     * @param array{float, float, float} $at
     */
    private static function lain(array $at, float $wide, float $high, bool $lies = true): Face
    {
        return Face::from($at, [$wide, 0, 0], [0, $high, 0], 'square', $lies);
    }

    /** @return list<Face> front, back and sides about the bottom */
    private static function boxed(TabNet $net, float $w, float $h): array
    {
        [$wide, $deep, $high] = TabNet::isBox($net->rows) ?? throw new \LogicException('It is no box.');
        $faces = [];
        foreach ($net->cells() as [$row, $column]) {
            $x = $column - $high;
            $faces[] = match (true) {
                $row < $high => self::lain([$x * $w, ($high - 1 - $row) * $h, 0], $w, $h, false),
                $row >= $high + $deep => Face::from(
                    [$x * $w, ($row - $high - $deep) * $h, $deep * $h],
                    [$w, 0, 0],
                    [0, $h, 0],
                    'square',
                ),
                $x < 0 => Face::from([0, (-$x - 1) * $h, ($row - $high) * $h], [0, $h, 0], [0, 0, $h], 'square', false),
                $x >= $wide => Face::from(
                    [$wide * $w, ($x - $wide) * $h, ($row - $high) * $h],
                    [0, $h, 0],
                    [0, 0, $h],
                    'square',
                ),
                default => Face::from([$x * $w, 0, ($row - $high) * $h], [$w, 0, 0], [0, 0, $h], 'square', false),
            };
        }

        return $faces;
    }

    /** @return list<Face> the upper half behind, the lower folded up before it; a middle row is half in each */
    private static function halved(TabNet $net, float $w, float $h): array
    {
        $rows = count($net->rows);
        $faces = [];
        foreach ($net->cells() as [$row, $column]) {
            $x = $column * $w;
            if (2 * $row === $rows - 1) {
                array_push($faces, self::lain([$x, 0, 0], $w, $h / 2, false), self::lain([$x, 0, 3], $w, $h / 2));
            } elseif (2 * $row < $rows) {
                $faces[] = self::lain([$x, ($rows / 2 - $row - 1) * $h, 0], $w, $h, false);
            } else {
                $faces[] = self::lain([$x, ($row - $rows / 2) * $h, 3], $w, $h);
            }
        }

        return $faces;
    }

    /** @return list<Face> on point, the lower half folded up before the upper */
    private static function pointed(TabNet $net, float $w, float $h): array
    {
        $half = self::diagonal($w, $h) / 2;
        $cells = $net->cells();
        $sums = [...array_map(fn(array $cell): int => $cell[0] + $cell[1], $cells)];
        $fold = $sums === [] ? 0.0 : (min($sums) + max($sums)) / 2;
        $faces = [];
        foreach ($cells as [$row, $column]) {
            [$x, $y] = [($column - $row) * $half, ($fold - $row - $column) * $half];
            $corners = [[$x - $half, $y], [$x, $y + $half], [$x + $half, $y], [$x, $y - $half]];
            $upper = $y > 1e-6;
            if (abs($y) < 1e-6) {
                // On the fold: a half in front and a half behind.
                $corners = array_slice($corners, 0, 3);
                $behind = array_map(fn(array $at): array => [$at[0], abs($at[1]), 0], $corners);
                $faces[] = new Face($behind, 'square', false);
            }
            $faces[] = new Face(
                array_map(fn(array $at): array => [$at[0], $upper ? $at[1] : abs($at[1]), $upper ? 0 : 3], $corners),
                'square',
                ! $upper,
            );
        }

        return $faces;
    }
}
