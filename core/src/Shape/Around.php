<?php

declare(strict_types=1);

namespace Fescue\Core\Shape;

/** Stitches evenly around an outline, to the left from above. */
final readonly class Around implements Path
{
    /** @param float $from where the first begins, as a share of the outline from 0 to 1 */
    public function __construct(private Outline $outline, private float $from = 0.0) {}

    public function stand(int $place, int $of): Stand
    {
        $share = $this->from + ($place + 0.5) / $of;

        return $this->outline->at($share - floor($share));
    }
}
