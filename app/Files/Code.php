<?php

declare(strict_types=1);

namespace App\Files;

/** Our own code, told from any other version of it: what was reckoned or printed by another is not shown. */
final class Code
{
    private const PARTS = ['app', 'core/src', 'resources/views', 'lang', 'public/build'];

    /** @var array<string, string> by the folder: a process has one code for all its life */
    private static array $known = [];

    public static function fingerprint(): string
    {
        $code = config('app.code');

        return is_string($code) ? $code : self::of(base_path());
    }

    public static function of(string $root): string
    {
        return self::$known[$root] ??= self::read($root);
    }

    private static function read(string $root): string
    {
        $all = [];
        foreach (self::PARTS as $part) {
            if (! is_dir("{$root}/{$part}")) {
                continue;
            }
            $files = new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator("{$root}/{$part}", \FilesystemIterator::SKIP_DOTS),
            );
            foreach ($files as $file) {
                if ($file instanceof \SplFileInfo && $file->isFile()) {
                    $all[] = substr((string) $file, strlen($root)).' '.hash_file('xxh3', (string) $file);
                }
            }
        }
        sort($all);

        return sha1(implode("\n", $all));
    }
}
