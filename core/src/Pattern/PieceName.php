<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

use Fescue\Core\Saying\Sayable;

/** A piece within a saying, as vocabularies know it: "left gusset". */
final readonly class PieceName implements Sayable
{
    /** @param int $nth of several of that name; 0 where it is the only one */
    public function __construct(public string $of, public int $nth = 0) {}

    public function english(): string
    {
        return str_replace('-', ' ', $this->of).($this->nth === 0 ? '' : " {$this->nth}");
    }
}
