<?php

declare(strict_types=1);

namespace App\Bags;

use App\Casts\Cell;
use App\Models\Bag;
use App\Models\Draft;
use App\Models\Transaction;
use App\Models\WeighIn;
use App\Tongue\Tongues;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

/**
 * What was changed of a bag, to be taken back and done again on any device. A step keeps all choices before it and
 * after it; what was entered once, weighed, counted or worked, is none. Steps are made and taken under the bag's lock.
 */
final class Steps
{
    /** Steps that are kept of a bag. */
    private const KEPT = 80;

    /** Changes of one field no further apart are one step, ms. */
    private const PAUSE = 3000;

    /** @return array{undo: ?string, redo: ?string} what either would change; null where there is nothing */
    public static function of(Bag $bag): array
    {
        // Both in one look, at every redraw.
        $steps = DB::table('bag_steps')->where('bag_id', $bag->id)->orderBy('id')->get(['fields', 'undone']);

        return [
            'undo' => self::named($steps->last(fn(\stdClass $step): bool => Cell::int($step->undone) === 0)),
            'redo' => self::named($steps->first(fn(\stdClass $step): bool => Cell::int($step->undone) !== 0)),
        ];
    }

    /** Writes a change down. */
    public static function record(Bag $bag, Draft $before): void
    {
        $after = Draft::of($bag);
        $fields = mb_substr(implode(' ', $after->differs($before)), 0, 400);
        if ($fields === '') {
            return;
        }
        $now = (int) now()->valueOf();
        // What was taken back is not done again once something else was changed.
        DB::table('bag_steps')->where(['bag_id' => $bag->id, 'undone' => true])->delete();
        $last = self::last($bag);
        if ($last !== null && $last->fields === $fields && $now - Cell::int($last->at) <= self::PAUSE) {
            $step = DB::table('bag_steps')->where('id', $last->id);
            $after->same(self::read(Cell::text($last->before)))
                ? $step->delete()
                : $step->update(['after' => self::write($after), 'at' => $now, 'until' => $bag->revision + 1]);

            return;
        }
        DB::table('bag_steps')->insert([
            'bag_id' => $bag->id, 'fields' => $fields, 'before' => self::write($before), 'after' => self::write($after),
            'at' => $now, 'since' => $bag->revision + 1, 'until' => $bag->revision + 1,
        ]);
        $kept = DB::table('bag_steps')->where('bag_id', $bag->id)->orderByDesc('id')->skip(self::KEPT)->value('id');
        if ($kept !== null) {
            DB::table('bag_steps')->where('bag_id', $bag->id)->where('id', '<=', $kept)->delete();
        }
    }

    /** Takes the last step back; what it changed, null where there is none. */
    public static function undo(Bag $bag): ?string
    {
        return Changing::held($bag, fn(Bag $bag): ?string => self::take($bag, self::last($bag), true), false);
    }

    /** Does again what was taken back last. */
    public static function redo(Bag $bag): ?string
    {
        return Changing::held($bag, fn(Bag $bag): ?string => self::take($bag, self::next($bag), false), false);
    }

    /**
     * Takes one step back, whatever was changed since, which stays. It is a change like any other, where it is not the
     * last one.
     */
    public static function takeBack(Bag $bag, int $step): bool
    {
        return Transaction::run(function () use ($bag, $step): bool {
            // Which one is the last is asked where no other page can make one.
            Transaction::hold('bags', $bag->id);
            $one = DB::table('bag_steps')->where(['bag_id' => $bag->id, 'id' => $step, 'undone' => false])->first();
            if ($one === null) {
                return false;
            }
            $isLast = self::last($bag)?->id === $one->id;
            Changing::held(
                $bag,
                fn(Bag $bag): mixed => $isLast ? self::take($bag, $one, true) : self::turn($bag, $one, true),
                ! $isLast,
            );

            return true;
        });
    }

    /** Offers the step back from the change that the bag was just kept with. */
    public static function offer(Bag $bag, RedirectResponse $to): RedirectResponse
    {
        return $to->with('undo', route('bags.undo', ['bag' => $bag, 'step' => self::last($bag)?->id]));
    }

    private static function take(Bag $bag, ?\stdClass $step, bool $back): ?string
    {
        if ($step === null) {
            return null;
        }
        DB::table('bag_steps')->where('id', $step->id)->update(
            ['undone' => $back, 'weighed' => implode(' ', self::turn($bag, $step, $back))],
        );

        return self::named($step);
    }

    /**
     * What it changed, changed back, or again.
     *
     * @return list<int|string> the weigh-ins that it had dropped
     */
    private static function turn(Bag $bag, \stdClass $step, bool $back): array
    {
        [$from, $to] = [Cell::text($step->before), Cell::text($step->after)];
        [$from, $to] = $back ? [$to, $from] : [$from, $to];
        self::read($to)->merge(self::read($from), Draft::of($bag))->draft->putOn($bag);
        // Weighed is weighed: of a bag that was begun anew it stands again with what it was.
        $weighed = WeighIn::query()->where('bag_id', $bag->id);
        $ids = $back
            ? $weighed->whereBetween('dropped_in', [$step->since, $step->until])
                ->pluck('id')->map(Cell::int(...))->all()
            : explode(' ', Cell::text($step->weighed));
        WeighIn::query()->where('bag_id', $bag->id)->whereIn('id', $ids)->update(
            ['dropped_in' => $back ? null : $step->until],
        );
        $bag->forgetStock();

        return array_values($ids);
    }

    private static function last(Bag $bag): ?\stdClass
    {
        return DB::table('bag_steps')->where(['bag_id' => $bag->id, 'undone' => false])->orderByDesc('id')->first();
    }

    private static function next(Bag $bag): ?\stdClass
    {
        return DB::table('bag_steps')->where(['bag_id' => $bag->id, 'undone' => true])->orderBy('id')->first();
    }

    private static function named(?\stdClass $step): ?string
    {
        if ($step === null) {
            return null;
        }
        $names = array_values(array_unique(array_map(
            fn(string $field): string => BagEdit::called($field),
            explode(' ', Cell::text($step->fields)),
        )));
        $more = count($names) - 3;

        $named = implode(', ', array_slice($names, 0, 3));

        return $more > 0 ? Tongues::tell('{names} and {n} more', ['names' => $named, 'n' => $more]) : $named;
    }

    private static function write(Draft $state): string
    {
        return json_encode((object) $state->all, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    private static function read(string $state): Draft
    {
        /** @var array<string, mixed> $all */
        $all = json_decode($state, true, flags: JSON_THROW_ON_ERROR);

        return new Draft($all);
    }
}
