<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Saying\Saying;

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

    /** @return non-empty-list<Saying> "7 % longer", "2 % narrower" */
    public function said(): array
    {
        $percent = fn(float $ratio): array => ['percent' => (int) round(100 * abs($ratio - 1))];
        [$high, $wide] = [$percent($this->high), $percent($this->wide)];
        $parts = array_values(array_filter([
            $high['percent'] === 0
                ? null : new Saying($this->high > 1 ? '{percent} % longer' : '{percent} % shorter', $high),
            $wide['percent'] === 0
                ? null : new Saying($this->wide > 1 ? '{percent} % wider' : '{percent} % narrower', $wide),
        ]));

        return $parts === [] ? [new Saying('as it lay')] : $parts;
    }
}
