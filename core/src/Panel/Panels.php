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
use Fescue\Core\Instruction\Skip;
use Fescue\Core\Instruction\StartingChain;
use Fescue\Core\Instruction\Together;
use Fescue\Core\Instruction\Turn;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Piece\Assembly;
use Fescue\Core\Piece\AssemblyStep;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Face;
use Fescue\Core\Piece\Fewer;
use Fescue\Core\Piece\Flat;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Joining;
use Fescue\Core\Piece\Made;
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
 * Two panels alike, each with a border along three sides that makes the depth; joined border to border. Common
 * practice, no source.
 */
final readonly class Panels extends OfPieces
{
    private const STRAIGHT = 'straight';

    private const SLIPPED = 'slipped';

    private const NARROWS = 'narrows';

    private const WIDENS = 'widens';

    private const EVERY = 2;

    /** Stitches between a slipped end and where three go into one. */
    private const SHOULDER = 3;

    public static function key(): string
    {
        return 'panels';
    }

    public static function called(): array
    {
        return ['Two panels', 'and a border that makes the depth'];
    }

    public function settings(?Ground $ground = null): array
    {
        $border = $this->motif('border');

        return [
            $this->fabrics(),
            $this->across('Stitches across', '{n} across', $ground?->gauge->widthOf($this->fabric()), 3),
            $this->rows(
                'rows',
                'Rows of a panel',
                'row of a panel',
                'rows of a panel',
                Side::Height,
                $ground?->gauge->heightOf($this->fabric()),
                '{n} rows',
                3,
            ),
            new Choice('shape', 'A panel goes', $this->choice('shape', self::STRAIGHT), [
                self::STRAIGHT => ['Straight up', 'as wide as it began'],
                self::SLIPPED => ['Rounded at its ends', 'row ends slipped and skipped, three in one beside them'],
                self::NARROWS => ['Narrower', 'two together at both ends'],
                self::WIDENS => ['Wider', 'two in one at both ends'],
            ]),
            new Setting(
                'every',
                'Narrower or wider in every so manieth row',
                new Counted('row between', 'rows between'),
                $this->given('every', self::EVERY),
                new Bounds(1, 40),
                Unsaid::is(self::EVERY),
            ),
            Choice::plain('border', 'Stitch of the border', $border->key),
            new Setting(
                'border_rows',
                'Rows of the border',
                new Counted('row of the border', 'rows of the border', '{n} of border'),
                $this->count('border_rows'),
                new Bounds(1, 60),
                Unsaid::settled(),
                new Serves(Side::Width, $ground?->gauge->heightOf($border)->times(2)),
                Fewer::rows(),
            ),
            new Setting(
                'along',
                'Stitches along the row ends of a side',
                new Counted('stitch along the row ends', 'stitches along the row ends'),
                $this->count('along'),
                new Bounds(1, self::MOST),
                Unsaid::open(),
            ),
            new Setting(
                'top',
                'Stitches over the border at the top',
                new Counted('stitch over the border', 'stitches over the border'),
                $this->count('top'),
                new Bounds(1, self::MOST),
                Unsaid::open(),
            ),
            new Choice('join', 'Joined by', $this->choice('join', Joining::Whip->value), Joining::options()),
        ];
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        $gauge = $ground->gauge;
        $deep = $gauge->heightOf($this->motif('border'))->times(2);
        $rows = $this->count('rows') ?? self::fitting(
            $wish->heightLeft(),
            'height',
            3,
            $gauge->heightOf($this->fabric()),
            'rows of a panel',
        );

        $bordered = $this->count('border_rows') ?? ($wish->width === null
            ? 1
            : max(1, self::fitting($wish->width->mm, 'width', 0, $deep, 'rows of the border')));

        return $this->with([
            'across' => $this->count('across') ?? self::fitting(
                $wish->length?->mm,
                'length',
                3,
                $gauge->widthOf($this->fabric()),
                'stitches across',
            ),
            'rows' => $rows,
            'along' => $this->count('along')
                ?? Offered::along($rows, $gauge, $this->fabric(), $this->motif('border')),
            'border_rows' => $bordered,
            'top' => $this->count('top') ?? Offered::along(2 * $bordered, $gauge, $this->motif('border')),
        ]);
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        $gauge = $ground->gauge;
        [$fabric, $border] = [$this->fabric(), $this->motif('border')];
        [$across, $many, $bordered] = [$this->given('across'), $this->given('rows'), $this->given('border_rows')];
        $rows = $this->panel($across, $many, $fabric);
        $widths = array_map(fn(Row $row): int => $row->count->leaves, $rows);
        $top = $widths[$many - 1];
        $ends = $this->given('along');
        $around = 2 * $ends + $across + 4;
        for ($row = 0; $row < $bordered; $row++) {
            $rows[] = $row === 0
                ? $this->border($across, $many, $ends, $fabric, $border)
                : Strip::row(Strip::plain($around, $border), Edge::tops($around, $border), $border);
        }
        $offered = fn(string $of): Offered => Offered::across($of, $around);
        $how = Joining::from($this->choice('join', Joining::Whip->value));
        $seam = new Seam('A', $offered('front-panel'), $offered('back-panel'), $how, runs: new Saying(
            'From one upper corner down, along the foot and up to the other.',
        ));
        $stitch = $gauge->widthOf($fabric)->mm;
        // Ends that are slipped and skipped pull what three in one adds back in: as wide as it began.
        $slipped = $this->choice('shape', self::STRAIGHT) === self::SLIPPED;
        $drawn = [$across, ...array_slice($slipped ? array_fill(0, $many, $across) : $widths, 1)];
        $wide = Length::mm(max($drawn) * $stitch);
        $high = $gauge->heightOf($fabric)->times($many);
        $deep = $gauge->heightOf($border)->times(2 * $bordered);
        $flat = $this->lying($drawn, $stitch, $high->mm / $many, $deep->mm / 2, $around);
        $tail = $gauge->widthOf($border)->times(3 * $around);

        return new Made(
            [$seam->row($border)],
            self::opening($top, $this->given('top'), $fabric),
            remarks: [
                new Remark(
                    'border-meets',
                    Tone::Better,
                    2 * count($rows),
                    'Border meets border, {n} to {n}.',
                    $how === Joining::Whip
                        ? 'Through the outer loops, with a tail three times the seam: {tail}.'
                        : 'Lay the panels wrong side to wrong side; the seam stands outside.',
                    ['tail' => $tail, 'n' => $around],
                    works: true,
                ),
            ],
            assembly: new Assembly(
                array_map(
                    fn(string $of): Piece => new Piece(Strip::start($across, $fabric), $rows, $of, flat: $flat),
                    ['front-panel', 'back-panel'],
                ),
                [$seam],
                self::steps($across * $stitch, $deep->mm, $high->mm, $drawn[count($drawn) - 1] * $stitch),
                $wide,
                $deep,
                $high,
                // Of rows that grow and shrink, as wide as they are on the average.
                array_sum($drawn) / $many * $stitch * $high->mm * $deep->mm / 1e6,
            ),
        );
    }

    /** @return non-empty-list<Row> @throws Unmakeable where nothing is left of a row */
    private function panel(int $across, int $many, Motif $fabric): array
    {
        $rows = [Strip::row(Strip::onChain($across, $fabric), new Edge(EdgeKind::Chain, $across), $fabric)];
        $there = $across;
        for ($row = 2; $row <= $many; $row++) {
            $does = $this->does($row, $many, $there, $across, $fabric);
            $rows[] = $made = Strip::row($does, Edge::tops($there, $fabric), $fabric);
            $there = $made->count->leaves;
            if ($there > self::MOST) {
                throw new Unmakeable('every', new Saying(
                    'The panel grows past {most} stitches; widen it more slowly.',
                    ['most' => self::MOST],
                ));
            }
        }

        return $rows;
    }

    /** @return non-empty-list<Instruction> */
    private function does(int $row, int $many, int $there, int $across, Motif $fabric): array
    {
        $post = $fabric->post();
        $turn = new Turn($post->startingChains());
        $shape = $this->choice('shape', self::STRAIGHT);
        if ($shape === self::SLIPPED) {
            return [new Turn(1), ...$this->slipped($row, $many, $there, $across, $post)];
        }
        if ($shape === self::STRAIGHT || ($row - 1) % $this->given('every', self::EVERY) !== 0) {
            return Strip::plain($there, $fabric);
        }
        if ($shape === self::WIDENS) {
            return [
                $turn,
                new Several($post, 2),
                ...($there > 2 ? $fabric->over(0, $there - 2) : []),
                new Several($post, 2),
            ];
        }
        if ($there < 6) {
            throw new Unmakeable(
                'every',
                new Saying(
                    'Row {row} would have fewer than 4 of {there} stitches left: the panel shrinks to nothing. '
                        .'Narrow it more slowly, or begin wider.',
                    ['row' => $row, 'there' => $there],
                ),
            );
        }

        return [$turn, new Together($post, 2), ...$fabric->over(0, $there - 4), new Together($post, 2)];
    }

    /**
     * A row's first and last stitch skipped, their neighbours slipped; every other row three in one beside them.
     *
     * @return non-empty-list<Instruction>
     */
    private function slipped(int $row, int $many, int $there, int $across, Stitch $post): array
    {
        $least = 2 * (self::SHOULDER + 3) + 1;
        if ($across < $least) {
            throw new Unmakeable('across', new Saying(
                'Ends that are slipped want {least} stitches across at least.',
                ['least' => $least],
            ));
        }
        $end = [new Each(Stitch::Slip, 1, Loop::Back), new Skip(1)];
        // A panel ends on a plain row, which draws it in.
        $does = $row % 2 === 1 || $row === $many ? [new Each($post, $there - 4, Loop::Back)] : [
            new Each($post, self::SHOULDER, Loop::Back),
            new Several($post, 3, loop: Loop::Back),
            new Each($post, $there - 2 * (self::SHOULDER + 3), Loop::Back),
            new Several($post, 3, loop: Loop::Back),
            new Each($post, self::SHOULDER, Loop::Back),
        ];

        return [...array_reverse($end), ...$does, ...$end];
    }

    /** One in each row end and in each chain, two and two at each lower corner. */
    private function border(int $across, int $many, int $ends, Motif $fabric, Motif $border): Row
    {
        $post = $border->post();
        $along = Strip::spread($ends, $many);
        // A corner's second stitch goes where the lowest of the side does.
        $lowest = $many - 1;
        while ($lowest > 0 && $along[$lowest] === 0) {
            $lowest--;
        }
        $along[$lowest]++;
        $along = array_values($along);
        $chain = [2, ...array_fill(0, $across - 2, 1), 2];

        return Strip::row([
            // One of a single chain is made without saying.
            ...($post->startingChains() > 1 ? [new StartingChain($post->startingChains(), alone: true)] : []),
            new Along(0, EdgeKind::RowEnds->value, self::told($post, $along, Into::RowEnd)),
            new Along(1, EdgeKind::OtherSide->value, self::told($post, $chain, Into::NextChain)),
            new Along(2, EdgeKind::RowEnds->value, self::told($post, array_reverse($along), Into::RowEnd)),
        ], [
            new Edge(EdgeKind::RowEnds, $many, fabric: $fabric),
            new Edge(EdgeKind::OtherSide, $across, fabric: $fabric),
            new Edge(EdgeKind::RowEnds, $many, fabric: $fabric),
        ], $border);
    }

    /**
     * The panel with its border folded out.
     *
     * @param non-empty-list<int> $widths stitches of each row
     */
    private function lying(array $widths, float $stitch, float $row, float $border, int $around): Flat
    {
        $panel = Flat::stacked(array_map(
            fn(int $wide, int $below): array => [$wide * $stitch, $row, $below * $stitch],
            $widths,
            [$widths[0], ...array_slice($widths, 0, -1)],
        ));
        $half = count($panel->outline) / 2;
        $right = array_slice($panel->outline, 0, (int) $half);
        $out = array_map(fn(array $at): array => [$at[0] + $border, $at[1]], $right);
        $foot = [[-$out[0][0], $border], [$out[0][0], $border]];
        $left = array_map(fn(array $at): array => [-$at[0], $at[1]], $out);
        [$topX, $topY] = $right[count($right) - 1];

        $inner = array_reverse(array_map(fn(array $at): array => [-$at[0], $at[1]], $right));

        return new Flat(
            [...$foot, ...$out, [$topX, $topY], [-$topX, $topY], ...array_reverse($left)],
            [...$panel->rows, [...$inner, ...$right]],
            edges: [new SewnEdge('A', [...array_reverse($left), ...$foot, ...$out], $around)],
        );
    }

    /** @return non-empty-list<AssemblyStep> */
    private static function steps(float $w, float $d, float $h, float $top): array
    {
        $panel = fn(float $x, float $z, string $of, bool $lies): Face => new Face([
            [$x, 0, $z],
            [$x + $w, 0, $z],
            [$x + ($w + $top) / 2, $h, $z],
            [$x + ($w - $top) / 2, $h, $z],
        ], $of, $lies);
        $lean = ($w - $top) / 2;
        // Beside the first, as wide as either is anywhere.
        $beside = max($w, $top) + $w / 4;
        $borders = fn(float $x, float $z, float $by, string $of): array => [
            new Face([[$x, 0, $z], [$x + $w, 0, $z], [$x + $w, 0, $z + $by], [$x, 0, $z + $by]], $of, false),
            new Face([[$x, 0, $z], [$x + $lean, $h, $z], [$x + $lean, $h, $z + $by], [$x, 0, $z + $by]], $of, false),
            new Face([
                [$x + $w, 0, $z],
                [$x + $w - $lean, $h, $z],
                [$x + $w - $lean, $h, $z + $by],
                [$x + $w, 0, $z + $by],
            ], $of),
        ];

        return [
            new AssemblyStep(new Saying('two panels, flat'), [
                $panel(0.0, 0.0, 'front-panel', true),
                $panel($beside, 0.0, 'back-panel', true),
            ]),
            new AssemblyStep(new Saying('the borders stand up'), [
                $panel(0.0, 0.0, 'front-panel', false),
                ...$borders(0.0, 0.0, $d / 2, 'front-panel'),
                $panel($beside, 0.0, 'back-panel', false),
                ...$borders($beside, 0.0, $d / 2, 'back-panel'),
            ]),
            new AssemblyStep(new Saying('border to border: A'), [
                $panel(0.0, 0.0, 'back-panel', false),
                ...$borders(0.0, 0.0, $d / 2, 'back-panel'),
                ...$borders(0.0, $d / 2, $d / 2, 'front-panel'),
                $panel(0.0, $d, 'front-panel', true),
            ], [
                ['A', [0, 0, $d / 2], [$w, 0, $d / 2]],
                ['A', [$w, 0, $d / 2], [$w - $lean, $h, $d / 2]],
            ]),
        ];
    }

    /**
     * @param list<int> $each stitches in each
     *
     * @return non-empty-list<Instruction>
     */
    private static function told(Stitch $post, array $each, Into $into): array
    {
        return Repeat::found(Several::inRuns($post, $each, $into));
    }
}
