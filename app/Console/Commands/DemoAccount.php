<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Account\Demo;
use Illuminate\Console\Command;

final class DemoAccount extends Command
{
    protected $signature = 'fescue:demo {do : lock, open, or reset, which makes it new}';

    protected $description = 'Locks, opens or resets the demo account; no other one';

    public function handle(): int
    {
        match ($this->argument('do')) {
            'lock' => Demo::lock(),
            'open' => Demo::open(),
            'reset' => Demo::reset(),
            default => throw new \InvalidArgumentException('It is locked, opened or reset.'),
        };

        return self::SUCCESS;
    }
}
