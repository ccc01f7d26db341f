<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Cell;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Where a maker is signed in, by her sessions. */
final class Devices
{
    /**
     * @return list<array{name: string, agent: string, from: string, last: int, here: bool}> the last used first
     */
    public static function of(Request $request, User $maker): array
    {
        $lifetime = config('session.lifetime');
        $since = now()->subMinutes(is_numeric($lifetime) ? (int) $lifetime : 0)->getTimestamp();
        $devices = [];
        foreach (self::sessions($maker) as $one) {
            if (Cell::int($one->last_activity) > $since) {
                $devices[] = [
                    'name' => self::named(Cell::text($one->id)),
                    'agent' => mb_substr(Cell::text($one->user_agent), 0, 80),
                    'from' => Cell::text($one->ip_address),
                    'last' => Cell::int($one->last_activity),
                    'here' => $one->id === $request->session()->getId(),
                ];
            }
        }

        return $devices;
    }

    /**
     * Signs out all of them but one, or only the one of a name.
     *
     * @param ?string $but the session that stays
     */
    public static function signOut(User $maker, ?string $but, ?string $name = null): void
    {
        foreach (self::sessions($maker) as $one) {
            if ($one->id !== $but && ($name === null || $name === self::named(Cell::text($one->id)))) {
                DB::table('sessions')->where('id', $one->id)->delete();
            }
        }
        // A device that stays signed in by its cookie would come back by itself.
        $maker->setRememberToken(Str::random(60));
        $maker->save();
    }

    /** @return iterable<\stdClass> */
    private static function sessions(User $maker): iterable
    {
        return DB::table('sessions')->where('user_id', $maker->id)->orderByDesc('last_activity')->get();
    }

    /** A session is named by what does not give it away. */
    private static function named(string $session): string
    {
        return substr(hash('sha256', $session), 0, 16);
    }
}
