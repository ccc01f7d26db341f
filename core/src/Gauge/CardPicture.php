<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Saying\Saying;

/**
 * Marks on a picture of a swatch with a card by it: the size of a stitch and a row, and how sure the marking makes it.
 * What lies higher than the card is nearer to the camera and seems larger, by its height over the camera's: where the
 * whole picture's size is known, so is the camera, and that is taken off.
 */
final readonly class CardPicture
{
    /** How far a mark is off at the least, in pixels of the picture: an edge in it is no sharper. From memory. */
    public const MARK_PX = 1.5;

    /** And in pixels of the screen it was set on. From memory. */
    private const SCREEN_PX = 0.65;

    /** So much better must the other way explain the corners before the card is said to lie so: e to that. */
    private const SURELY = 4.0;

    private ?Camera $camera;

    /**
     * @param list<array{float, float}> $corners of the card, pixels, going round from its upper left
     * @param ?array{float, float} $size of the whole picture; null where nothing lies above the card
     * @param float $above mm that the fabric's top lies above the card
     * @param float $aboveOff how far that may be off, mm
     *
     * @throws NotUnderstood where the corners are no card's, or one's that stands the other way
     */
    public function __construct(
        private array $corners,
        private bool $upright,
        private float $markPx = self::MARK_PX,
        ?array $size = null,
        private float $above = 0.0,
        private float $aboveOff = 0.0,
    ) {
        $this->camera = $size === null ? null : Camera::of($corners, $upright, $size, $markPx);
        if ($size !== null && $this->camera !== null) {
            $other = Camera::of($corners, ! $upright, $size, $markPx);
            if ($this->camera->strain - $other->strain > self::SURELY) {
                throw new NotUnderstood(new Saying($upright
                    ? 'By its corners the card does not stand on its short side: it lies on its long one.'
                    : 'By its corners the card stands on its short side; say so with the tick below.'));
            }
        }
    }

    /**
     * How far a mark is off, pixels of the picture.
     *
     * @param float $shrunk pixels of the picture to one of the screen: on a phone a mark is set more coarsely
     * @param float $times how much less surely it is set than an edge can be
     */
    public static function markPx(float $shrunk, float $times): float
    {
        return $times * max(self::MARK_PX, self::SCREEN_PX * $shrunk);
    }

    /** Share of what is measured that was taken off, for what lies above the card. */
    public function takenOff(): float
    {
        return $this->above * ($this->camera->nearness ?? 0.0);
    }

    /**
     * Millimetres of one of so many, from one mark to another: the marks' own errors carried through by differences.
     *
     * @param array{float, float} $from pixels
     * @param array{float, float} $to
     * @param float $count stitches or rows between them, above zero
     *
     * @throws NotUnderstood
     */
    public function one(array $from, array $to, float $count): Spread
    {
        if ($count <= 0) {
            throw new NotUnderstood(new Saying('Count how many lie between the two marks, above 0.'));
        }
        $marks = [...$this->corners, $from, $to];
        $length = $this->length($marks);
        if ($length < 5) {
            throw new NotUnderstood(new Saying(
                'The two marks lie on each other; put them at the ends of the run you counted.',
            ));
        }
        $variance = 0.0;
        foreach (array_keys($marks) as $place) {
            foreach ([[0.5, 0.0], [0.0, 0.5]] as [$dx, $dy]) {
                $slope = $this->length(self::moved($marks, $place, $dx, $dy))
                    - $this->length(self::moved($marks, $place, -$dx, -$dy));
                $variance += ($slope * $this->markPx) ** 2;
            }
        }

        $off = ($this->above * ($this->camera->off ?? 0.0)) ** 2
            + ($this->aboveOff * ($this->camera->nearness ?? 0.0)) ** 2;

        return new Spread(
            (1 - $this->takenOff()) * $length / $count,
            sqrt($variance / $length ** 2 + $off / (1 - $this->takenOff()) ** 2),
        );
    }

    /**
     * @param list<array{float, float}> $marks
     *
     * @return list<array{float, float}>
     */
    private static function moved(array $marks, int $which, float $dx, float $dy): array
    {
        [$x, $y] = $marks[$which];

        return array_values(array_replace($marks, [$which => [$x + $dx, $y + $dy]]));
    }

    /** @param list<array{float, float}> $marks @throws NotUnderstood */
    private function length(array $marks): float
    {
        return Perspective::ofCard(array_slice($marks, 0, 4), $this->upright)->between($marks[4], $marks[5]);
    }
}
