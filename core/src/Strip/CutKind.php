<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

enum CutKind: string
{
    /** Through every layer the piece lies in. */
    case Slit = 'slit';

    /** Aslant through one layer: over an opened spine, or round and round a bag. */
    case Diagonal = 'diagonal';

    /** Through every layer, and takes off what is thrown away. */
    case Trim = 'trim';
}
