<?php

declare(strict_types=1);

namespace App\Papers;

use App\Casts\Cell;
use App\Models\Transaction;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

/**
 * PDFs, printed once for what they show and kept in the database, where every machine finds them. A worker prints them;
 * of each maker one at a time, so that nobody waits for what another ordered.
 */
final class Papers
{
    public const READY = 'ready';

    public const FAILED = 'failed';

    private const WAITING = 'waiting';

    private const ACTIVE = ['queued', 'printing'];

    /** Of one maker: that wait, and that are kept, for so many days. */
    private const WAIT = 8;

    private const KEPT = 40;

    private const DAYS = 30;

    /** Seconds after which one that is under way has lost its worker, and one that failed may be tried again. */
    private const LOST = 180;

    private const AGAIN = 20;

    /**
     * Where it stands; ordered where it was not yet.
     *
     * @return array{state: string, ahead: int, pdf: ?string} and how many are printed before it
     */
    public static function ask(Recipe $recipe): array
    {
        $key = $recipe->key();
        $found = DB::table('papers')->where('key', $key)->first(['id', 'state', 'updated_at']);
        if ($found?->state !== self::READY) {
            $found = self::order($recipe, $key);
        }

        return [
            'state' => Cell::text($found->state),
            'ahead' => $found->state === self::READY ? 0 : DB::table('papers')->where('id', '<', $found->id)
                ->whereIn('state', [self::WAITING, ...self::ACTIVE])->count(),
            'pdf' => $found->state === self::READY
                ? Cell::text(DB::table('papers')->where('id', $found->id)->value('pdf'))
                : null,
        ];
    }

    private static function order(Recipe $recipe, string $key): \stdClass
    {
        return Transaction::run(function () use ($recipe, $key): \stdClass {
            $owner = $recipe->owner();
            Transaction::hold('users', $owner);
            $papers = DB::table('papers')->where('user_id', $owner);
            // One whose worker died is nobody's.
            (clone $papers)->whereIn('state', self::ACTIVE)->where('updated_at', '<', now()->subSeconds(self::LOST))
                ->update(['state' => self::WAITING, 'updated_at' => now()]);
            $found = (clone $papers)->where('key', $key)->first(['id', 'state', 'updated_at']);
            $isStale = $found !== null && $found->state === self::FAILED
                && $found->updated_at < now()->subSeconds(self::AGAIN)->toDateTimeString();
            if ($found === null) {
                if ((clone $papers)->where('state', self::WAITING)->count() >= self::WAIT) {
                    throw new TooManyRequestsHttpException(30, 'So many are being printed already.');
                }
                self::sweep($owner);
                DB::table('papers')->insert([
                    'user_id' => $owner, 'key' => $key, 'recipe' => $recipe->write(), 'state' => self::WAITING,
                    'created_at' => now(), 'updated_at' => now(),
                ]);
            } elseif ($isStale) {
                DB::table('papers')->where('id', $found->id)->update(['state' => self::WAITING, 'updated_at' => now()]);
            }
            self::dispatch($owner);

            return DB::table('papers')->where('key', $key)->first(['id', 'state', 'updated_at'])
                ?? throw new \LogicException('It was just ordered.');
        });
    }

    /** The next of a maker's is printed, where none is under way. */
    public static function next(int $owner): void
    {
        Transaction::run(function () use ($owner): void {
            Transaction::hold('users', $owner);
            self::dispatch($owner);
        });
    }

    /** The same, her row being held. */
    private static function dispatch(int $owner): void
    {
        $papers = DB::table('papers')->where('user_id', $owner);
        if ((clone $papers)->whereIn('state', self::ACTIVE)->exists()) {
            return;
        }
        $id = (clone $papers)->where('state', self::WAITING)->orderBy('id')->value('id');
        if (is_int($id)) {
            DB::table('papers')->where('id', $id)->update(['state' => 'queued', 'updated_at' => now()]);
            PrintPaper::dispatch($id);
        }
    }

    /** Prints one that was ordered. */
    public static function print(int $id): void
    {
        $paper = DB::table('papers')->where('id', $id)->first(['id', 'user_id', 'state', 'recipe']);
        if ($paper === null || ! in_array($paper->state, self::ACTIVE, true)) {
            return;
        }
        DB::table('papers')->where('id', $id)->update(['state' => 'printing', 'updated_at' => now()]);
        $pdf = null;
        try {
            $pdf = Recipe::read(Cell::text($paper->recipe))?->pdf();
        } finally {
            DB::table('papers')->where('id', $id)->update([
                'state' => $pdf === null ? self::FAILED : self::READY, 'pdf' => $pdf, 'updated_at' => now(),
            ]);
            self::next(Cell::int($paper->user_id));
        }
    }

    private static function sweep(int $owner): void
    {
        $papers = DB::table('papers')->where('user_id', $owner)->whereIn('state', [self::READY, self::FAILED]);
        $kept = (clone $papers)->orderByDesc('id')->skip(self::KEPT)->value('id');
        $papers->where(
            fn(Builder $of) => $of->where('updated_at', '<', now()->subDays(self::DAYS))
                ->orWhere('id', '<=', $kept ?? 0),
        )->delete();
    }
}
