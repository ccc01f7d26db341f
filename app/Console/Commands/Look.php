<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Casts\Cell;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Looks for everything that fescue:makers were told was taken: there, and there once. */
final class Look extends Command
{
    protected $signature = 'fescue:look {log} {--also= : a backup that may have it instead}';

    protected $description = 'Look for what simulated makers were told was taken';

    public function handle(): int
    {
        [$log, $also] = [$this->argument('log'), $this->option('also')];
        $lines = self::lines($log);
        $also = is_string($also) ? (string) file_get_contents("compress.zlib://{$also}") : '';
        $there = [
            'entry' => self::times('stock_entries', 'note'),
            'swatch' => self::times('swatches', 'name'),
            'bag' => self::times('bags', "JSON_VALUE(choices, '$.name')"),
            'tap' => self::times('work_entries', "CONCAT(device, ' ', number)"),
        ];
        $lost = $twice = $elsewhere = [];
        foreach ($lines as $line) {
            [$kind, $tag] = explode(' ', $line, 2) + ['', ''];
            $times = $there[$kind][$tag] ?? 0;
            if ($times === 1) {
                continue;
            }
            // As a dump has them.
            $told = "'".($kind === 'tap' ? str_replace(' ', "',", $tag).',' : $tag."'");
            match (true) {
                $times > 1 => $twice[] = $line,
                str_contains($also, $told) || str_contains($also, ":\\\"{$tag}\\\"") => $elsewhere[] = $line,
                default => $lost[] = $line,
            };
        }
        [$failed, $longest] = [[], 0.0];
        foreach (is_file("{$log}.told") ? self::lines("{$log}.told") : [] as $told) {
            /** @var array{failed: array<string, int>, longest: float} $one */
            $one = json_decode($told, true, 8, JSON_THROW_ON_ERROR);
            $longest = max($longest, $one['longest']);
            foreach ($one['failed'] as $what => $many) {
                $failed[$what] = ($failed[$what] ?? 0) + $many;
            }
        }
        ksort($failed);
        $this->line(count($lines).' acknowledged: '.count($lost).' lost, '.count($twice).' there twice'
            .($also === '' ? '' : ', '.count($elsewhere).' in the backup that was made before'));
        foreach ($failed as $what => $many) {
            $this->line("  {$many} × {$what}, sent again");
        }
        $this->line('  longest until it was taken '.round($longest, 1).' s');
        $this->happened($log);
        foreach (array_slice([...$lost, ...$twice], 0, 20) as $line) {
            $this->error($line);
        }

        return $lost === [] && $twice === [] && $lines !== [] ? self::SUCCESS : self::FAILURE;
    }

    /** Of each thing that happened meanwhile how long nobody was answered, and how long answers took around it. */
    private function happened(string $log): void
    {
        if (! is_file("{$log}.events") || ! is_file("{$log}.times")) {
            return;
        }
        $times = array_map(
            fn(string $line): array => array_map(floatval(...), explode(' ', $line)) + [0.0, 0.0],
            self::lines("{$log}.times"),
        );
        sort($times);
        $near = array_fill_keys(['between', 'within 20 s of something'], []);
        $events = [];
        foreach (self::lines("{$log}.events") as $line) {
            [$at, $what] = explode(' ', $line, 2) + ['0', ''];
            $events[] = [(float) $at, $what];
        }
        foreach ($times as [$at, $took]) {
            $is = array_filter($events, fn(array $one): bool => $at >= $one[0] && $at < $one[0] + 20.0) !== [];
            $near[$is ? 'within 20 s of something' : 'between'][] = $took;
        }
        foreach ($events as [$at, $what]) {
            $this->line(sprintf('  %s: nobody answered for %.1f s', $what, self::gap($times, $at)));
        }
        foreach ($near as $when => $took) {
            sort($took);
            if ($took !== []) {
                $this->line(sprintf(
                    '  %s: %d answers, half within %.0f ms, 95 of 100 within %.0f ms',
                    $when,
                    count($took),
                    1000 * $took[intdiv(count($took), 2)],
                    1000 * $took[(int) (0.95 * (count($took) - 1))],
                ));
            }
        }
    }

    /** @param list<array<int, float>> $times */
    private static function gap(array $times, float $at): float
    {
        $gap = 0.0;
        $last = $at;
        foreach ($times as [$when]) {
            if ($when >= $at && $when < $at + 40.0) {
                $gap = max($gap, $when - $last);
                $last = $when;
            }
        }

        return $gap;
    }

    /** @return array<string, int> */
    private static function times(string $table, string $what): array
    {
        $times = [];
        $rows = DB::table($table)->selectRaw("{$what} AS what, COUNT(*) AS times")->groupBy('what');
        foreach ($rows->cursor() as $row) {
            $times[Cell::text($row->what)] = Cell::int($row->times);
        }

        return $times;
    }

    /** @return list<string> */
    private static function lines(string $file): array
    {
        $lines = file($file, FILE_IGNORE_NEW_LINES);

        return $lines === false ? [] : $lines;
    }
}
