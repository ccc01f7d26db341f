<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Cell;
use Illuminate\Contracts\Database\LostConnectionDetector;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/**
 * All or nothing, and once more where another one was in the way: a deadlock, a lock waited for in vain, a write that a
 * cluster could not certify. Inside another one the outermost is tried again. Locks are taken in one order: a bag, its
 * finish, a material, its lines.
 */
final class Transaction
{
    /** No access yet or any more, no such database, shutting down, ended from outside, no answer, gone, lost. */
    private const OUT_OF_REACH = [1044, 1045, 1049, 1053, 1077, 1927, 2002, 2003, 2006, 2013, 4151];

    public const TRIES = 5;

    /**
     * @template T
     *
     * @param \Closure(): T $do may be run more than once
     *
     * @return T
     */
    public static function run(\Closure $do): mixed
    {
        return DB::transaction($do, self::TRIES);
    }

    /** Holds a row until the transaction is done: what is read after it is what was committed while it waited. */
    public static function hold(string $table, int $id): void
    {
        DB::table($table)->where('id', $id)->lockForUpdate()->first(['id']);
    }

    /** Whether another one was in the way: a deadlock, or a lock that was waited for in vain. */
    public static function isInTheWay(mixed $wrong): bool
    {
        return $wrong instanceof QueryException && in_array($wrong->errorInfo[1] ?? null, [1213, 1205], true);
    }

    /** Whether no server answers, or the one that did was lost, in the midst or as it committed. */
    public static function isOutOfReach(\Throwable $wrong): bool
    {
        $code = $wrong instanceof \PDOException ? Cell::int($wrong->errorInfo[1] ?? $wrong->getCode()) : 0;

        return in_array($code, self::OUT_OF_REACH, true)
            || ($wrong instanceof \PDOException && app(LostConnectionDetector::class)->causedByLostConnection($wrong));
    }
}
