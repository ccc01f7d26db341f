<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The demo maker's account, whose password everybody knows: locked where strangers come by, open where they are asked. */
final class DemoAccount extends Command
{
    protected $signature = 'fescue:demo {do : lock, open, or reset, which makes it new}';

    protected $description = 'Locks, opens or resets the demo account; no other one';

    public function handle(): int
    {
        $do = $this->argument('do');
        match ($do) {
            'lock' => self::lock(),
            'open' => User::query()->where('email', DatabaseSeeder::EMAIL)->firstOrFail()->update(
                ['password' => DatabaseSeeder::PASSWORD],
            ),
            'reset' => self::reset(),
            default => throw new \InvalidArgumentException('It is locked, opened or reset.'),
        };

        return self::SUCCESS;
    }

    /** Nobody knows its password any more, and whoever is in is out. */
    private static function lock(): void
    {
        $demo = User::query()->where('email', DatabaseSeeder::EMAIL)->first();
        if ($demo === null) {
            return;
        }
        $demo->update(['password' => Str::random(60)]);
        DB::table('users')->where('id', $demo->id)->update(['remember_token' => null]);
        DB::table('recovery_codes')->where('user_id', $demo->id)->delete();
        DB::table('sessions')->where('user_id', $demo->id)->delete();
    }

    /** As it was on the first day. */
    public static function reset(): void
    {
        User::query()->where('email', DatabaseSeeder::EMAIL)->delete();
        (new DatabaseSeeder())->run();
    }
}
