<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

/** What went between two weighings, against what was expected. */
final readonly class Found
{
    /**
     * @param float $used grams of the material that was weighed
     * @param float $own grams of the bag's own strand for one of its
     * @param float $grams by which its stitches took more than the gauge says, of the bag's own
     * @param float $expected by the gauge
     * @param list<float> $row what each factor has of that
     * @param float $deviation by which the weighings may be off
     */
    public function __construct(
        public float $used,
        public float $own,
        public float $grams,
        public float $expected,
        public array $row,
        public float $deviation,
    ) {}
}
