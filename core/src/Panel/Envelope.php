<?php

declare(strict_types=1);

namespace Fescue\Core\Panel;

use Fescue\Core\Instruction\Along;
use Fescue\Core\Instruction\Chains;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\InOne;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Instruction\Skip;
use Fescue\Core\Instruction\Turn;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Piece\Assembly;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Flat;
use Fescue\Core\Piece\Fold;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Joining;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\Mark;
use Fescue\Core\Piece\Marked;
use Fescue\Core\Piece\Offered;
use Fescue\Core\Piece\Piece;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Seam;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\SewnEdge;
use Fescue\Core\Piece\Side;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stitch\Stitch;

/**
 * One long panel, which is front, bottom, back and flap, and two gussets. The panel begins at the front's upper edge;
 * its last row has the hole for the lock; single crochet goes round its three other edges. Common practice, no source.
 */
final readonly class Envelope extends OfPieces
{
    private const HOLE = 2;

    private const RING = 'ring';

    /** Of the front's height, what a flap covers of it where nothing is said. From memory. */
    private const COVERS = 0.5;

    private const CORNER = 2;

    public static function key(): string
    {
        return 'envelope';
    }

    public static function called(): array
    {
        return ['Envelope', 'one long panel, two gussets'];
    }

    public function settings(?Ground $ground = null): array
    {
        $step = $ground?->gauge->heightOf($this->fabric());

        return [
            $this->fabrics(),
            $this->across('Stitches across', '{n} across', $ground?->gauge->widthOf($this->fabric()), 3),
            $this->rows('front', 'Rows of the front', 'row of the front', 'rows of the front', Side::Height, $step),
            $this->rows('bottom', 'Rows of the bottom', 'row of the bottom', 'rows of the bottom', Side::Width, $step),
            $this->rows('back', 'Rows of the back', 'row of the back', 'rows of the back', null, null),
            $this->rows('flap', 'Rows of the flap', 'row of the flap', 'rows of the flap', null, null),
            new Setting(
                'gusset',
                'Stitches across a gusset',
                new Counted('stitch of a gusset', 'stitches of a gusset'),
                $this->count('gusset'),
                new Bounds(1, self::MOST),
                Unsaid::settled(),
            ),
            new Setting(
                'along',
                'Stitches along the front’s row ends',
                new Counted('stitch along the front', 'stitches along the front'),
                $this->count('along'),
                new Bounds(1, self::MOST),
                Unsaid::open(),
            ),
            new Setting(
                'hole',
                'Chains over the lock’s hole',
                new Counted('chain of the hole', 'chains of the hole'),
                $this->given('hole', self::HOLE),
                new Bounds(0, 6),
                Unsaid::is(self::HOLE),
            ),
            new Choice('hang', 'At the top of each gusset', $this->choice('hang', self::RING), [
                self::RING => ['A ring', 'worked into its last row'],
                'none' => ['Nothing', 'a plain last row'],
            ]),
            new Choice('join', 'Joined by', $this->choice('join', Joining::Slip->value), Joining::options()),
        ];
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        [$wide, $high] = [
            $ground->gauge->widthOf($this->fabric()),
            $ground->gauge->heightOf($this->fabric()),
        ];
        $front = $this->count('front') ?? self::fitting($wish->heightLeft(), 'height', 2, $high, 'rows of the front');
        $bottom = $this->count('bottom') ?? self::fitting($wish->width?->mm, 'width', 1, $high, 'rows of the bottom');

        $along = $this->count('along') ?? Offered::along($front, $ground->gauge, $this->fabric());

        return $this->with([
            'across' => $this->count('across')
                ?? self::fitting($wish->length?->mm, 'length', 3, $wide, 'stitches across'),
            'front' => $front,
            'bottom' => $bottom,
            'back' => $this->count('back') ?? $front,
            'flap' => $this->count('flap') ?? $bottom + max(1, (int) round(self::COVERS * $front)),
            'gusset' => $this->count('gusset') ?? self::share($along, $bottom, $front),
            'along' => $along,
        ]);
    }

    /** Stitches along so many rows, as close as along the front's. */
    private static function share(int $along, int $rows, int $front): int
    {
        return max(1, (int) round($along * $rows / $front));
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        [$across, $front, $bottom] = [$this->given('across'), $this->given('front'), $this->given('bottom')];
        [$back, $flap, $gusset] = [$this->given('back'), $this->given('flap'), $this->given('gusset')];
        [$fabric, $gauge] = [$this->fabric(), $ground->gauge];
        [$stitch, $row] = [$gauge->widthOf($fabric), $gauge->heightOf($fabric)];
        if ($flap > $bottom + $front) {
            $most = $bottom + $front;
            throw new Unmakeable(
                'flap',
                new Saying(
                    'A flap of {flap} rows reaches past the front’s foot: the top takes {bottom} of them and the '
                        .'front has {front}. Work {most} at most.',
                    ['flap' => $flap, 'bottom' => $bottom, 'front' => $front, 'most' => $most],
                ),
            );
        }
        if ($this->given('hole', self::HOLE) > 0 && $across < 5) {
            throw new Unmakeable('hole', new Saying(
                'A row of fewer than 5 stitches has no room for a hole; ask for none.',
            ));
        }
        $of = fn(int $rows): int => self::share($this->given('along'), $rows, $front);
        $sections = [$flap, $back, $bottom, $front];
        $panelRows = $this->panel($across, array_sum($sections), $fabric);
        $panelRows[] = $this->edging($across, $sections, $of, $fabric);
        $gussetRows = $this->gusset($gusset, $front, $fabric);
        $how = Joining::from($this->choice('join', Joining::Slip->value));
        $part = fn(int $rows): Offered => new Offered('Panel', 'panel', EdgeKind::Some, $of($rows), $of($rows));
        $ends = fn(string $side): Offered => Offered::ends("{$side}-gusset", $front, $of($front));
        $foot = fn(string $side): Offered => Offered::across("{$side}-gusset", $gusset, EdgeKind::OtherSide);
        $down = new Saying('From the upper edge down to the corner.');
        $along = new Saying('On along the bottom.');
        $up = new Saying('On up to the upper edge.');
        $seams = [
            new Seam('A', $part($front), $ends('left'), $how, 'front', $down),
            new Seam('B', $part($bottom), $foot('left'), $how, 'gusset', $along),
            new Seam('C', $part($back), $ends('left'), $how, 'back', $up),
            new Seam('D', $part($back), $ends('right'), $how, 'back', $down),
            new Seam('E', $part($bottom), $foot('right'), $how, 'gusset', $along),
            new Seam('F', $part($front), $ends('right'), $how, 'front', $up),
        ];
        [$wide, $deep, $high] = [$stitch->times($across), $row->times($bottom), $row->times($front)];
        $over = $row->times(max(0, $flap - $bottom));
        $lock = $this->given('hole', self::HOLE) > 0;
        $box = new Box($wide->mm, $deep->mm, $high->mm, $flap * $row->mm, 'panel', 'left-gusset', 'right-gusset');
        $at = count($panelRows);

        return new Made(
            array_map(fn(Seam $seam): Row => $seam->row(), $seams),
            self::opening($across, $gusset, $fabric),
            remarks: [
                ...($lock ? [new Remark(
                    'lock-hole',
                    Tone::Trouble,
                    $at - 2,
                    'The hole for the lock falls in {row}, the last of the flap.',
                    'Leave it before you edge the panel. The lock’s other half stands where the closed flap shows it.',
                    works: true,
                )] : []),
                $flap > $bottom
                    ? new Remark(
                        'flap-ends',
                        Tone::Better,
                        null,
                        'The flap ends {over} down the front.',
                        'Its rows cover the top first. Fold it once before you edge it: everything is decided by where '
                            .'it should end.',
                        ['over' => $over],
                    )
                    : new Remark(
                        'flap-short',
                        Tone::Trouble,
                        null,
                        'The flap does not reach the front.',
                        'Give it more than {n} rows: so many cover the top alone.',
                        ['n' => $bottom],
                    ),
                new Remark(
                    'gussets-alike',
                    Tone::Better,
                    $at + 2 * count($gussetRows),
                    'Begin one gusset at the front and the other at the back:',
                    'both seams then show the same face. Work out the neater side first.',
                    works: true,
                ),
                ...($this->choice('hang', self::RING) === self::RING ? [Remark::hangTest()] : []),
            ],
            assembly: new Assembly(
                [
                    new Piece(
                        Strip::start($across, $fabric),
                        $panelRows,
                        'panel',
                        flat: $this->lying($stitch, $row, $sections, $of),
                    ),
                    ...array_map(fn(string $side): Piece => new Piece(
                        Strip::start($gusset, $fabric),
                        $gussetRows,
                        "{$side}-gusset",
                        flat: $this->lyingGusset($side, $stitch, $row, $gusset, $of($front)),
                    ), ['left', 'right']),
                ],
                $seams,
                $box->steps(
                    ['A', 'B', 'C'],
                    ['D', 'E', 'F'],
                    $lock ? 'lock' : '',
                    $row->mm / 2,
                    $stitch->mm,
                    $row->mm,
                ),
                $wide,
                $deep,
                $high,
                $wide->mm * $deep->mm * $high->mm / 1e6,
            ),
        );
    }

    /** Stitches before the one that is skipped: of an even row it is half a stitch before the middle. */
    private static function beforeHole(int $across): int
    {
        return intdiv($across - 1, 2);
    }

    /** @return list<Row> the last with the hole in its middle */
    private function panel(int $across, int $rows, Motif $fabric): array
    {
        $hole = $this->given('hole', self::HOLE);
        $made = Strip::rows($across, $rows - (int) ($hole > 0), $fabric);
        if ($hole > 0) {
            $before = self::beforeHole($across);
            $made[] = Strip::row([
                new Turn($fabric->post()->startingChains()),
                ...$fabric->over(0, $before),
                new Chains($hole),
                new Skip(1),
                ...$fabric->over(0, $across - 1 - $before),
            ], Edge::tops($across, $fabric), $fabric);
        }

        return $made;
    }

    /**
     * Single crochet down one side, along the chain with (2, ch 1, 2) in its corners, and up the other.
     *
     * @param list<int> $sections rows, as they are met going down
     * @param \Closure(int): int $of stitches along so many rows
     */
    private function edging(int $across, array $sections, \Closure $of, Motif $fabric): Row
    {
        $single = Motif::single();
        $down = [];
        foreach ($sections as $many) {
            array_push($down, ...Strip::spread($of($many), $many));
        }
        $ends = Repeat::found(Several::inRuns(Stitch::Single, $down, Into::RowEnd));
        $up = Repeat::found(Several::inRuns(Stitch::Single, array_reverse($down), Into::RowEnd));
        $corner = new InOne([
            new Each(Stitch::Single, self::CORNER),
            new Chains(1),
            new Each(Stitch::Single, self::CORNER),
        ], Into::Corner);
        $rows = array_sum($sections);

        return Strip::row([
            new Along(0, EdgeKind::RowEnds->value, $ends),
            new Along(1, EdgeKind::OtherSide->value, [
                $corner,
                new Each(Stitch::Single, $across - 2, into: Into::NextChain),
                $corner,
            ]),
            new Along(2, EdgeKind::RowEnds->value, $up),
        ], [
            new Edge(EdgeKind::RowEnds, $rows, fabric: $fabric),
            new Edge(EdgeKind::OtherSide, $across, fabric: $fabric),
            new Edge(EdgeKind::RowEnds, $rows, fabric: $fabric),
        ], $single);
    }

    /** @return list<Row> the last with the ring in its middle two stitches */
    private function gusset(int $across, int $rows, Motif $fabric): array
    {
        if ($this->choice('hang', self::RING) !== self::RING || $rows < 2) {
            return Strip::rows($across, $rows, $fabric);
        }
        $made = Strip::rows($across, $rows - 1, $fabric);
        $over = min(2, $across);
        $before = intdiv($across - $over, 2);
        $after = $across - $over - $before;
        $made[] = Strip::row([
            new Turn($fabric->post()->startingChains()),
            ...($before > 0 ? $fabric->over(0, $before) : []),
            new Each($fabric->post(), $over, into: Into::Ring),
            ...($after > 0 ? $fabric->over(0, $after) : []),
        ], Edge::tops($across, $fabric), $fabric);

        return $made;
    }

    /**
     * @param list<int> $sections
     * @param \Closure(int): int $of
     */
    private function lying(Length $stitch, Length $row, array $sections, \Closure $of): Flat
    {
        [$flap, $back, $bottom, $front] = $sections;
        $half = $this->given('across') * $stitch->mm / 2;
        $high = $row->mm;
        // Begun at the front's upper edge, which lies lowest.
        $up = [-$front * $high, -($front + $bottom) * $high, -($front + $bottom + $back) * $high];
        $rows = array_sum($sections);
        // Seen from the right side an odd row begins at the right, an even one at the left.
        $beside = $half - (self::beforeHole($this->given('across')) + 0.5) * $stitch->mm;
        $flat = Flat::stacked(
            array_fill(0, max(1, $rows), [2 * $half, $high]),
            $this->given('hole', self::HOLE) > 0
                ? [new Mark(
                    Marked::Hole,
                    $rows % 2 === 1 ? $beside : -$beside,
                    $up[2] - ($flap - 0.5) * $high,
                    $stitch->mm,
                    $high,
                    new Saying('hole, row {n}', ['n' => $rows]),
                )]
                : [],
        );
        $edge = fn(string $letter, int $side, float $from, float $to, int $many): SewnEdge => new SewnEdge(
            $letter,
            [[$side * $half, $from], [$side * $half, $to]],
            $of($many),
        );

        return $flat->folded([
            new Fold([-$half, $up[0]], [$half, $up[0]], new Saying(
                'bottom, {n, plural, one {# row} other {# rows}}',
                ['n' => $bottom],
            )),
            new Fold([-$half, $up[1]], [$half, $up[1]], new Saying(
                'back, {n, plural, one {# row} other {# rows}}',
                ['n' => $back],
            )),
            new Fold([-$half, $up[2]], [$half, $up[2]], new Saying(
                'flap, {n, plural, one {# row} other {# rows}}',
                ['n' => $flap],
            )),
        ])->sewn([
            $edge('A', -1, 0.0, $up[0], $front),
            $edge('B', -1, $up[0], $up[1], $bottom),
            $edge('C', -1, $up[1], $up[2], $back),
            $edge('D', 1, $up[1], $up[2], $back),
            $edge('E', 1, $up[0], $up[1], $bottom),
            $edge('F', 1, 0.0, $up[0], $front),
        ]);
    }

    private function lyingGusset(string $side, Length $stitch, Length $row, int $across, int $along): Flat
    {
        $rows = $this->given('front');
        [$half, $high] = [$across * $stitch->mm / 2, $rows * $row->mm];
        $ring = $this->choice('hang', self::RING) === self::RING
            ? [new Mark(Marked::Ring, 0.0, -$high, 2 * $stitch->mm, 2 * $stitch->mm)]
            : [];
        // Seen from outside, the left gusset has the front at its right.
        [$left, $foot, $right] = $side === 'left' ? ['C', 'B', 'A'] : ['F', 'E', 'D'];

        return Flat::stacked(array_fill(0, max(1, $rows), [2 * $half, $row->mm]), $ring)->sewn([
            new SewnEdge($left, [[-$half, 0.0], [-$half, -$high]], $along),
            new SewnEdge($foot, [[-$half, 0.0], [$half, 0.0]], $across),
            new SewnEdge($right, [[$half, 0.0], [$half, -$high]], $along),
        ]);
    }
}
