<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Length;

/** Something flat to cut strips from. Its cuts are told on the piece as it lies. */
abstract readonly class Piece
{
    public const MOST_STRIPS = 400;

    /** Strand lost in a sewn lap, mm. From memory. */
    protected const LAP_MM = 25.0;

    /** Strips of one piece, ⌊usable height / strip⌋. */
    protected int $count;

    /**
     * @param int $layers it lies in: 2 for a tube or a bag, 1 for a panel
     * @param Length $usable height that becomes strips
     *
     * @throws TooSmall where that gives no strip, or more than anybody cuts
     */
    protected function __construct(public Length $width, public Length $height, public Length $strip, public int $layers, Length $usable)
    {
        // A ruler's 30 cm by 5 cm is 6, whatever binary fractions make of it.
        $this->count = $strip->mm > 0 ? (int) floor($usable->mm / $strip->mm + 1e-9) : 0;
        if ($this->count < 1) {
            throw new TooSmall('strip', 'The strip is wider than the piece is high; cut it narrower.');
        }
        if ($this->count > self::MOST_STRIPS) {
            throw new TooSmall('strip', "That makes {$this->count} strips of one piece; Fescue plans up to ".self::MOST_STRIPS.'. Check the strip’s unit.');
        }
    }

    /** One strand, uncut from end to end. */
    abstract public function oneStrand(): Cutting;

    /** Strips or loops, each joined to the next. */
    abstract public function joined(): Cutting;

    /** All of it as it lies, mm², every layer counted. */
    public function area(): float
    {
        return $this->layers * $this->width->mm * $this->height->mm;
    }

    /** The share of the piece that so many millimetres of single strip are. */
    protected function share(float $length): float
    {
        return $length * $this->strip->mm / $this->area();
    }

    /**
     * At every strip's lower edge; the last frees what is left below, where something is.
     *
     * @param float $to how far across the cuts go, mm; what comes off is cut all the way
     *
     * @return list<Cut>
     */
    protected function across(float $to): array
    {
        $cuts = [];
        for ($line = 1; $line < $this->count; $line++) {
            $cuts[] = new Cut(CutKind::Across, 0, $line * $this->strip->mm, $to, $line * $this->strip->mm);
        }
        $foot = $this->count * $this->strip->mm;
        if ($this->height->mm - $foot > 0.5) {
            $cuts[] = new Cut(CutKind::Off, 0, $foot, $this->width->mm, $foot);
        }

        return $cuts;
    }
}
