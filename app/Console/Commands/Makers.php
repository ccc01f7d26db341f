<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Casts\Cell;
use App\Console\Hand;
use Illuminate\Console\Command;

/** Simulated makers at work through the real pages, while whatever serves them may be killed: ./fescue chaos. */
final class Makers extends Command
{
    protected $signature = 'fescue:makers {url} {log : what was taken, a line each} {--seconds=60} {--makers=6}';

    protected $description = 'Let simulated makers work, and write down what was acknowledged';

    public function handle(): int
    {
        $children = [];
        $until = microtime(true) + (float) $this->option('seconds');
        for ($one = 0; $one < (int) $this->option('makers'); $one++) {
            $child = pcntl_fork();
            if ($child === 0) {
                exit($this->works($until));
            }
            $children[] = $child;
        }
        $failed = 0;
        foreach ($children as $child) {
            pcntl_waitpid($child, $status);
            $failed += (int) pcntl_wexitstatus(Cell::int($status));
        }

        return $failed === 0 ? self::SUCCESS : self::FAILURE;
    }

    private function works(float $until): int
    {
        [$url, $log] = [$this->argument('url'), $this->argument('log')];
        $hand = new Hand($url, 'maker'.bin2hex(random_bytes(5)), $log);
        try {
            $hand->begin();
            while (microtime(true) < $until) {
                $hand->act();
            }
        } catch (\RuntimeException $e) {
            $this->error($e->getMessage());

            return 1;
        }
        file_put_contents(
            "{$log}.told",
            json_encode(['failed' => $hand->failed, 'longest' => $hand->longest], JSON_THROW_ON_ERROR)."\n",
            FILE_APPEND | LOCK_EX,
        );

        file_put_contents("{$log}.times", implode('', array_map(
            fn(array $one): string => sprintf("%.3f %.4f\n", ...$one),
            $hand->times,
        )), FILE_APPEND | LOCK_EX);

        return 0;
    }
}
