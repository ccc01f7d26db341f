<?php

declare(strict_types=1);

namespace App\Bags;

use App\Bags\Sheets\PlanSheet;
use App\Models\Material;
use App\Models\Supply;
use App\Models\User;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Need;
use Illuminate\Support\Collection;

/** What bags still take, beside what is in the stash: strand to be sure of in nine bags of ten, hardware, cloth. */
final readonly class Shopping
{
    /**
     * @param list<ToGet> $strands
     * @param list<ToGet> $notions
     */
    private function __construct(public array $strands, public array $notions) {}

    /** @param list<PlanSheet> $sheets */
    public static function of(User $maker, array $sheets): self
    {
        return new self(self::strandsOf($sheets), self::notionsOf($maker->notions()->get(), $sheets));
    }

    /** Nothing is wanting. */
    public function isAllThere(): bool
    {
        return array_filter(
            [...$this->strands, ...$this->notions],
            fn(ToGet $one): bool => $one->wanting() > 0.0,
        ) === [];
    }

    /**
     * @param list<PlanSheet> $sheets
     *
     * @return list<ToGet> one a material; those that came with a file by themselves
     */
    private static function strandsOf(array $sheets): array
    {
        $all = [];
        foreach ($sheets as $sheet) {
            foreach ([$sheet->estimate, ...$sheet->estimate->others] as $place => $estimate) {
                $material = $sheet->bag->worked($place);
                $key = $material === null ? "file {$sheet->bag->id} {$place}" : (string) $material->id;
                $there = $material === null ? $estimate->left : $material->balance();
                $all[$key] ??= new ToGet(
                    $material === null ? $sheet->named($place) : $material->name,
                    'g',
                    0.0,
                    $there,
                    $material,
                    $material === null ? null : Supply::of($material),
                );
                $all[$key] = $all[$key]->and($estimate->remaining->at(MaterialEstimate::SURE), $sheet->bag->name());
            }
        }

        return array_values($all);
    }

    /**
     * @param Collection<int, Material> $stock
     * @param list<PlanSheet> $sheets
     *
     * @return list<ToGet>
     */
    private static function notionsOf(Collection $stock, array $sheets): array
    {
        /** @var list<Need> $kinds */
        $kinds = [];
        /** @var list<ToGet> $all */
        $all = [];
        foreach ($sheets as $sheet) {
            foreach ($sheet->plan->needs() as $need) {
                $place = array_key_first(array_filter($kinds, fn(Need $other): bool => $need->isLike($other)));
                if ($place === null) {
                    $place = count($all);
                    $fits = $stock->filter(fn(Material $one): bool => self::holds($one, $need));
                    $kinds[] = $need;
                    $all[] = new ToGet(
                        $sheet->needs()->called($need),
                        $need->kind->unit(),
                        0.0,
                        $fits->isEmpty() ? null : $fits->sum(
                            fn(Material $one): float => $one->balance() ?? 0.0,
                        ),
                        $fits->first(),
                    );
                }
                $material = $all[$place]->material;
                $used = $material === null ? 0.0 : $sheet->bag->usedOf($material->id);
                // What it took already is no longer there, and no longer wanted.
                $all[$place] = $all[$place]->and($need->amount, $sheet->bag->name(), $used);
            }
        }

        return array_values($all);
    }

    /** Whether something of the stash is what is needed. */
    private static function holds(Material $one, Need $need): bool
    {
        if ($one->kind !== $need->kind || $one->make !== $need->make) {
            return false;
        }

        // Wider cloth will do.
        return $need->kind === Kind::Cloth
            ? $one->width === null || $need->size === null || $one->width->mm >= $need->size->mm - 1
            : Need::fits($need->size, $one->width);
    }
}
