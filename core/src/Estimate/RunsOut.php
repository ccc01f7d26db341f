<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

/** Where what is on hand comes to its end: likely here, and not before or after in nine of ten bags. */
final readonly class RunsOut
{
    /**
     * @param string $row its name
     * @param int $stitch of that row, from 1
     * @param string $earliest row
     * @param ?string $latest row; null where it may reach to the end
     */
    public function __construct(
        public string $row,
        public int $stitch,
        public string $earliest,
        public ?string $latest,
    ) {}
}
