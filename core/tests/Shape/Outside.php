<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Shape;

/** Geometry of SVG paths and of polygons by reference libraries. */
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

    /**
     * @param list<list<array{float, float}>> $polygons
     *
     * @return list<array{float, float}> area and length around of each
     */
    public static function polygons(array $polygons): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'polygons');
        file_put_contents($file, json_encode($polygons, JSON_THROW_ON_ERROR));
        $script = escapeshellarg(dirname(__DIR__, 3).'/tests/outside/polygon.mjs');
        $said = exec("node {$script} < ".escapeshellarg($file), $lines, $code);
        unlink($file);

        return $code === 0
            ? json_decode((string) $said, true, 512, JSON_THROW_ON_ERROR)
            : throw new \LogicException(implode(' ', $lines));
    }
}
