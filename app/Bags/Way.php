<?php

declare(strict_types=1);

namespace App\Bags;

use Fescue\Core\Bag\BagPlan;

/** One kind of bag that may be begun: its plan of what she holds, or why it makes none. */
final readonly class Way
{
    public function __construct(
        public string $key,
        public string $name,
        public string $said,
        public ?BagPlan $plan,
        public string $why = '',
    ) {}
}
