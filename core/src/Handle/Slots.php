<?php

declare(strict_types=1);

namespace Fescue\Core\Handle;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Chains;
use Fescue\Core\Pattern\Each;
use Fescue\Core\Pattern\Into;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Skip;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Shape\Ellipse;
use Fescue\Core\Stitch\Stitch;

/** Two hand holes, front and back: skip some stitches, chain over them, and work the next round around the chain. */
final readonly class Slots
{
    /** Stitches to leave between a slot and the ends of its half of the round, or the chain pulls on the fold itself. */
    public const SHOULDER = 2;

    public int $before;

    public int $between;

    public int $after;

    /**
     * @param int $around stitches of the round below, even
     * @param float $centre stitches from the start of round to the middle of the front
     * @param int $skip stitches under each slot, from 1 to the widest
     * @param int $chain chains over each slot, at least $skip
     */
    public function __construct(
        public int $around,
        public float $centre,
        public int $skip,
        public int $chain,
        public int $edgeRounds,
        private Working $working,
    ) {
        if ($skip < 1 || $skip > self::widest($around, $centre) || $chain < $skip) {
            throw new \InvalidArgumentException('A slot fits its side, and its chain spans it.');
        }
        $half = intdiv($around, 2);
        $this->before = (int) round($centre - $skip / 2);
        $this->between = $half - $skip;
        $this->after = $around - 2 * $skip - $this->before - $this->between;
    }

    /** The most stitches a slot centred there can skip; below 1 there is no room. */
    public static function widest(int $around, float $centre): int
    {
        return (int) floor(2 * (min($centre, $around / 2 - $centre) - self::SHOULDER));
    }

    /**
     * Stitches to skip so that a slot stands on the middle of its side: the number nearest to a wish, from 1 to the most,
     * that leaves whole stitches on both sides of it; 1 where there is none.
     */
    public static function centred(float $centre, float $wish, int $most): int
    {
        $odd = (int) round(2 * $centre) % 2;
        // Odd where the middle lies on a stitch, even where it lies between two.
        $nearest = 2 * (int) round(($wish - $odd) / 2) + $odd;
        $largest = $most - ($most + $odd) % 2;

        return max(1, min($nearest, $largest));
    }

    /** The most that each of these could skip where it stands. */
    public function mostToSkip(): int
    {
        return self::widest($this->around, $this->centre);
    }

    /** Stitches by which the slots' middle lies past the middle of their side; half a one where parity does not allow less. */
    public function offCentre(): float
    {
        return $this->before + $this->skip / 2 - $this->centre;
    }

    /** @return list<Row> the slot round and the edge */
    public function rows(int $number): array
    {
        $stitch = Stitch::Single;
        $slot = new Chains($this->chain);
        $rows = [new Row("Round {$number}", Part::Handles, $this->working->around([
            new Each($stitch, $this->before), $slot, new Skip($this->skip),
            new Each($stitch, $this->between), $slot, new Skip($this->skip),
            new Each($stitch, $this->after),
        ]))];
        $around = new Each($stitch, $this->chain, into: Into::ChainSpace);
        for ($edge = 1; $edge <= $this->edgeRounds; $edge++) {
            $rows[] = new Row('Round '.($number + $edge), Part::Edge, $this->working->around($edge === 1
                ? [
                    new Each($stitch, $this->before), $around,
                    new Each($stitch, $this->between), $around,
                    new Each($stitch, $this->after),
                ]
                : [new Each($stitch, $this->around + 2 * ($this->chain - $this->skip))]));
        }

        return $rows;
    }

    public function height(Gauge $gauge): Length
    {
        return $gauge->singleHeight()->times(1 + $this->edgeRounds);
    }

    /** The hole when its chain is lifted: half an ellipse as wide as what is skipped, its arch as long as the chain (geometry). */
    public function opening(Gauge $gauge): Ellipse
    {
        $width = $gauge->singleWidth()->mm;

        return Ellipse::ofPerimeter($this->skip * $width / 2, 2 * $this->chain * $width);
    }
}
