<?php

declare(strict_types=1);

namespace App\Bags;

use Fescue\Core\Estimate\Mend;
use Fescue\Core\Saying\Saying;

/** What a page says of a mend. */
final readonly class MendLine
{
    /**
     * @param ?float $chance of enough after it
     * @param bool $takes whether the plan can take it as it stands
     */
    private function __construct(
        public Saying $do,
        public Saying $costs,
        public ?float $chance,
        public bool $takes,
    ) {}

    public static function of(Mend $mend): self
    {
        return new self($mend->do, $mend->costs, $mend->chance, $mend->plan !== null);
    }
}
