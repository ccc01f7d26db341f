<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Shape;

/** Geometry of SVG paths by a reference library. */
final class Outside
{
    public static function length(string $path): float
    {
        $length = exec(
            'node '.escapeshellarg(dirname(__DIR__, 3).'/tests/outside/path-length.mjs').' '.escapeshellarg($path),
            $lines,
            $code,
        );

        return $code === 0 ? (float) $length : throw new \LogicException(implode(' ', $lines));
    }
}
