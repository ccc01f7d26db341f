<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\Bag;
use App\Models\KeptWeighIns;
use App\Models\Material;
use App\Models\StockEntry;
use App\Stash\Ledger;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Stock\Move;
use Fescue\Core\Stock\NotEnough;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Facades\DB;

/**
 * What was left of a bag's materials after its rounds. What a weigh-in finds used goes into the ledger as used in the
 * bag, so
 * that the stash says what the scale does; and it is kept as what the bag had used by then, so that what is bought or
 * corrected later does not count as used before it.
 */
final readonly class WeighIns
{
    /** @param list<array<string, mixed>> $kept as KeptWeighIns has them */
    private function __construct(private Bag $bag, public array $kept) {}

    public static function of(Bag $bag): self
    {
        return new self($bag, KeptWeighIns::of($bag)->all);
    }

    /**
     * Enters one, in the place of another after the same row; the bag is kept. Where the plan does not bear it that is
     * Refused, and nothing is kept.
     */
    public function enter(string $after, Mass $left): void
    {
        DB::transaction(function () use ($after, $left): void {
            // A second device waits here, and finds what the first one entered.
            $held = Bag::query()->withoutGlobalScope(SoftDeletingScope::class)->whereKey($this->bag->id);
            $held->lockForUpdate();
            $this->bag->setRawAttributes($held->firstOrFail()->getAttributes(), true);
            $this->bag->forgetStock();
            $weighIns = self::of($this->bag);
            foreach ($weighIns->kept as $place => $one) {
                if ($one['after'] === $after) {
                    $weighIns->without($place);
                }
            }
            $plan = $this->bag->plan();
            $row = $plan->piece->place($after);
            $material = $this->bag->worked($row === null ? 0 : $plan->materials[$row]);
            $new = [
                'after' => $after,
                'left' => $left->exact(),
            ] + ($material === null ? [] : $this->inLedger($material, $after, $left));
            // In the order of the rows. What the plan does not bear is refused by it, and the ledger is as it was.
            $names = array_flip($plan->piece->names());
            $all = [...self::of($this->bag)->kept, $new];
            usort(
                $all,
                fn(array $a, array $b): int => ($names[$a['after']] ?? PHP_INT_MAX)
                    <=> ($names[$b['after']] ?? PHP_INT_MAX),
            );
            $this->keep($all);
            $this->bag->plan();
            $this->bag->save();
        });
    }

    /**
     * Enters what went since into the ledger.
     *
     * @return array<string, mixed> what a weigh-in keeps of a material of the stash
     */
    private function inLedger(Material $material, string $after, Mass $left): array
    {
        $free = $material->freeFor($this->bag->id);
        $used = $this->bag->usedOf($material->id);
        $note = 'weighed in after '.mb_substr($after, 0, 40);
        if ($free === null) {
            return [
                'of' => $material->id,
                'used' => $used,
                'begins' => true,
                'entry' => Ledger::enter($material, Move::Weighed, $left->grams, note: $note)->id,
            ];
        }
        $went = round($free->grams - $left->grams, 3);
        $line = $went > 0 ? Ledger::enter($material, Move::Used, $went, $this->bag, $note) : null;

        return [
            'of' => $material->id,
            'used' => round($used + $went, 3),
        ] + ($line === null ? [] : ['entry' => $line->id]);
    }

    /**
     * Takes one out of the bag, unsaved, and its line out of the ledger.
     *
     * @return ?StockEntry that line, where one was struck out
     */
    public function without(int $place): ?StockEntry
    {
        $one = $this->kept[$place] ?? null;
        $line = $one === null || ! is_int($one['entry'] ?? null) ? null : StockEntry::query()->where(
            'material_id',
            $one['of'] ?? 0,
        )->find($one['entry']);
        $this->keep(array_values(array_filter(self::of($this->bag)->kept, fn(array $other): bool => $other !== $one)));
        if ($line === null || $line->undone_at !== null) {
            return null;
        }
        try {
            Ledger::strike($line, true);
        } catch (NotEnough) {
            // What was taken since stands on it: the stash stays as it is.
            return null;
        }
        $this->bag->forgetStock();

        return $line;
    }

    /** @param list<array<string, mixed>> $weighIns */
    private function keep(array $weighIns): void
    {
        $this->bag->choices = ['weigh_ins' => $weighIns] + $this->bag->choices;
        $this->bag->forgetStock();
    }
}
