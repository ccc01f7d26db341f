<?php

declare(strict_types=1);

namespace Fescue\Core\Base;

use Fescue\Core\Instruction\Along;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Instruction\Turn;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
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
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Shape\Path;
use Fescue\Core\Shape\Rectangle;

/**
 * A rectangle of rows to and fro, and a round picked up about it: the tops of the last row, the row ends, the other
 * side of the chain, the row ends.
 *
 * A corner belongs to both its sides and is worked with k stitches: around = 2a + 2e + 4(k − 2), e of them along the
 * row ends. One a row where a stitch is about as wide as a row is high, else r·h/w, spread evenly. Common practice, no
 * source.
 * The round stands: it is the first of the wall.
 */
final readonly class Rows extends MadeByChoices
{
    private const MOST_ROWS = 120;

    private const PLAIN_CORNER = 2;

    private const LONGER = 'longer';

    public const TOPS = 'rows';

    private const ENDS = 'ends';

    public static function key(): string
    {
        return 'rows';
    }

    public static function called(): array
    {
        return ['Rows', 'to and fro, then around'];
    }

    public function settings(?Ground $ground = null): array
    {
        $gauge = $ground?->gauge;
        $motif = $this->motif('stitch');

        return [
            Choice::plain('stitch', 'Stitch of the rows', $motif->key, asked: true),
            ToAndFro::across($this->count('across'), $gauge?->widthOf($motif)),
            new Setting(
                'rows',
                'Rows of base',
                new Counted('base row', short: '{n, plural, one {# row} other {# rows}}'),
                $this->count('rows'),
                new Bounds(1, self::MOST_ROWS),
                Unsaid::settled(),
                new Serves(Side::Width, $gauge?->heightOf($motif)),
                Fewer::rows(),
            ),
            new Setting(
                'corner',
                'Stitches at a corner',
                new Counted('stitch at a corner', 'stitches at a corner'),
                $this->given('corner', self::PLAIN_CORNER),
                new Bounds(1, 3),
                Unsaid::is(self::PLAIN_CORNER),
            ),
            ToAndFro::along($this->count('along')),
            Choice::plain('round', 'Stitch of the round', $this->motif('round')->key),
            new Choice(
                'front',
                'The front',
                $this->choice('front', self::LONGER),
                [
                    self::LONGER => ['The longer side', 'whichever way the rows run'],
                    self::TOPS => ['The last row’s tops', 'handles stand on them'],
                    self::ENDS => ['The row ends', 'handles stand on them'],
                ],
            ),
        ];
    }

    public function height(Ground $ground): Length
    {
        return $ground->gauge->heightOf($this->motif('round'));
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        $motif = $this->motif('stitch');
        $across = $this->count('across') ?? ToAndFro::chains($wish->length, $ground->gauge->widthOf($motif));
        $rows = $this->count('rows') ?? ToAndFro::fitting(
            $wish->width,
            'width',
            1,
            self::MOST_ROWS,
            $ground->gauge->heightOf($motif),
            'base rows',
        );

        return $this->with(
            [
                'across' => $across,
                'rows' => $rows,
                'along' => $this->count('along')
                    ?? Offered::along($rows, $ground->gauge, $motif, $this->motif('round')),
            ],
        );
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        [$across, $many] = [$this->given('across'), $this->given('rows')];
        $strip = new ToAndFro($this->motif('stitch'), $across, $many, $ground->gauge);
        $rows = $strip->rows();
        $outline = $strip->outline();
        $rows[] = $round = $this->round($ground, $outline);
        $corner = $this->given('corner', self::PLAIN_CORNER);
        [$ahead, $aside] = [$across + $corner - 2, $this->given('along') + $corner - 2];
        $sideways = match ($this->choice('front', self::LONGER)) {
            self::TOPS => false,
            self::ENDS => true,
            default => $outline->width() > $outline->length(),
        };
        // One stitch stands on each corner: the third there, its only one, or the last of a side.
        $first = $corner === 1 ? $ahead : $across - 3 + $corner;
        $corners = array_map(
            fn(int $place): float => $place % (2 * ($ahead + $aside)) + 0.5,
            [$first, $first + $aside, $first + $aside + $ahead, $first + 2 * $aside + $ahead],
        );

        return new Made(
            $rows,
            Edge::around(
                2 * ($ahead + $aside),
                $sideways ? $ahead + $this->given('along') / 2 : $across / 2,
                $round->fabric,
                $corners,
            ),
            $strip->start(),
            $outline,
            sideways: $sideways,
        );
    }

    /** The round picked up. @throws Unmakeable where a side is too short for its corners */
    private function round(Ground $ground, Rectangle $outline): Row
    {
        [$across, $rows, $motif] = [$this->given('across'), $this->given('rows'), $this->motif('round')];
        $ends = ToAndFro::ends($this->given('along'), $rows);
        $tops = array_fill(0, $across, 1);
        $work = [
            new Turn($motif->post()->startingChains()),
            ...$this->side($tops, Into::Stitch),
            new Along(1, EdgeKind::RowEnds->value, $this->side($ends, Into::RowEnd)),
            new Along(2, EdgeKind::OtherSide->value, $this->side($tops, Into::NextChain)),
            new Along(3, EdgeKind::RowEnds->value, $this->side($ends, Into::RowEnd)),
        ];
        $edges = [
            Edge::tops($across, $this->motif('stitch')),
            new Edge(EdgeKind::RowEnds, $rows),
            new Edge(EdgeKind::OtherSide, $across),
            new Edge(EdgeKind::RowEnds, $rows),
        ];

        return new Row(
            Part::Base,
            $motif,
            $ground->school->close($work),
            $edges,
            path: $this->path($outline, $ground->gauge->heightOf($motif)->mm),
        );
    }

    /** Half a row outside: of one or three at a corner one stands on it, of two one on either side. */
    private function path(Rectangle $inside, float $high): Path
    {
        $outline = new Rectangle($inside->length() + $high, $inside->width() + $high);
        [$across, $along] = [$this->given('across'), $this->given('along')];

        return match ($this->given('corner', self::PLAIN_CORNER)) {
            // The corner's own is the first of a side.
            1 => $outline->places($across - 2, $along - 2, -1),
            3 => $outline->places($across, $along, 0),
            default => $outline->alongSides($across, $along),
        };
    }

    /**
     * @param list<int> $each stitches in each place of it
     *
     * @return list<Instruction>
     */
    private function side(array $each, Into $into): array
    {
        return Repeat::found(Several::inRuns($this->motif('round')->post(), $this->cornered($each), $into));
    }

    /**
     * A side with the corner at its end: its last stitch and the first of the next side are two; one more goes in with
     * the last, or that is left out.
     *
     * @param list<int> $each stitches in each place of it
     *
     * @return list<int>
     */
    private function cornered(array $each): array
    {
        $last = count($each) - 1;
        while ($last > 0 && $each[$last] === 0) {
            $last--;
        }
        $each[$last] += $this->given('corner', self::PLAIN_CORNER) - 2;
        if (array_sum($each) < 1) {
            throw new Unmakeable(
                'corner',
                new Saying('A side of one stitch has none to leave out at its corner; work two or three there.'),
            );
        }

        return array_values($each);
    }
}
