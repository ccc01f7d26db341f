<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Saying\Saying;

/** One step at the cutting table, to be ticked off. */
final readonly class CuttingStep
{
    /** @param string $key the same for the same step of the same batch, at most 40 letters */
    public function __construct(
        public string $key,
        public Saying $lead,
        public Saying $do,
        public ?Saying $caution = null,
    ) {}
}
