<?php

declare(strict_types=1);

namespace Fescue\Core\Scale;

use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\MassUnit;

/** What a scale shows at one moment. */
final readonly class Reading
{
    /**
     * @param float $grams to the scale's last digit; below zero where less lies on it than when it was tared
     * @param bool $stable whether it has come to rest
     * @param bool $overloaded more lies on it than it can weigh: the figure means nothing
     */
    public function __construct(
        public float $grams,
        public MassUnit $unit,
        public bool $stable,
        public bool $overloaded,
    ) {}

    public function print(): string
    {
        if ($this->overloaded) {
            return '—';
        }
        $decimals = match ($this->unit) {
            MassUnit::Gram => 0,
            MassUnit::Kilogram => 3,
            MassUnit::Ounce => 2,
            MassUnit::Pound => 3,
        };

        return Decimal::print($this->grams / $this->unit->grams(), $decimals).' '.$this->unit->value;
    }
}
