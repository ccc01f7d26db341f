<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Whole;
use Fescue\Core\Piece\ByChoices;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Sized;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Saying\Saying;

/** A closure in the middle of both sides: (width − closure) ÷ 2 from either. Common practice, no source. */
abstract readonly class OnTheMiddle extends ByChoices implements Finishing
{
    /** @var float mm it is wide where nothing is said. From memory. */
    protected const WIDE = 18.0;

    /** @var float mm from the edge down to its middle where nothing is said. From memory. */
    protected const UNDER = 25.0;

    /** @var float how high it is, as a share of its width */
    protected const TALL = 1.0;

    private const WIDEST = 400.0;

    private const DEEPEST = 1000.0;

    public function settings(?Ground $ground = null): array
    {
        return [
            new Sized(
                'wide',
                'How wide it is',
                'The width of a closure',
                $this->length('wide'),
                Length::mm(4),
                Length::mm(self::WIDEST),
                unit: LengthUnit::Millimetre,
            ),
            new Sized(
                'under',
                'Below the edge',
                'How far it stands below the edge',
                $this->length('under'),
                Length::mm(3),
                Length::mm(self::DEEPEST),
            ),
        ];
    }

    protected function wide(): Length
    {
        return $this->length('wide') ?? Length::mm(static::WIDE);
    }

    /** Where nothing is said, below what a handle takes of the side. */
    protected function under(Shell $shell): Length
    {
        $clear = $shell->wallTop()->mm + static::TALL * $this->wide()->mm / 2 + $shell->row->mm / 2;

        return $this->length('under') ?? Length::mm(min($shell->high->mm, max(static::UNDER, $clear)));
    }

    /** @throws Unmakeable where it has no room on a side */
    protected function checked(Shell $shell): void
    {
        if ($this->wide()->mm > $shell->opening->mm) {
            throw new Unmakeable('wide', new Saying(
                '{wide} is wider than the opening, {opening} lying flat. Take a smaller one.',
                ['wide' => $this->wide(), 'opening' => $shell->opening],
            ));
        }
        if ($this->under($shell)->mm > $shell->high->mm) {
            throw new Unmakeable('under', new Saying(
                '{shell} below the edge is below the foot: the bag is {high} high.',
                ['shell' => $this->under($shell), 'high' => $shell->high],
            ));
        }
    }

    /** @return array<string, Length> */
    protected function settled(Shell $shell): array
    {
        return ['wide' => $this->wide(), 'under' => $this->under($shell)];
    }

    /** Where it stands, from two edges in length, stitches and rows, and by how much it is off. */
    protected function stands(Shell $shell): Saying
    {
        $level = $shell->level($this->under($shell));
        $of = [
            'side' => Length::mm(($shell->opening->mm - $this->wide()->mm) / 2),
            'under' => $level->under ?? $this->under($shell),
        ];
        if ($level === null) {
            return new Saying('It stands in the middle: {side} from either side, {under} below the edge.', $of);
        }
        $covers = $level->covers($this->wide());
        $side = $level->around / 2;
        $of += [
            'row' => $level->row, 'rows' => $shell->rowsAbove($level),
            'free' => self::half(($side - $covers) / 2), 'all' => self::half($side),
        ];

        return new Saying(
            $of['rows'] === 0
                ? 'It stands in the middle: {side} from either fold, {under} below the edge; in {row}, the last of the '
                    .'wall, with {free} of the side’s {all} stitches free at either side.'
                : 'It stands in the middle: {side} from either fold, {under} below the edge; in {row}, {rows} below '
                    .'the last of the wall, with {free} of the side’s {all} stitches free at either side.',
            $of,
        );
    }

    /** What a handle takes is no wall: asked for there, it stands in the first round under it. */
    protected function moved(Shell $shell): ?Remark
    {
        $asked = $this->length('under');
        $level = $asked === null ? null : $shell->level($asked);
        if ($asked === null || $level === null || abs($level->under->mm - $asked->mm) <= $shell->row->mm) {
            return null;
        }

        return new Remark(
            'closure-moved',
            Tone::Trouble,
            $level->place,
            '{closure} stands lower than you asked.',
            'Handles and edge are where you want it, {asked} below the edge: the nearest round of the wall is {under} '
                .'below it.',
            ['asked' => $asked, 'under' => $level->under, 'closure' => new Saying($this::called()[0])],
        );
    }

    protected static function half(float $count): string
    {
        $whole = Whole::down($count);

        return $count - $whole > 0.25 ? ($whole > 0 ? "{$whole}½" : '½') : (string) $whole;
    }

    /** In the row in which it is thought of; none of a bag of pieces. */
    protected function beforehand(Shell $shell, string $code, string $lead): ?Remark
    {
        $level = $shell->level($this->under($shell));

        return $level === null ? null : new Remark(
            $code,
            Tone::Better,
            $level->place,
            $lead,
            'Mark where it will stand: the front’s middle {front}, the back’s {back}.',
            ['front' => $level->at($level->front), 'back' => $level->at($level->back)],
            true,
        );
    }

    /** Swallowed. Handbook 9. */
    protected static function small(): Remark
    {
        return new Remark(
            'small-parts',
            Tone::Care,
            null,
            'Small magnets, snaps and buttons are swallowed.',
            'Sew them through cloth or leather on the wrong side, pull hard at them, and keep them and the bag from '
                .'small children.',
        );
    }

    /**
     * @param list<?Remark> $remarks
     *
     * @return list<Remark>
     */
    protected static function those(array $remarks): array
    {
        return array_values(array_filter($remarks));
    }

    protected function fixture(Shell $shell, Shape $shape): Fixture
    {
        $under = $shell->level($this->under($shell))->under ?? $this->under($shell);

        return new Fixture($shape, 0.0, $under->mm, $this->wide()->mm, static::TALL * $this->wide()->mm);
    }
}
