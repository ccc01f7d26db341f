<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Cell;
use Illuminate\Contracts\Database\LostConnectionDetector;
use Illuminate\Support\Facades\DB;

/**
 * All or nothing, and once more where another one was in the way: a deadlock, a lock waited for in vain, a write that a
 * cluster could not certify, a server that was lost before it was asked to commit. Inside another one the outermost is
 * tried again. Locks are taken in one order: a bag, its finish, a material, its lines.
 */
final class Transaction
{
    /** No access yet or any more, no such database, shutting down, ended from outside, no answer, gone, lost. */
    private const OUT_OF_REACH = [1044, 1045, 1049, 1053, 1077, 1927, 2002, 2003, 2006, 2013, 4151, self::NOT_PREPARED];

    /** A node that is not, or not yet, of the greater part. */
    private const NOT_PREPARED = 1047;

    public const TRIES = 5;

    /** Microseconds that are waited at most before the second try; twice as long before each after it. */
    private const PAUSE = 12_000;

    /** So before a server that was lost is asked again: another takes its place in a second or two. */
    private const LOST = 250_000;

    /**
     * @template T
     *
     * @param \Closure(): T $do may be run more than once
     *
     * @return T
     */
    public static function run(\Closure $do): mixed
    {
        if (DB::transactionLevel() > 0) {
            return DB::transaction($do);
        }
        for ($try = 1;; $try++) {
            $isAsked = false;
            try {
                DB::beginTransaction();
                $done = $do();
                $isAsked = true;
                DB::commit();

                return $done;
            } catch (\Throwable $e) {
                self::forget();
                // Of a server lost as it committed nobody knows: whoever sent it sends it again, by its once-key.
                $isAgain = self::isInTheWay($e) || (! $isAsked && self::isOutOfReach($e));
                if ($try >= self::TRIES || ! $isAgain) {
                    throw $e;
                }
                self::pause($try, self::isInTheWay($e) ? self::PAUSE : self::LOST);
            }
        }
    }

    /** Whatever is left of what was begun; a server that is gone has forgotten it. */
    private static function forget(): void
    {
        try {
            while (DB::transactionLevel() > 0) {
                DB::rollBack();
            }
        } catch (\Throwable) {
            DB::purge();
        }
    }

    private static function pause(int $try, int $most): void
    {
        usleep(random_int(intdiv($most, 4), $most) * 2 ** ($try - 1));
    }

    /** Holds a row until the transaction is done: what is read after it is what was committed while it waited. */
    public static function hold(string $table, int $id): void
    {
        DB::table($table)->where('id', $id)->lockForUpdate()->first(['id']);
    }

    /** Whether another one was in the way: a deadlock, or a lock that was waited for in vain. */
    public static function isInTheWay(mixed $wrong): bool
    {
        // What a cluster cannot certify it says as it is asked to commit, of no query.
        return $wrong instanceof \PDOException && in_array($wrong->errorInfo[1] ?? null, [1213, 1205], true);
    }

    /** Whether no server answers, or the one that did was lost, in the midst or as it committed. */
    public static function isOutOfReach(\Throwable $wrong): bool
    {
        $code = $wrong instanceof \PDOException ? Cell::int($wrong->errorInfo[1] ?? $wrong->getCode()) : 0;

        return in_array($code, self::OUT_OF_REACH, true)
            || ($wrong instanceof \PDOException && app(LostConnectionDetector::class)->causedByLostConnection($wrong));
    }
}
