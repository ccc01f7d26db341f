<?php

declare(strict_types=1);

namespace App\Books;

use App\Models\Bag;
use App\Models\Material;
use App\Models\WeighIn;
use Fescue\Core\Measure\Mass;

/** The weigh-ins of a bag that stand, read. */
final readonly class KeptWeighIns
{
    /** @param list<WeighIn> $all those that stand, in the order of their rows */
    private function __construct(private Bag $bag, public array $all) {}

    public static function of(Bag $bag): self
    {
        $all = [];
        foreach ($bag->entered('weighIns') as $one) {
            if ($one instanceof WeighIn && $one->stands()) {
                $all[] = $one;
            }
        }

        return new self($bag, $all);
    }

    /**
     * As fescue-bag/1 has them: of a material of the stash what was left then, and what has come since.
     *
     * @return list<array{after: string, left: string}>
     */
    public function documents(): array
    {
        return array_map(function (WeighIn $one): array {
            $material = $this->material($one);
            $free = $material?->freeFor($this->bag->id);
            $left = $material === null || $free === null || $one->used === null
                ? $one->left
                : Mass::grams(
                    round(max(0.0, $free->grams + $this->bag->usedOf($material->id) - (float) $one->used), 3),
                )->exact();

            return ['after' => (string) $one->after, 'left' => $left];
        }, $this->all);
    }

    /** Whether what was there at the start is not known of a material: its first weigh-in only begins. */
    public function begins(Material $material): bool
    {
        return array_filter(
            $this->all,
            fn(WeighIn $one): bool => $one->material_id === $material->id && $one->begins,
        ) !== [];
    }

    private function material(WeighIn $one): ?Material
    {
        foreach ([$this->bag->material, ...$this->bag->others()] as $material) {
            if ($material !== null && $material->id === $one->material_id) {
                return $material;
            }
        }

        return null;
    }
}
