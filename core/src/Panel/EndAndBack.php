<?php

declare(strict_types=1);

namespace Fescue\Core\Panel;

use Fescue\Core\Instruction\Along;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Instruction\Turn;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Start;
use Fescue\Core\Piece\Assembly;
use Fescue\Core\Piece\AssemblyStep;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Face;
use Fescue\Core\Piece\Flat;
use Fescue\Core\Piece\Fold;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Growing;
use Fescue\Core\Piece\Joining;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\Mark;
use Fescue\Core\Piece\Marked;
use Fescue\Core\Piece\Offered;
use Fescue\Core\Piece\Piece;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Seam;
use Fescue\Core\Piece\Serves;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\SewnEdge;
use Fescue\Core\Piece\Side;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/**
 * A clutch worked along one side of a chain, round its end and back along the other, in rows that grow at that end
 * alone; folded so that the corner meets a counted stitch, and joined from there down both sides to the fold. The round
 * end is the flap. Common practice, no source.
 */
final readonly class EndAndBack extends OfPieces
{
    use Growing;

    private const STITCH = 'hdc';

    private const END = 4;

    private const FIRST = 3;

    private const EVERY = 6;

    /** Points of a half circle that is drawn straight from one to the next. */
    private const ARC = 24;

    protected function fabric(): Motif
    {
        return $this->motif('stitch', self::STITCH);
    }

    public static function key(): string
    {
        return 'end-and-back';
    }

    public static function called(): array
    {
        return ['Round the end', 'a clutch with a rounded flap'];
    }

    public function settings(?Ground $ground = null): array
    {
        $fabric = $this->fabric();

        return [
            Choice::plain('stitch', 'Stitch from row 2 on', $fabric->key),
            $this->rows(
                'rows',
                'Rows',
                'row',
                'rows',
                Side::Length,
                $ground?->gauge->heightOf($fabric)->times(2),
                '{n} rows',
                2,
            ),
            new Setting(
                'meets',
                'The corner meets stitch',
                new Counted('stitch to the corner', 'stitches to the corner'),
                $this->count('meets'),
                new Bounds(4, self::MOST, 2),
                Unsaid::settled(),
                new Serves(Side::Height, $ground?->gauge->widthOf($fabric)->times(0.5)),
            ),
            new Setting(
                'chain',
                'Stitches along the chain',
                new Counted('stitch along the chain', 'stitches along the chain', '{n} along'),
                $this->count('chain'),
                new Bounds(4, self::MOST),
                Unsaid::settled(),
            ),
            new Setting(
                'end',
                'Stitches in the end',
                new Counted('stitch in the end', 'stitches in the end'),
                $this->given('end', self::END),
                new Bounds(2, 12),
                Unsaid::is(self::END),
            ),
            $this->growing('row', self::MOST - 1, '4, 5'),
            new Choice('join', 'Joined by', $this->choice('join', Joining::Slip->value), Joining::options()),
            new Choice('tassels', 'Round the flap', $this->choice('tassels', 'none'), [
                'none' => ['Nothing', 'the edge as it is'],
                'tassels' => ['Tassels', 'at counted stitches'],
            ]),
            new Setting(
                'tassel_first',
                'The first tassel, on stitch',
                new Counted('stitch to the first tassel', 'stitches to the first tassel'),
                $this->given('tassel_first', self::FIRST),
                new Bounds(1, 60),
                Unsaid::is(self::FIRST),
            ),
            new Setting(
                'tassel_every',
                'Then one on every so manieth',
                new Counted('stitch from tassel to tassel', 'stitches from tassel to tassel'),
                $this->given('tassel_every', self::EVERY),
                new Bounds(1, 60),
                Unsaid::is(self::EVERY),
            ),
        ];
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        [$wide, $high] = [$ground->gauge->widthOf($this->fabric()), $ground->gauge->heightOf($this->fabric())];
        $first = $ground->gauge->singleHeight()->mm;
        $meets = $this->count('meets') ?? 2 * self::fitting($wish->heightLeft(), 'height', 2, $wide, 'pairs to join');
        $rows = $this->count('rows') ?? 1 + self::fitting(
            $wish->length === null ? null : max(0.0, $wish->length->mm / 2 - $first),
            'length',
            1,
            $high,
            'rows',
        );

        return $this->with([
            'rows' => $rows,
            'meets' => $meets,
            'chain' => $this->count('chain') ?? $meets + 1,
            'growth' => $this->grows($rows, M_PI * $high->mm / $wide->mm),
        ]);
    }

    /** Of other rows those that are left grow as they did. */
    public function with(array $values): static
    {
        return parent::with($this->following($values, 'rows'));
    }

    /**
     * What each row from the second on adds to the round end: as it is told, else so that it lies flat.
     *
     * @param float $flat stitches of a row that lies flat
     *
     * @return list<int>
     *
     * @throws Unmakeable
     */
    private function grows(int $rows, float $flat): array
    {
        $told = $this->told($rows, 'rows');
        $end = $this->given('end', self::END);
        $wanted = (float) $end;
        $grows = [];
        for ($row = 2; $row <= $rows; $row++) {
            $wanted += $flat;
            $more = $told[$row - 2] ?? max(0, min($end, (int) round($wanted) - $end));
            if ($more > $end) {
                throw new Unmakeable(
                    'growth',
                    new Saying(
                        'The end has {end} stitches when row {row} begins: it adds as many again at most, not '
                            .'{more}.',
                        ['end' => $end, 'row' => $row, 'more' => $more],
                    ),
                );
            }
            $grows[] = $more;
            $end += $more;
            // What was told is left as it is: rows after it lie flat on it.
            $wanted = isset($told[$row - 2]) ? (float) $end : $wanted;
        }

        return $grows;
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        $gauge = $ground->gauge;
        $fabric = $this->fabric();
        [$many, $meets, $chain] = [$this->given('rows'), $this->given('meets'), $this->given('chain')];
        if ($meets > $chain) {
            throw new Unmakeable(
                'meets',
                new Saying(
                    'The corner cannot meet stitch {meets} of a side of {chain}; make the chain longer.',
                    ['meets' => $meets, 'chain' => $chain],
                ),
            );
        }
        $pairs = intdiv($meets, 2);
        $stitch = $gauge->widthOf($fabric)->mm;
        $radii = $this->radii($gauge->singleHeight()->mm, $gauge->heightOf($fabric)->mm, $many);
        $round = $radii[$many - 1];
        $pocket = $pairs * $stitch;
        $flap = ($chain - $meets) * $stitch + $round;
        if ($flap > $pocket) {
            throw new Unmakeable(
                $this->count('rows') === null ? '/size/height' : 'rows',
                new Saying(
                    'The flap would be {flap} long and the front is {pocket} high: it reaches past the fold. Make '
                        .'it narrower, or higher.',
                    ['flap' => Length::mm($flap), 'pocket' => Length::mm($pocket)],
                ),
            );
        }
        [$rows, $end] = $this->worked($chain, $fabric);
        $half = fn(int $count): Offered => new Offered('Clutch', 'clutch', EdgeKind::Some, $count, $count);
        $how = Joining::from($this->choice('join', Joining::Slip->value));
        $up = new Saying('From the fold up to the corner.');
        $seams = array_map(
            fn(string $letter): Seam => new Seam($letter, $half($pairs), $half($pairs), $how, runs: $up),
            ['A', 'B'],
        );
        $along = 2 * ($chain - 2 * $pairs) + $end;
        $places = $this->choice('tassels', 'none') === 'none' ? [] : $this->tassels($along);

        return new Made(
            array_map(fn(Seam $seam): Row => $seam->row(), $seams),
            new Edge(EdgeKind::Some, 2 * $many),
            remarks: [
                new Remark(
                    'corner-meets',
                    Tone::Better,
                    $many,
                    'Fold it so that the corner meets stitch {n} of the last row:',
                    '{pairs} pairs on each side, from there down to the fold. The flap then reaches {flap} down.',
                    ['flap' => Length::mm($flap), 'n' => $meets, 'pairs' => $pairs],
                    works: true,
                ),
                ...($places === [] ? [] : [new Remark(
                    'tassels',
                    Tone::Better,
                    null,
                    '{n, plural, one {# tassel} other {# tassels}} round the flap:',
                    'the first on stitch {first} from the seam, then {every, plural, one {one on every stitch} other '
                        .'{one every # stitches}}; after the last {left, plural, one {# stitch} other {# stitches}} '
                        .'left, before the first {before}.',
                    [
                        'n' => count($places), 'first' => $places[0], 'before' => $places[0] - 1,
                        'every' => $this->given('tassel_every', self::EVERY),
                        'left' => $along - $places[count($places) - 1],
                    ],
                    true,
                )]),
            ],
            assembly: new Assembly(
                [
                    new Piece(
                        new Start($chain + 1, Stitch::Single->startingChains()),
                        $rows,
                        flat: $this->lying($stitch, $radii, $pairs, $chain, $along, $places),
                    ),
                ],
                $seams,
                $this->steps($round, $pocket, $flap),
                Length::mm(2 * $round),
                Length::mm(0),
                Length::mm($pocket),
                // Two flat sides bulge to a cushion; nothing is claimed of one that lies flat.
                0.0,
            ),
        );
    }

    /** @return non-empty-list<int> the stitches that they hang on, of so many */
    private function tassels(int $along): array
    {
        [$first, $every] = [
            min($along, $this->given('tassel_first', self::FIRST)), $this->given('tassel_every', self::EVERY),
        ];

        return array_map(fn(int $nth): int => $first + $nth * $every, range(0, intdiv($along - $first, $every)));
    }

    /** @return non-empty-list<float> how far each row reaches from the chain, mm */
    private function radii(float $first, float $high, int $rows): array
    {
        return array_map(fn(int $row): float => $first + ($row - 1) * $high, range(1, max(1, $rows)));
    }

    /**
     * @return array{non-empty-list<Row>, int} and the stitches of the end in the last
     */
    private function worked(int $chain, Motif $fabric): array
    {
        $end = $this->given('end', self::END);
        $single = Motif::single();
        $rows = [Strip::row([
            new Each(Stitch::Single, 1, into: Into::FirstChain),
            new Each(Stitch::Single, $chain - 1, into: Into::NextChain),
            new Several(Stitch::Single, $end, into: Into::LastChain),
            new Along(1, EdgeKind::OtherSide->value, [new Each(Stitch::Single, $chain, into: Into::NextChain)]),
        ], [
            new Edge(EdgeKind::Chain, $chain + 1),
            new Edge(EdgeKind::OtherSide, $chain),
        ], $single)];
        foreach ($this->series('growth') ?? [] as $nth => $more) {
            $row = $nth + 2;
            $does = [
                new Turn($fabric->post()->startingChains()),
                ...self::grown($chain, $end, $more, $row, $fabric),
            ];
            $rows[] = Strip::row($does, Edge::tops(2 * $chain + $end, $row === 2 ? $single : $fabric), $fabric);
            $end += $more;
        }

        return [$rows, $end];
    }

    /**
     * A side, the end with its increases, a side. They are spread evenly, mirrored about the end's middle, and off
     * those of the row below; an odd one stands in the middle, or by turns to either side of it.
     *
     * @return list<Instruction>
     */
    private static function grown(int $chain, int $end, int $more, int $row, Motif $fabric): array
    {
        $each = array_fill(0, 2 * $chain + $end, 1);
        for ($nth = 0; $nth < intdiv($more, 2); $nth++) {
            $at = (int) floor(($nth + ($row % 2 === 0 ? 0.5 : 0.25)) * $end / $more);
            $each[$chain + $at] = $each[$chain + $end - 1 - $at] = 2;
        }
        if ($more % 2 === 1) {
            $each[$chain + intdiv($end - $row % 2, 2)] = 2;
        }

        return array_map(
            fn(Instruction $one): Instruction => $one->remade(Loop::Front, fn(Stitch $stitch): Stitch => $stitch),
            Repeat::found(Several::inRuns($fabric->post(), array_values($each))),
        );
    }

    /**
     * Upright, the round end above and the straight one at the foot.
     *
     * @param non-empty-list<float> $radii
     * @param list<int> $places of tassels along the flap
     */
    private function lying(float $stitch, array $radii, int $pairs, int $chain, int $along, array $places): Flat
    {
        $long = $chain * $stitch;
        $round = $radii[count($radii) - 1];
        $bow = fn(float $r): array => [
            [-$r, 0.0],
            ...array_map(fn(int $step): array => [
                -$r * cos(M_PI * $step / self::ARC),
                -$long - $r * sin(M_PI * $step / self::ARC),
            ], range(0, self::ARC)),
            [$r, 0.0],
        ];
        $fold = fn(float $y, Saying $says): Fold => new Fold([-$round, $y], [$round, $y], $says);
        $edge = fn(string $letter, float $x, float $from, float $to): SewnEdge => new SewnEdge(
            $letter,
            [[$x, $from], [$x, $to]],
            $pairs,
        );
        [$half, $meets] = [-$pairs * $stitch, -2 * $pairs * $stitch];
        $straight = $long + $meets;
        $bent = M_PI * $round;
        $marks = [];
        foreach ($places as $place) {
            $at = ($place - 0.5) / $along * (2 * $straight + $bent);
            [$x, $y] = match (true) {
                $at < $straight => [-$round, $meets - $at],
                $at > $straight + $bent => [$round, -$long + ($at - $straight - $bent)],
                default => [
                    -$round * cos(($at - $straight) / $round),
                    -$long - $round * sin(($at - $straight) / $round),
                ],
            };
            $marks[] = new Mark(Marked::Tassel, $x, $y, 2 * $stitch, 2 * $stitch);
        }

        return new Flat(
            $bow($round),
            [[[0.0, 0.0], [0.0, -$long]], ...array_map($bow, array_slice($radii, 0, -1))],
            [$fold($half, new Saying('back, {n} pairs', ['n' => $pairs])), $fold($meets, new Saying('flap'))],
            [
                $edge('A', -$round, 0.0, $half),
                $edge('A', -$round, $half, $meets),
                $edge('B', $round, 0.0, $half),
                $edge('B', $round, $half, $meets),
            ],
            $marks,
        );
    }

    /** @return non-empty-list<AssemblyStep> */
    private function steps(float $round, float $pocket, float $flap): array
    {
        $arc = fn(float $y, float $way, float $z): array => array_map(
            fn(int $step): array => [
                -$round * cos(M_PI * $step / self::ARC),
                $y + $way * $round * sin(M_PI * $step / self::ARC),
                $z,
            ],
            range(0, self::ARC),
        );
        $back = Face::from([-$round, 0, 0], [2 * $round, 0, 0], [0, $pocket, 0], 'clutch', false);
        $front = Face::from([-$round, 0, 3], [2 * $round, 0, 0], [0, $pocket, 0], 'clutch');
        $straight = $flap - $round;
        $open = new Face([
            [-$round, $pocket, 0],
            ...$arc($pocket + $straight, 1.0, 0.0),
            [$round, $pocket, 0],
        ], 'clutch', false);
        $closed = new Face([
            [-$round, $pocket, 6],
            ...$arc($pocket - $straight, -1.0, 6.0),
            [$round, $pocket, 6],
        ], 'clutch');

        return [
            new AssemblyStep(new Saying('the piece, flat'), [
                Face::from([-$round, -$pocket, 0], [2 * $round, 0, 0], [0, $pocket, 0], 'clutch', false),
                $back,
                $open,
            ]),
            new AssemblyStep(new Saying('the foot folded up: A, B'), [$back, $open, $front], [
                ['A', [-$round, 0, 3], [-$round, $pocket, 3]],
                ['B', [$round, 0, 3], [$round, $pocket, 3]],
            ]),
            new AssemblyStep(new Saying('flap over'), [$back, $front, $closed]),
        ];
    }
}
