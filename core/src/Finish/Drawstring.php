<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Measure\Length;

/**
 * A drawstring through the last round: at least twice the opening and ties, in and out at every other stitch, an even
 * number of gaps so that it draws alike. Common practice, no source.
 */
final readonly class Drawstring
{
    /** What hangs out at each end, mm. From memory. */
    public const TIE = 110.0;

    /** From the middle of the front to where each end comes out, mm. Common practice, no source. */
    private const OUT = 30.0;

    /**
     * @param int $gaps it is led through
     * @param list<int> $doubled stitches after which two are passed, so that the gaps come out even
     * @param array{int, int} $out stitches from the middle of the front at which the ends come out, left and right
     */
    private function __construct(
        public Length $length,
        public int $gaps,
        public array $doubled,
        public array $out,
    ) {}

    /**
     * @param int $stitches of the round it is led through
     * @param Length $stitch width of one
     */
    public static function of(int $stitches, Length $stitch, ?Length $tie = null): self
    {
        $opening = $stitch->mm * $stitches / 2;
        $gaps = 2 * intdiv($stitches, 4);
        $over = $stitches - 2 * $gaps;
        $beside = max(1, (int) round(self::OUT / $stitch->mm));

        return new self(
            Length::mm(2 * $opening + 2 * ($tie->mm ?? self::TIE)),
            $gaps,
            $over === 0 ? [] : array_map(fn(int $nth): int => intdiv($stitches * $nth, $over), range(1, $over)),
            [$beside, $beside],
        );
    }
}
