<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Base\Oval;
use Fescue\Core\Body\Body;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Handle\Slots;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\Pattern;

/** A bag with nothing left open: its parts, its proven rows and the size that comes out. */
final readonly class BagPlan
{
    /** @param list<int> $materials which material each row is worked in, as BagSpec::material() has them */
    public function __construct(
        public BagSpec $spec,
        public Gauge $gauge,
        public Oval $base,
        public Body $body,
        public ?Slots $slots,
        public Pattern $pattern,
        public ComesOut $comesOut,
        public array $materials,
    ) {}

    /** @return list<string> names of the rows in which another material begins */
    public function changes(): array
    {
        return array_map(fn(Change $change): string => $change->from, $this->spec->changes);
    }

    /** Rows that are worked, as far as the weigh-ins tell. */
    public function begun(): int
    {
        $weighIns = $this->spec->weighIns;

        return $weighIns === [] ? 0 : 1 + (int) $this->pattern->place($weighIns[count($weighIns) - 1]->after);
    }

    /**
     * The same bag, had so much been on hand and this been weighed: none of it changes a count.
     *
     * @param list<WeighIn> $weighIns
     */
    public function weighed(?Mass $onHand, array $weighIns): self
    {
        return new self($this->spec->weighed($onHand, $weighIns), $this->gauge, $this->base, $this->body, $this->slots, $this->pattern, $this->comesOut, $this->materials);
    }
}
