<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Measure\Spread;

/**
 * Marks on a picture of a swatch with a card beside it: the size of a stitch and a row, and how sure the marking makes
 * it.
 */
final readonly class CardPicture
{
    /** How far a mark is off at the least, in pixels of the picture: an edge in it is no sharper. From memory. */
    public const MARK_PX = 1.5;

    /** And in pixels of the screen it was set on. From memory. */
    private const SCREEN_PX = 0.65;

    /** @param list<array{float, float}> $corners of the card, pixels, going round from its upper left */
    public function __construct(private array $corners, private bool $upright, private float $markPx = self::MARK_PX) {}

    /**
     * @param list<array{float, float}> $corners
     * @param float $shrunk pixels of the picture to one of the screen: on a phone a mark is set more coarsely
     */
    public static function shown(array $corners, bool $upright, float $shrunk): self
    {
        return new self($corners, $upright, max(self::MARK_PX, self::SCREEN_PX * $shrunk));
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
            throw new NotUnderstood('Count how many lie between the two marks, above 0.');
        }
        $marks = [...$this->corners, $from, $to];
        $length = $this->length($marks);
        if ($length < 5) {
            throw new NotUnderstood('The two marks lie on each other; put them at the ends of the run you counted.');
        }
        $variance = 0.0;
        foreach (array_keys($marks) as $place) {
            foreach ([[0.5, 0.0], [0.0, 0.5]] as [$dx, $dy]) {
                $slope = $this->length(self::moved($marks, $place, $dx, $dy))
                    - $this->length(self::moved($marks, $place, -$dx, -$dy));
                $variance += ($slope * $this->markPx) ** 2;
            }
        }

        return new Spread($length / $count, sqrt($variance) / $length);
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
