<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Fescue\Core\Estimate\Calibration;
use Fescue\Core\Gauge\HandCalibration;
use Fescue\Core\Statistics\Chance;
use Illuminate\Console\Command;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Prints how often 90 % intervals of estimates and of hands hold, and how often “enough” was enough. */
final class Calibrate extends Command
{
    protected $signature = 'fescue:calibrate {--makers=10000} {--seed=4}';

    protected $description = 'Draw makers, materials and bags from the stated prior and see whether the estimates '
        .'are as sure as they say';

    public function handle(): int
    {
        $makers = $this->option('makers');
        $seed = $this->option('seed');
        $chance = new Chance(new Randomizer(new Mt19937(is_numeric($seed) ? (int) $seed : 4)));
        $calibration = new Calibration($chance);
        $makers = is_numeric($makers) ? max(1, (int) $makers) : 10_000;
        $calibration->draw($makers);
        $calibration->differ(intdiv($makers, 4));
        array_map($this->line(...), [
            ...$calibration->told(),
            ...(new HandCalibration($chance))->told(intdiv($makers, 4)),
        ]);

        return self::SUCCESS;
    }
}
