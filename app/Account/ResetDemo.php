<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;

/** Where strangers share the demo account it is new each day; nothing else is touched. */
final class ResetDemo implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;

    public int $tries = 2;

    public int $timeout = 80;

    /** Once a day, by whoever comes by first. */
    public static function asDue(): void
    {
        $today = 'demo reset '.now()->toDateString();
        if (config('app.public_demo') === true && Cache::add($today, 1, now()->addDays(2))) {
            self::dispatch();
        }
    }

    public function handle(): void
    {
        $made = User::query()->where('email', DatabaseSeeder::EMAIL)->value('created_at');
        $isOld = ! $made instanceof \DateTimeInterface || Carbon::parse($made)->isBefore(now()->startOfDay());
        if ($isOld) {
            Demo::reset();
        }
    }
}
