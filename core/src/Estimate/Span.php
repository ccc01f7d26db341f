<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

/** Rows up to a weigh-in, from the one before. */
final readonly class Span
{
    /**
     * @param int $from place of its first row
     * @param int $to place after its last
     * @param float $deviation grams by which rows of the weighed material, since that was weighed last, take more or
     *         less by themselves
     */
    public function __construct(public int $from, public int $to, public float $deviation) {}
}
