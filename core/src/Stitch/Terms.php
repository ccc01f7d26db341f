<?php

declare(strict_types=1);

namespace Fescue\Core\Stitch;

/**
 * Whose names the words use; the same word means different stitches in the first two. Each has its file in tongues/.
 */
enum Terms: string
{
    case US = 'us';
    case UK = 'uk';
    case ES = 'es';
    case PT = 'pt';
    case IT = 'it';
    case TR = 'tr';
    case ID = 'id';
}
