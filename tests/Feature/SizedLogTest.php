<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Files\SizedLog;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Logs end by themselves: whoever makes the application write much does not fill the disk. */
final class SizedLogTest extends TestCase
{
    public function testItBeginsAnewWhenItIsFullAndKeepsAFew(): void
    {
        $folder = sys_get_temp_dir().'/fescue-log-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $path = "{$folder}/security.log";
        for ($line = 1; $line <= 300; $line++) {
            // Each as another request would.
            SizedLog::make(['path' => $path, 'level' => 'info', 'full' => 2000])->info("line {$line} ".str_repeat('x', 60));
        }
        $files = glob("{$path}*") ?: [];
        self::assertSame(
            ['security.log', 'security.log.1', 'security.log.2', 'security.log.3', 'security.log.4', 'security.log.lock'],
            array_map(basename(...), $files),
        );
        // The last lines are there, in their order and without a gap.
        preg_match_all('/line (\d+) /', implode('', array_map(
            fn(int $nth): string => (string) file_get_contents($nth === 0 ? $path : "{$path}.{$nth}"),
            [4, 3, 2, 1, 0],
        )), $found);
        $last = array_map(intval(...), $found[1]);
        self::assertSame(range($last[0], 300), $last);
        self::assertGreaterThan(60, count($last));
        foreach (array_diff($files, ["{$path}.lock"]) as $file) {
            self::assertLessThan(2300, filesize($file));
            self::assertSame(0o640, fileperms($file) & 0o777);
        }
        array_map(unlink(...), $files);
        rmdir($folder);
    }

    /** A command's lines and those of what is served are never in one file: they may be of two users. */
    public function testPrintersWriteWhereWhatIsServedDoes(): void
    {
        foreach (['0' => 'console.log', '1' => 'fescue.log'] as $serves => $file) {
            $said = (new Process(
                [PHP_BINARY, 'artisan', 'config:show', 'logging.channels.single.path', '--no-ansi'],
                dirname(__DIR__, 2),
                ['FESCUE_SERVES' => (string) $serves, 'COLUMNS' => '300'],
            ))->mustRun()->getOutput();
            self::assertStringContainsString("logs/{$file}", $said);
        }
    }
}
