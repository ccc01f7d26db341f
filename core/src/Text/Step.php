<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** One thing that a row says to do. */
interface Step
{
    public function at(): Token;

    /** Places that it takes; of what takes all that there is, none that is known. */
    public function takes(): int;
}
