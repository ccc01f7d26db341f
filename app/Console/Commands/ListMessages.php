<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Messages;
use App\Tongue\Tongues;
use Fescue\Core\Tongue\Tongue;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** What is told, and what a tongue lacks of it: all that a translator needs. */
final class ListMessages extends Command
{
    protected $signature = 'fescue:messages {--lacks= : a tongue; only what it has no translation of} '
        .'{--json : as lang/xx.json has it, each still to be written}';

    protected $description = 'List every message, or those that a tongue lacks';

    public function handle(): int
    {
        $lacks = $this->option('lacks');
        $terms = is_string($lacks) ? Tongue::terms($lacks) : null;
        if (is_string($lacks) && $terms === null) {
            $tongues = implode(', ', array_keys(Tongue::NAMED));
            $this->getOutput()->getErrorStyle()->writeln("--lacks is one of: {$tongues}.");

            return self::INVALID;
        }
        $all = array_diff_key(Messages::all(), $terms === null ? [] : Tongues::messages($terms));
        $lines = [];
        foreach ($all as $message => $where) {
            $lines[] = "{$message}  [{$where}]";
        }
        $this->getOutput()->writeln($this->option('json') === true
            ? json_encode(
                array_map(fn(): string => '', $all),
                JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE,
            )
            : implode("\n", [...$lines, count($all).' in all']), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
