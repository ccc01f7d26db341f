<?php

declare(strict_types=1);

namespace App\Bags;

use App\Books\KeptWeighIns;
use App\Models\Bag;
use App\Models\Material;
use App\Models\StockEntry;
use App\Models\WeighIn;
use App\Stash\Ledger;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\Implausible;
use Fescue\Core\Estimate\MaterialProgress;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stock\Move;
use Fescue\Core\Stock\NotEnough;

/**
 * What was left of a bag's materials after its rounds, a row of its own each. What a weigh-in finds used goes into the
 * ledger as used in the bag, so that the stash says what the scale does; and it is kept as what the bag had used by
 * then, so that what is bought or corrected later does not count as used before it.
 */
final readonly class WeighIns
{
    /** @param list<WeighIn> $kept those that stand */
    private function __construct(private Bag $bag, public array $kept) {}

    public static function of(Bag $bag): self
    {
        return new self($bag, KeptWeighIns::of($bag)->all);
    }

    /**
     * Enters one, in the place of another after the same row. A second device waits, and finds what the first entered.
     *
     * @throws Refused where the plan does not bear it; nothing is kept then
     */
    public function enter(RowId $after, Mass $left): void
    {
        Changing::held($this->bag, function (Bag $bag) use ($after, $left): void {
            foreach (self::of($bag)->kept as $one) {
                if ($one->after->is($after)) {
                    self::strike($one, true);
                    WeighIn::query()->whereKey($one->id)->update(['undone_at' => now()]);
                }
            }
            $bag->forgetStock();
            $plan = $bag->plan();
            $row = $plan->work->place($after);
            $material = $bag->worked($row === null ? 0 : $plan->materials[$row]);
            $bag->weighIns()->create([
                'place' => $row ?? 0,
                'after' => $after,
                'left' => $left->exact(),
            ] + ($material === null ? [] : self::inLedger($bag, $material, $after, $left)));
            $bag->forgetStock();
            // What the plan does not bear is refused by it, and all is as it was.
            $bag->plan();
        });
    }

    /** Why so much can hardly be left; null where it can, or where nothing is known of what there was. */
    public function implausible(RowId $after, Mass $left): ?Saying
    {
        try {
            $plan = $this->bag->plan();
        } catch (Refused) {
            return null;
        }
        $row = $plan->work->place($after);
        $standing = $row === null ? null : MaterialProgress::of($plan, $plan->materials[$row]);
        $gone = $standing?->ahead()->gone()[$row] ?? null;

        // More than there was is refused by the plan itself.
        return $standing?->left === null || $gone === null || $left->grams > $standing->left
            ? null
            : Implausible::weighed($standing->left - $left->grams, $gone);
    }

    /**
     * Enters what went since into the ledger.
     *
     * @return array<string, mixed> what a weigh-in keeps of a material of the stash
     */
    private static function inLedger(Bag $bag, Material $material, RowId $after, Mass $left): array
    {
        $free = $material->freeFor($bag->id);
        $used = $bag->usedOf($material->id);
        $note = (new Saying('weighed in after {row}', ['row' => $after]))->english();
        if ($free === null) {
            return [
                'material_id' => $material->id,
                'used' => $used,
                'begins' => true,
                'stock_entry_id' => Ledger::enter($material, Move::Weighed, $left->grams, note: $note)->id,
            ];
        }
        $went = round($free->grams - $left->grams, 3);
        $line = $went > 0 ? Ledger::enter($material, Move::Used, $went, $bag, $note, isFact: true) : null;

        return [
            'material_id' => $material->id,
            'used' => round($used + $went, 3),
            'stock_entry_id' => $line?->id,
        ];
    }

    /** Takes one out of the bag, and its line out of the ledger; whether the stash bore it. */
    public static function takeOut(Bag $bag, WeighIn $one): bool
    {
        return Changing::held($bag, function () use ($one): bool {
            $struck = self::strike($one, true);
            if ($one->stock_entry_id === null || ! $struck) {
                // What was taken since stands on it: the stash stays as it is, and the bag forgets it.
                WeighIn::query()->whereKey($one->id)->update(['undone_at' => now()]);
            }

            return $struck;
        });
    }

    /**
     * Back again, with its line.
     *
     * @throws Refused where the plan no longer bears it
     */
    public static function putBack(Bag $bag, WeighIn $one): void
    {
        Changing::held($bag, function (Bag $bag) use ($one): void {
            WeighIn::query()->whereKey($one->id)->update(['undone_at' => null]);
            self::strike($one, false);
            $bag->forgetStock();
            $bag->plan();
        });
    }

    private static function strike(WeighIn $one, bool $out): bool
    {
        $line = $one->stock_entry_id === null ? null : StockEntry::query()->find($one->stock_entry_id);
        if ($line === null || ($line->undone_at !== null) === $out) {
            return true;
        }
        try {
            Ledger::strike($line, $out);
        } catch (NotEnough) {
            return false;
        }

        return true;
    }
}
