<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;

/** Several strands worked as one. Their linear densities add; their equivalent diameter is √Σd² (geometry). */
final readonly class HeldTogether
{
    /** @param non-empty-list<Strand> $strands */
    public function __construct(public array $strands) {}

    public function density(): LinearDensity
    {
        return LinearDensity::gramsPerMetre(array_sum(array_map(
            fn(Strand $strand): float => $strand->ends * $strand->material->density->gramsPerMetre,
            $this->strands,
        )));
    }

    /** The diameter of one round strand of the same cross-section. */
    public function diameter(): Length
    {
        return Length::mm(sqrt(array_sum(array_map(
            fn(Strand $strand): float => $strand->ends * $strand->material->diameter->mm ** 2,
            $this->strands,
        ))));
    }

    public function ends(): int
    {
        return array_sum(array_map(fn(Strand $strand): int => $strand->ends, $this->strands));
    }

    /** As one material, with what is on hand until the first strand runs out. */
    public function asOne(): Material
    {
        $first = $this->runsOutFirst();
        $length = $first?->lasts();

        return new Material(
            Kind::Strand,
            $this->diameter(),
            $this->density(),
            $length === null ? null : $this->density()->massOf($length),
        );
    }

    /** The strand that runs out first; null unless every one was weighed, for an unweighed one may be the first. */
    public function runsOutFirst(): ?Strand
    {
        $first = null;
        $least = null;
        foreach ($this->strands as $strand) {
            $lasts = $strand->lasts();
            if ($lasts === null) {
                return null;
            }
            if ($least === null || $lasts->mm < $least->mm) {
                [$first, $least] = [$strand, $lasts];
            }
        }

        return $first;
    }
}
