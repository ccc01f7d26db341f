<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The demo maker's account, whose password everybody knows: locked where strangers come by, or shared by them. */
final class Demo
{
    /** Whether whoever is signed in shares it with strangers: what one of them sets is not set for all. */
    public static function isShared(User $maker): bool
    {
        return config('app.public_demo') === true && $maker->email === DatabaseSeeder::EMAIL;
    }

    public static function open(): void
    {
        User::query()->where('email', DatabaseSeeder::EMAIL)->firstOrFail()->update(
            ['password' => DatabaseSeeder::PASSWORD],
        );
    }

    /** Nobody knows its password any more, and whoever is in is out. */
    public static function lock(): void
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
        $demo = User::query()->where('email', DatabaseSeeder::EMAIL)->first();
        if ($demo !== null) {
            $demo->delete();
            AccountExport::forget($demo->id);
        }
        (new DatabaseSeeder())->run();
    }
}
