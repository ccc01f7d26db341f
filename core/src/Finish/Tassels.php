<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Measure\Length;

/**
 * Tassels wound on a card: 50 wraps on 5 to 6 cm, a tie of 15 cm, a binding of 30 cm, one on every sixth stitch. Common
 * practice, no source.
 */
final readonly class Tassels
{
    public const WRAPS = 50;

    public const CARD = 55.0;

    public const EVERY = 6;

    private const TIE = 150.0;

    private const BINDING = 300.0;

    /** @param Length $strand for all of them */
    private function __construct(public int $many, public Length $each, public Length $strand) {}

    /** @param int $stitches of the edge they hang on */
    public static function along(
        int $stitches,
        int $every = self::EVERY,
        int $wraps = self::WRAPS,
        ?Length $card = null,
    ): self {
        $many = max(1, intdiv($stitches, max(1, $every)));
        // Once round the card is its length there and back.
        $each = Length::mm(2 * ($card->mm ?? self::CARD) * max(1, $wraps) + self::TIE + self::BINDING);

        return new self($many, $each, $each->times($many));
    }
}
