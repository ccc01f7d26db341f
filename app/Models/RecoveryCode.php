<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A code by which a maker who forgot her password comes in again, once. Only its hash is kept: it is long enough that
 * nobody guesses it.
 */
final class RecoveryCode extends Record
{
    public const MANY = 8;

    /** Letters that nobody reads for another. */
    private const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';

    public $timestamps = false;

    protected $guarded = ['id'];

    /** @return list<string> new ones in place of all she had, to be shown once */
    public static function renew(User $maker): array
    {
        $codes = [];
        for ($nth = 0; $nth < self::MANY; $nth++) {
            $letters = '';
            for ($place = 0; $place < 12; $place++) {
                $letters .= self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)];
            }
            $codes[] = implode('-', str_split($letters, 4));
        }
        self::query()->where('user_id', $maker->id)->delete();
        self::query()->insert(array_map(
            fn(string $code): array => ['user_id' => $maker->id, 'hash' => self::hash($code)],
            $codes,
        ));

        return $codes;
    }

    /** Whether it was one of hers, and unused: now it is used. */
    public static function spend(User $maker, string $code): bool
    {
        $mine = self::query()->where(['user_id' => $maker->id, 'hash' => self::hash($code)])->whereNull('used_at');

        return $mine->update(['used_at' => now()]) === 1;
    }

    public static function left(User $maker): int
    {
        return self::query()->where('user_id', $maker->id)->whereNull('used_at')->count();
    }

    private static function hash(string $code): string
    {
        return hash('sha256', (string) preg_replace('/[^a-z0-9]/', '', strtolower($code)));
    }
}
