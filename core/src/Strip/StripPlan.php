<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;

/** What the pieces of a spec give, all together. Strand and waste weigh what the pieces weigh. */
final readonly class StripPlan
{
    private function __construct(
        public StripSpec $spec,
        public Cutting $cutting,
        public int $strips,
        public Length $cut,
        public Length $pulled,
        public int $joins,
        public ?Mass $mass,
        public ?Mass $waste,
    ) {}

    public static function of(StripSpec $spec): self
    {
        $cutting = $spec->piece->cut($spec->school);
        $length = $cutting->lengthOf($spec->pieces);

        return new self(
            $spec,
            $cutting,
            $cutting->strips() * $spec->pieces,
            $length,
            $length->times($spec->pull),
            $cutting->joinsOf($spec->pieces),
            $spec->areal?->massOf($cutting->strand * $spec->pieces),
            $spec->areal?->massOf($cutting->waste() * $spec->pieces),
        );
    }

    /** Of the strand as it is worked: joined and pulled. Null where nothing was weighed or nothing is left of it. */
    public function density(): ?LinearDensity
    {
        return $this->mass === null || $this->pulled->mm <= 0 ? null : LinearDensity::weighed(
            $this->mass,
            $this->pulled,
        );
    }
}
