<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

/**
 * What one part of a bag takes: base, body, handles, edge; tails, joins between balls, and the swatch. Likely values.
 */
final readonly class PartTakes
{
    public function __construct(public string $part, public float $metres, public float $grams) {}
}
