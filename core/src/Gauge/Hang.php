<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;

/** How a fabric changes when it hangs under a load: the same stitches measured as they lay, and hung. */
final readonly class Hang
{
    /**
     * @param float $wide width hung over width lying; below 1 it narrows
     * @param float $high height hung over height lying
     */
    private function __construct(public Mass $load, public float $wide, public float $high) {}

    public static function of(Swatch $lay, Swatch $hung, Mass $load): self
    {
        [$lying, $hanging] = [$lay->gauge(), $hung->gauge()];

        return new self($load, $hanging->width->mm / $lying->width->mm, $hanging->height->mm / $lying->height->mm);
    }

    /** A height under that load: length × (1 + stretch) (Handbook 7). */
    public function height(Length $lying): Length
    {
        return $lying->times($this->high);
    }

    /** "7 % longer, 2 % narrower" */
    public function said(): string
    {
        $parts = [];
        foreach ([[$this->high, 'longer', 'shorter'], [$this->wide, 'wider', 'narrower']] as [$ratio, $more, $less]) {
            $percent = (int) round(100 * abs($ratio - 1));
            if ($percent > 0) {
                $parts[] = "{$percent} % ".($ratio > 1 ? $more : $less);
            }
        }

        return $parts === [] ? 'as it lay' : implode(', ', $parts);
    }
}
