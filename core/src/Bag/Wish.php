<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Measure\Length;

/** The size asked for; null where left to the counts. */
final readonly class Wish
{
    public function __construct(
        public ?Length $length = null,
        public ?Length $width = null,
        public ?Length $height = null,
    ) {}
}
