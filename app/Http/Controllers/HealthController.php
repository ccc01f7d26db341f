<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Transaction;
use Illuminate\Database\QueryException;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** What a proxy asks: whether this machine lives, and whether it can serve. No session, no maker. */
final class HealthController extends Controller
{
    public function up(): Response
    {
        return self::said('up', 200);
    }

    /** The database answers, and takes writes: of a part that is cut off it refuses them. */
    public function ready(): Response
    {
        try {
            // Of no row, so that being asked each second costs nothing.
            DB::table('cache')->where('key', 'asked')->where('expiration', 0)->delete();
        } catch (QueryException|\PDOException $e) {
            return Transaction::isOutOfReach($e) || Transaction::isInTheWay($e)
                ? self::said('the database is out of reach', 503)
                : throw $e;
        }

        return self::said('ready', 200);
    }

    private static function said(string $what, int $status): Response
    {
        return new Response("{$what}\n", $status, [
            'Content-Type' => 'text/plain; charset=utf-8', 'Cache-Control' => 'no-store',
        ] + ($status === 503 ? ['Retry-After' => '2'] : []));
    }
}
