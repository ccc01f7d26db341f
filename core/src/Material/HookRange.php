<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

/**
 * Hooks over the thickness of a strand: where a firm fabric begins, and beyond what it is too tight or too loose. Twice
 * the diameter is of round cord, which gives nothing; soft flat strands are pressed as they are drawn through. Common
 * practice, no source; but for the cord's start the figures are from memory.
 */
final readonly class HookRange
{
    /**
     * @param float $start hook over thickness for a firm fabric
     * @param float $least below which the work is too tight
     * @param float $most above which it is a net
     * @param int $up sizes above the start that are worth a try
     */
    private function __construct(
        public float $start,
        public float $least,
        public float $most,
        public int $up,
        public string $reason,
    ) {}

    public static function of(Kind $kind): self
    {
        return match ($kind) {
            Kind::TShirt => new self(
                1.0,
                0.75,
                2.0,
                3,
                'about as thick as the yarn, for jersey is soft and lies flat in the stitch.',
            ),
            Kind::Plarn => new self(
                1.0,
                0.75,
                2.0,
                2,
                'about as thick as the plarn, for film is pressed flat as it is drawn through.',
            ),
            Kind::Ribbon => new self(1.5, 1.0, 2.5, 2, 'one and a half times the ribbon, which folds in the stitch.'),
            Kind::Raffia => new self(
                1.75,
                1.2,
                2.75,
                1,
                'a little under twice the raffia, which flattens but does not give.',
            ),
            Kind::Cord, Kind::Strand, Kind::Tabs, Kind::Hardware, Kind::Cloth => new self(
                2.0,
                1.4,
                3.0,
                1,
                'twice as thick as the strand, which is round and does not give.',
            ),
        };
    }
}
