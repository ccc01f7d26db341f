<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

/** Where a figure comes from; the later ones know more. */
enum Origin: string
{
    case Guessed = 'guessed';
    case Learned = 'from your swatches';
    case FromSwatch = 'from swatch';
    case WeighedIn = 'from weigh-ins';
}
