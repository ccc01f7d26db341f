<?php

declare(strict_types=1);

namespace Fescue\Core\Stitch;

use Fescue\Core\Measure\Length;

/** What a fabric is worked in: one stitch over and over, or several that repeat. Every top counts as a stitch, a chain too. */
enum Motif: string
{
    case Single = 'sc';
    case HalfDouble = 'hdc';
    case Double = 'dc';
    case Treble = 'tr';
    case Mesh = 'mesh';

    /** A fabric of this stitch alone; null where none is worked of it. */
    public static function of(Stitch $stitch): ?self
    {
        return self::tryFrom($stitch->value);
    }

    /** The stitch that gives it its height. */
    public function post(): Stitch
    {
        return match ($this) {
            self::Single => Stitch::Single,
            self::HalfDouble => Stitch::HalfDouble,
            self::Double, self::Mesh => Stitch::Double,
            self::Treble => Stitch::Treble,
        };
    }

    /** Chains between one post and the next, each over one stitch skipped. */
    public function chains(): int
    {
        return $this === self::Mesh ? 1 : 0;
    }

    /** Stitches of one repeat: a round takes a multiple of it. */
    public function multiple(): int
    {
        return 1 + $this->chains();
    }

    public function isMadeOf(Stitch $stitch): bool
    {
        return $stitch === $this->post() || ($stitch === Stitch::Chain && $this->chains() > 0);
    }

    /** Height of a row against one of single crochet by the same hand. */
    public function relativeHeight(): float
    {
        return $this->post()->relativeHeight();
    }

    /**
     * Strand of one stitch of it, by its loops' geometry, the posts and chains of a repeat averaged.
     *
     * @param Length $width of one stitch
     * @param Length $singleHeight height of a row of single crochet
     */
    public function loopLength(Length $width, Length $singleHeight): Length
    {
        $repeat = $this->post()->loopLength($width, $singleHeight)->plus(Stitch::Chain->loopLength($width, $singleHeight)->times($this->chains()));

        return $repeat->times(1 / $this->multiple());
    }

    public function abbreviation(Terms $terms): string
    {
        return $this === self::Mesh ? 'mesh' : $this->post()->abbreviation($terms);
    }

    public function fullName(Terms $terms): string
    {
        return $this === self::Mesh ? "{$this->post()->fullName($terms)} mesh" : $this->post()->fullName($terms);
    }
}
