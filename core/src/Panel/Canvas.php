<?php

declare(strict_types=1);

namespace Fescue\Core\Panel;

use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\Make;
use Fescue\Core\Material\Need;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Whole;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Piece\Assembly;
use Fescue\Core\Piece\Bounds;
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
use Fescue\Core\Piece\Serves;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\SewnEdge;
use Fescue\Core\Piece\Side;
use Fescue\Core\Piece\Sized;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Saying\Saying;

/**
 * A sheet of plastic canvas covered by a crocheted panel: front, bottom, back and flap in one, and two sides. Single
 * crochet joins panel and canvas, one a square and two in a corner square; hardware is counted in squares from the
 * edge. Common practice, no source.
 */
final readonly class Canvas extends OfPieces
{
    /** Squares from the edges at which a bar for the strap stands. */
    private const BAR = 3;

    /** Squares from the flap's edge at which the middle of the clasp stands. */
    private const CLASP = 2;

    public static function key(): string
    {
        return 'canvas';
    }

    public static function called(): array
    {
        return ['On plastic canvas', 'a stiff panel, two sides, a flap'];
    }

    public function settings(?Ground $ground = null): array
    {
        $pitch = $this->length('pitch');

        return [
            $this->fabrics(),
            $this->squares('sheet_across', 'Squares of the sheet, across', 'square of the sheet', asked: true),
            $this->squares('sheet_high', 'Squares of the sheet, high', 'square of the sheet’s height', asked: true),
            new Sized(
                'pitch',
                'From square to square',
                'The pitch of a canvas',
                $pitch,
                Length::mm(1),
                Length::mm(20),
                true,
                LengthUnit::Millimetre,
            ),
            $this->squares('across', 'Squares cut across', 'square across', Side::Length, $pitch, '{n} squares'),
            $this->squares('front', 'Squares of the front', 'square of the front', Side::Height, $pitch),
            $this->squares('bottom', 'Squares of the bottom', 'square of the bottom', Side::Width, $pitch),
            $this->squares('back', 'Squares of the back', 'square of the back'),
            $this->squares('flap', 'Squares of the flap', 'square of the flap'),
            $this->rows('chain', 'Stitches of the panel', 'stitch of the panel', 'stitches of the panel', null, null),
            $this->rows('rows', 'Rows of the panel', 'row of the panel', 'rows of the panel', null, null),
            $this->rows('side', 'Stitches of a side', 'stitch of a side', 'stitches of a side', null, null),
            $this->rows('side_rows', 'Rows of a side', 'row of a side', 'rows of a side', null, null),
            new Sized(
                'clasp',
                'Width of the clasp',
                'The width of a clasp',
                $this->length('clasp'),
                Length::mm(5),
                Length::mm(400),
            ),
            new Setting(
                'bar',
                'Bars stand in the so manieth square',
                new Counted('square to a bar', 'squares to a bar'),
                $this->given('bar', self::BAR),
                new Bounds(1, 60),
                Unsaid::is(self::BAR),
            ),
        ];
    }

    private function squares(
        string $name,
        string $label,
        string $unit,
        ?Side $side = null,
        ?Length $step = null,
        string $short = '',
        bool $asked = false,
    ): Setting {
        $plural = 'squares'.substr($unit, strlen('square'));

        return new Setting(
            $name,
            $label,
            new Counted($unit, $plural, $short),
            $this->count($name),
            new Bounds(1, self::MOST),
            $asked ? Unsaid::refused() : Unsaid::settled(),
            $side === null ? null : new Serves($side, $step),
        );
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        $pitch = $this->pitch();
        [$sheet, $tall] = [$this->given('sheet_across', 1), $this->given('sheet_high', 1)];
        // Nothing asked for: the whole sheet.
        $across = $this->count('across') ?? ($wish->length === null
            ? $sheet
            : self::fitting($wish->length->mm, 'length', 1, $pitch, 'squares across'));
        if ($across > $sheet) {
            throw new Unmakeable(
                $this->count('across') === null ? '/size/length' : 'across',
                new Saying(
                    'That is {across, plural, one {# square} other {# squares}} across and the sheet has {sheet}: '
                        .'{most} at most.',
                    ['across' => $across, 'sheet' => $sheet, 'most' => $pitch->times($sheet)],
                ),
            );
        }
        $front = $this->count('front') ?? self::fitting(
            $wish->heightLeft(),
            'height',
            1,
            $pitch,
            'squares of the front',
        );
        $bottom = $this->count('bottom') ?? self::fitting(
            $wish->width?->mm,
            'width',
            1,
            $pitch,
            'squares of the bottom',
        );
        $back = $this->count('back') ?? $front;
        $left = $tall - $front - $bottom - $back;
        $flap = $this->count('flap') ?? min($left, $bottom + $front);
        if ($flap < 1 || $flap > $left) {
            $there = $front + $bottom + $back;
            throw new Unmakeable(
                $this->count('flap') === null ? '/size/height' : 'flap',
                new Saying(
                    $left < 1
                        ? 'Front, bottom and back take {there} of the sheet’s {tall} squares, and none is left for a '
                            .'flap. Make it lower or shallower, or take a longer sheet.'
                        : 'Front, bottom and back take {there} of the sheet’s {tall} squares, and {left} are left '
                            .'for the flap. Make it lower or shallower, or take a longer sheet.',
                    ['there' => $there, 'tall' => $tall, 'left' => $left],
                ),
            );
        }
        $fabric = $this->fabric();
        [$wide, $high] = [$ground->gauge->widthOf($fabric)->mm, $ground->gauge->heightOf($fabric)->mm];
        $covers = fn(int $squares): int => max(1, Whole::up($squares * $pitch->mm / $high));
        // Slightly stretched across; a few millimetres over along the rows.
        $stretched = fn(int $squares): int => max(2, Whole::down($squares * $pitch->mm / $wide));

        return $this->with([
            'across' => $across,
            'front' => $front,
            'bottom' => $bottom,
            'back' => $back,
            'flap' => $flap,
            'chain' => $this->count('chain') ?? $stretched($across),
            'rows' => $this->count('rows') ?? $covers($front + $bottom + $back + $flap),
            'side' => $this->count('side') ?? $stretched($bottom),
            'side_rows' => $this->count('side_rows') ?? $covers($front),
        ]);
    }

    private function pitch(): Length
    {
        return $this->length('pitch') ?? throw new Unmakeable('pitch', new Saying(
            'Say how far it is from square to square.',
        ));
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        $pitch = $this->pitch();
        [$across, $front, $bottom] = [$this->given('across'), $this->given('front'), $this->given('bottom')];
        [$back, $flap] = [$this->given('back'), $this->given('flap')];
        [$wide, $deep, $high] = [$pitch->times($across), $pitch->times($bottom), $pitch->times($front)];
        if ($flap > $bottom + $front) {
            $most = $bottom + $front;
            throw new Unmakeable(
                'flap',
                new Saying(
                    'A flap of {flap, plural, one {# square} other {# squares}} reaches past the front’s foot; '
                        .'{most} at most.',
                    ['flap' => $flap, 'most' => $most],
                ),
            );
        }
        [$clasp, $bar] = [$this->length('clasp'), $this->given('bar', self::BAR)];
        if ($clasp !== null && $clasp->mm > $wide->mm) {
            throw new Unmakeable(
                'clasp',
                new Saying(
                    'The clasp is {clasp} wide and the bag {wide}. Take a narrower one.',
                    ['clasp' => $clasp, 'wide' => $wide],
                ),
            );
        }
        if (2 * $bar > $bottom + 1) {
            throw new Unmakeable(
                'bar',
                new Saying(
                    'A side is {bottom, plural, one {# square} other {# squares}} deep: the bar stands in '
                        .'number {most} from the front at most.',
                    ['bottom' => $bottom, 'most' => intdiv($bottom + 1, 2)],
                ),
            );
        }
        [$fabric, $gauge] = [$this->fabric(), $ground->gauge];
        [$chain, $rows] = [$this->given('chain'), $this->given('rows')];
        [$side, $sideRows] = [$this->given('side'), $this->given('side_rows')];
        $along = $front + $bottom + $back;
        $all = $along + $flap;
        $sides = ['left', 'right'];
        $join = fn(string $letter, string $of): Seam => Seam::spread(
            $letter,
            new Offered('Panel', 'panel', EdgeKind::Some, $along, $along),
            new Offered(ucfirst("{$of} side"), "{$of}-side", EdgeKind::Some, 2 * $sideRows + $side, $along),
            Joining::Slip,
            new Saying('From the front’s upper edge down, along the bottom and up the back.'),
        );
        $seams = [
            Seam::spread(
                'A',
                new Offered('Canvas', 'canvas', EdgeKind::Squares, 2 * ($across + $all), 2 * ($across + $all)),
                new Offered('Panel', 'panel', EdgeKind::Some, 2 * ($chain + $rows), 2 * ($across + $all)),
                Joining::Single,
                new Saying('All round, from the middle of a long side.'),
            ),
            $join('B', 'left'),
            $join('C', 'right'),
        ];
        $free = $clasp === null ? null : Length::mm(($wide->mm - $clasp->mm) / 2);
        $box = new Box($wide->mm, $deep->mm, $high->mm, $flap * $pitch->mm, 'panel', 'left-side', 'right-side');
        $over = $pitch->times(max(0, $flap - $bottom));

        return new Made(
            array_map(fn(Seam $seam): Row => $seam->row(), $seams),
            self::opening($across, $bottom, Motif::single()),
            remarks: [
                new Remark(
                    'canvas-squares',
                    Tone::Better,
                    $rows + 2 * $sideRows,
                    'The panel’s {chain} stitches are stretched a little over {wide}; its {rows} rows cover {tall}.',
                    'Where it is lined, the lining goes in next, before the sides are sewn.',
                    ['wide' => $wide, 'tall' => $pitch->times($all), 'chain' => $chain, 'rows' => $rows],
                    works: true,
                ),
                ...($free === null ? [] : [new Remark(
                    'clasp-place',
                    Tone::Better,
                    null,
                    'The clasp stands {free} from either edge,',
                    'that is {squares} squares. Its lower half goes where the folded flap shows it.',
                    ['free' => $free, 'squares' => $free->mm / $pitch->mm],
                    works: true,
                )]),
                new Remark(
                    'bars',
                    Tone::Better,
                    null,
                    'A bar for the strap stands in square {bar} from the front and {bar} from the top of each side,',
                    'mirrored: {in} from each edge.',
                    ['in' => $pitch->times($bar - 0.5), 'bar' => $bar],
                    works: true,
                ),
                new Remark(
                    'canvas-cut',
                    Tone::Care,
                    null,
                    'Cut the canvas with old scissors, away from you.',
                    'Trim the stubs flush: they scratch and catch the strand.',
                ),
                Remark::hangTest(),
            ],
            assembly: new Assembly(
                [
                    new Piece(
                        Strip::start($chain, $fabric),
                        Strip::rows($chain, $rows, $fabric),
                        'panel',
                        flat: $this->lying($pitch->mm, $all, $over->mm, $clasp, $rows),
                    ),
                    ...array_map(fn(string $of): Piece => new Piece(
                        Strip::start($side, $fabric),
                        Strip::rows($side, $sideRows, $fabric),
                        "{$of}-side",
                        flat: $this->lyingSide($of, $pitch->mm, $along, $bar, $sideRows),
                    ), $sides),
                ],
                $seams,
                $box->steps(
                    ['B', 'B', 'B'],
                    ['C', 'C', 'C'],
                    $clasp === null ? '' : 'clasp',
                    $pitch->mm * self::CLASP,
                    $clasp->mm ?? 0.0,
                    $pitch->mm * self::CLASP,
                ),
                $wide,
                $deep,
                $high,
                $wide->mm * $deep->mm * $high->mm / 1e6,
            ),
            needs: [
                ...($clasp === null ? [] : [Need::piece(Make::Clasp, 'Clasp', 1, $clasp)]),
                Need::piece(Make::StrapBar, 'Strap bar', 2),
            ],
        );
    }

    private function lying(float $pitch, int $all, float $over, ?Length $clasp, int $rows): Flat
    {
        $half = $this->given('across') * $pitch / 2;
        [$front, $bottom, $back] = [$this->given('front'), $this->given('bottom'), $this->given('back')];
        $along = $front + $bottom + $back;
        $y = [-$front * $pitch, -($front + $bottom) * $pitch, -$along * $pitch];
        // As far below the front's upper edge as the upper half comes to lie.
        $in = self::CLASP * $pitch;
        $marks = $clasp === null ? [] : [
            new Mark(Marked::Clasp, 0.0, -$all * $pitch + $in, $clasp->mm, $in, new Saying('clasp')),
            ...($over > 0.0
                ? [new Mark(Marked::Clasp, 0.0, -max(0.0, $over - $in), $clasp->mm, $in, new Saying('lower half'))]
                : []),
        ];
        $flat = Flat::stacked(array_fill(0, max(1, $rows), [2 * $half, $all * $pitch / $rows]), $marks);
        $fold = fn(int $nth, Saying $says): Fold => new Fold([-$half, $y[$nth]], [$half, $y[$nth]], $says);

        return $flat->folded([
            $fold(0, new Saying('bottom, {n, plural, one {# square} other {# squares}}', ['n' => $bottom])),
            $fold(1, new Saying('back, {n, plural, one {# square} other {# squares}}', ['n' => $back])),
            $fold(2, new Saying('flap, {n, plural, one {# square} other {# squares}}', ['n' => $this->given('flap')])),
        ])->sewn([
            new SewnEdge('B', [[-$half, 0.0], [-$half, $y[2]]], $along),
            new SewnEdge('C', [[$half, 0.0], [$half, $y[2]]], $along),
        ]);
    }

    private function lyingSide(string $of, float $pitch, int $along, int $bar, int $rows): Flat
    {
        [$half, $high] = [$this->given('bottom') * $pitch / 2, $this->given('front') * $pitch];
        $at = $half - ($bar - 0.5) * $pitch;

        return Flat::stacked(array_fill(0, max(1, $rows), [2 * $half, $high / $rows]), [
            new Mark(Marked::Bar, $of === 'left' ? $at : -$at, -$high + ($bar - 0.5) * $pitch, 2 * $pitch, $pitch),
        ])->sewn([
            new SewnEdge(
                $of === 'left' ? 'B' : 'C',
                [[-$half, -$high], [-$half, 0.0], [$half, 0.0], [$half, -$high]],
                $along,
            ),
        ]);
    }
}
