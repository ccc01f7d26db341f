<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Saying\Saying;

/** Something flat to cut strips from. Its cuts are told on the piece as it lies. */
abstract readonly class Cuttable
{
    public const MOST_STRIPS = 400;

    /** Strips of one piece, ⌊usable height / strip⌋. */
    public int $strips;

    /**
     * @param Length $width at the upper edge, as it lies
     * @param Length $foot at the lower edge; the left edge stands upright, the right one slants where they differ
     * @param int $layers it lies in: 2 for a tube or a bag, 1 for a panel
     * @param Length $joinLoss strand lost at a join
     *
     * @throws TooSmall where that gives no strip, or more than anybody cuts
     */
    protected function __construct(
        public Length $width,
        public Length $foot,
        public Length $height,
        public Length $strip,
        public int $layers,
        public Length $trimTop,
        public Length $trimBottom,
        public JoinMethod $join,
        public Length $joinLoss,
    ) {
        $usable = $height->mm - $trimTop->mm - $trimBottom->mm;
        if ($usable <= 0) {
            throw new TooSmall('trim_top', new Saying(
                'What is cut off at top and bottom is as high as the piece; cut off less.',
            ));
        }
        // A ruler's 30 cm by 5 cm is 6, whatever binary fractions make of it.
        $this->strips = (int) min(1e6, floor($usable / max(1e-6, $strip->mm) + 1e-9));
        if ($this->strips < 1) {
            throw new TooSmall('strip', new Saying('The strip is wider than the piece is high; cut it narrower.'));
        }
        if ($this->strips > self::MOST_STRIPS) {
            throw new TooSmall(
                'strip',
                new Saying(
                    'That makes {strips} strips of one piece; Fescue plans up to {most}. Check the strip’s unit.',
                    ['strips' => $this->strips, 'most' => self::MOST_STRIPS],
                ),
            );
        }
    }

    /** One strand, uncut from end to end. */
    abstract public function oneStrand(): Cutting;

    /** Strips or loops, each joined to the next. */
    abstract public function joined(): Cutting;

    public function cut(CutMethod $school): Cutting
    {
        return $school === CutMethod::OneStrand ? $this->oneStrand() : $this->joined();
    }

    /**
     * Why it makes no strand of one school, and with how little it would; null where it does.
     *
     * @param int $pieces alike, at least 1
     */
    public function refusal(CutMethod $school, int $pieces): ?TooSmall
    {
        $cutting = $this->cut($school);
        $said = fn(float $mm): string => Length::mm($mm)->exact(LengthUnit::Millimetre);
        $strip = $cutting->shortest();
        if ($cutting->joins > 0 && $this->joinLoss->mm >= $strip) {
            return new TooSmall(
                'join_loss',
                new Saying(
                    'A join takes {joinLoss} and a strip is {strip} long, so nothing is left: lose less at a '
                        .'join, or cut from a piece wider than the join takes.',
                    ['joinLoss' => $said($this->joinLoss->mm), 'strip' => $said($strip)],
                ),
            );
        }
        if ($pieces > 1 && $cutting->between->mm >= $cutting->length->mm) {
            return new TooSmall(
                'join_loss',
                new Saying(
                    'One piece gives {length} and a join to the next takes {between}, so nothing is left: lose '
                        .'less at a join, or cut from larger pieces.',
                    ['length' => $said($cutting->length->mm), 'between' => $said($cutting->between->mm)],
                ),
            );
        }

        return null;
    }

    /** All of it as it lies, mm², every layer counted. */
    public function area(): float
    {
        return $this->layers * ($this->width->mm + $this->foot->mm) / 2 * $this->height->mm;
    }

    /** How wide it lies at a height, mm. */
    public function widthAt(float $y): float
    {
        return $this->width->mm + ($this->foot->mm - $this->width->mm) * $y / $this->height->mm;
    }

    /** How far down the so-manieth strip begins, mm; halves are middles. */
    protected function line(float $strips): float
    {
        return $this->trimTop->mm + $strips * $this->strip->mm;
    }

    /** @return list<Cut> what comes off first, through every layer; less than half a millimetre is not worth a cut */
    protected function trims(): array
    {
        $foot = $this->line($this->strips);
        $cuts = $this->trimTop->mm > 0 ? [$this->across(CutKind::Trim, $this->trimTop->mm)] : [];
        if ($this->height->mm - $foot > 0.5) {
            $cuts[] = $this->across(CutKind::Trim, $foot);
        }

        return $cuts;
    }

    /** A cut from the left edge, at a height in mm, that stops so many mm short of the right one. */
    protected function across(CutKind $kind, float $y, float $short = 0.0): Cut
    {
        return new Cut($kind, 0, $y, $this->widthAt($y) - $short, $y);
    }

    /** @return list<Cut> between all strips */
    protected function slits(float $short = 0.0): array
    {
        $cuts = [];
        for ($line = 1; $line < $this->strips; $line++) {
            $cuts[] = $this->across(CutKind::Slit, $this->line($line), $short);
        }

        return $cuts;
    }
}
