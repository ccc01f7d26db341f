<?php

declare(strict_types=1);

namespace App\Tongue;

use Fescue\Core\Measure\LengthUnit;

/** Who reads a page. */
interface Reader
{
    /** What she measures in. */
    public function unit(): LengthUnit;
}
