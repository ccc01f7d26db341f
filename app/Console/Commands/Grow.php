<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Growth;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Console\Command;

final class Grow extends Command
{
    protected $signature = 'fescue:grow {makers : how many, each with what the demo has but its pictures}';

    protected $description = 'Makes many makers, to measure by; not where anybody works';

    public function handle(): int
    {
        $maker = User::query()->where('email', DatabaseSeeder::EMAIL)->firstOrFail();
        $begun = microtime(true);
        Growth::of($maker, (int) $this->argument('makers'));
        $this->line(sprintf('%d makers, in %.1f s', $this->argument('makers'), microtime(true) - $begun));

        return self::SUCCESS;
    }
}
