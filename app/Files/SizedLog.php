<?php

declare(strict_types=1);

namespace App\Files;

use Monolog\Handler\StreamHandler;
use Monolog\Logger;
use Monolog\LogRecord;

/** A log that begins anew when it is full, and of which a few full ones are kept: it never fills the disk. */
final class SizedLog extends StreamHandler
{
    /** Bytes. */
    public const FULL = 5_000_000;

    /** Full ones that are kept. */
    public const KEPT = 4;

    private int $full = self::FULL;

    /**
     * As config/logging.php has it.
     *
     * @param array{path: string, level: 'info'|'warning', full?: int} $config
     */
    public static function make(array $config): Logger
    {
        $log = new self($config['path'], Logger::toMonologLevel($config['level']), true, 0o640);
        $log->full = $config['full'] ?? self::FULL;

        return new Logger('fescue', [$log]);
    }

    protected function write(LogRecord $record): void
    {
        $path = (string) $this->url;
        if ($this->isFull($path)) {
            $this->close();
            $this->begin($path);
        }
        parent::write($record);
    }

    private function isFull(string $path): bool
    {
        clearstatcache(true, $path);

        return is_file($path) && filesize($path) > $this->full;
    }

    /** Whoever comes second finds it begun anew. */
    private function begin(string $path): void
    {
        $lock = fopen("{$path}.lock", 'c');
        if ($lock === false || ! flock($lock, LOCK_EX)) {
            return;
        }
        if ($this->isFull($path)) {
            for ($nth = self::KEPT - 1; $nth >= 1; $nth--) {
                @rename("{$path}.{$nth}", "{$path}.".($nth + 1));
            }
            rename($path, "{$path}.1");
        }
        fclose($lock);
    }
}
