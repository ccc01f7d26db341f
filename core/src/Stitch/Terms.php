<?php

declare(strict_types=1);

namespace Fescue\Core\Stitch;

/** Whose names the words use; the same word means different stitches in the two. */
enum Terms: string
{
    case US = 'us';
    case UK = 'uk';

    /** Leaving a stitch out. */
    public function skip(): string
    {
        return $this === self::US ? 'skip' : 'miss';
    }
}
