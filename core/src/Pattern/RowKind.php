<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

/** Worked to and fro, or round. */
enum RowKind: string
{
    case Row = 'row';
    case Round = 'round';
}
