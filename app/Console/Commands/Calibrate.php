<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Fescue\Core\Estimate\Calibration;
use Fescue\Core\Statistics\Chance;
use Illuminate\Console\Command;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Prints how often the estimates' 90 % interval holds, and how often “enough” was enough. */
final class Calibrate extends Command
{
    protected $signature = 'fescue:calibrate {--makers=10000} {--seed=4}';

    protected $description = 'Draw makers, materials and bags from the stated prior and see whether the estimates '
        .'are as sure as they say';

    public function handle(): int
    {
        $makers = $this->option('makers');
        $seed = $this->option('seed');
        $calibration = new Calibration(new Chance(new Randomizer(new Mt19937(is_numeric($seed) ? (int) $seed : 4))));
        $calibration->draw(is_numeric($makers) ? max(1, (int) $makers) : 10_000);
        $this->line('The 90 % interval holds:');
        ksort($calibration->held);
        foreach (['before', 'after'] as $stage) {
            $all = array_filter(
                $calibration->held,
                fn(string $key): bool => str_starts_with($key, $stage),
                ARRAY_FILTER_USE_KEY,
            );
            $own = array_diff_key($all, ["{$stage}, another material" => 1]);
            $all["{$stage}, all"] = [array_sum(array_column($own, 0)), array_sum(array_column($own, 1))];
            foreach ($all as $name => [$held, $drawn]) {
                $this->line(
                    sprintf(
                        '  %-34s %5.1f %%  of %d',
                        str_replace(['before,', 'after,'], ['before weigh-ins,', 'after weigh-ins,'], $name),
                        100 * $held / $drawn,
                        $drawn,
                    ),
                );
            }
        }
        foreach (['before', 'after'] as $stage) {
            $this->line("The chance of enough, {$stage} weigh-ins:");
            ksort($calibration->tenths[$stage]);
            foreach ($calibration->tenths[$stage] as $tenth => [$sum, $enough, $drawn]) {
                $this->line(
                    sprintf(
                        '  said %3d to %3d %%: on average %5.1f, was enough %5.1f  of %d',
                        10 * $tenth,
                        10 * $tenth + 10,
                        100 * $sum / $drawn,
                        100 * $enough / $drawn,
                        $drawn,
                    ),
                );
            }
        }

        return self::SUCCESS;
    }
}
