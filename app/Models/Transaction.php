<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Facades\DB;

/**
 * All or nothing, and once more where another one was in the way: a deadlock, a lock waited for in vain, a write that a
 * cluster could not certify. Inside another one the outermost is tried again. Locks are taken in one order: a bag, its
 * finish, a material, its lines.
 */
final class Transaction
{
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
}
