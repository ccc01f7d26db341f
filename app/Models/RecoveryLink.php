<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Str;

/**
 * A link by which a maker who forgot her password comes in again, once, within the hour. It goes to her address alone;
 * only its hash is kept.
 *
 * @property int $user_id
 */
final class RecoveryLink extends Record
{
    /** Minutes that it holds. */
    public const HOLDS = 60;

    /** No more letters go to one account in a day. */
    public const A_DAY = 5;

    public const LETTERS = 40;

    public const UPDATED_AT = null;

    protected $guarded = ['id'];

    /** The token of a new one of hers; null where she had enough of them today. */
    public static function of(User $maker): ?string
    {
        return Transaction::run(function () use ($maker): ?string {
            // Two that are asked for at once are counted one after the other.
            User::query()->whereKey($maker->id)->lockForUpdate()->first();
            $hers = self::query()->where('user_id', $maker->id);
            $hers->where('created_at', '<', now()->subDay())->delete();
            if (self::query()->where('user_id', $maker->id)->count() >= self::A_DAY) {
                return null;
            }
            $token = Str::random(self::LETTERS);
            self::query()->create(['user_id' => $maker->id, 'hash' => self::hash($token)]);

            return $token;
        });
    }

    /** Whether it is one that holds. */
    public static function holds(string $token): bool
    {
        return self::found($token) !== null;
    }

    /** Whose it was, if it held: now it is used, and so are all others of hers. */
    public static function spend(string $token): ?User
    {
        return Transaction::run(function () use ($token): ?User {
            $link = self::found($token, true);
            if ($link === null) {
                return null;
            }
            self::close($link->user_id);

            return User::query()->whereKey($link->user_id)->first();
        });
    }

    /** Those that were sent to her no longer do: her password is another. */
    public static function close(int $maker): void
    {
        self::query()->where('user_id', $maker)->whereNull('used_at')->update(['used_at' => now()]);
    }

    private static function found(string $token, bool $held = false): ?self
    {
        $open = self::query()->where('hash', self::hash($token));
        $open->whereNull('used_at')->where('created_at', '>', now()->subMinutes(self::HOLDS));
        if ($held) {
            $open->lockForUpdate();
        }

        return $open->first();
    }

    private static function hash(string $token): string
    {
        return hash('sha256', $token);
    }
}
