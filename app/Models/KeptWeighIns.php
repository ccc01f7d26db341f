<?php

declare(strict_types=1);

namespace App\Models;

use Fescue\Core\Measure\Mass;

/** The weigh-ins that a bag keeps among its choices, read. */
final readonly class KeptWeighIns
{
    /**
     * @param list<array<string, mixed>> $all each with its row and what was left as it was typed; of a material of the
     *         stash
     * also its number, grams used by then, the ledger's line, and whether it only begins
     */
    private function __construct(private Bag $bag, public array $all) {}

    public static function of(Bag $bag): self
    {
        $kept = $bag->choices['weigh_ins'] ?? [];

        return new self(
            $bag,
            array_values(
                array_filter(
                    is_array($kept) ? $kept : [],
                    fn(mixed $one): bool => is_array($one)
                        && is_string($one['after'] ?? null)
                        && is_string($one['left'] ?? null),
                ),
            ),
        );
    }

    /**
     * As fescue-bag/1 has them: of a material of the stash what was left then, and what has come since.
     *
     * @return list<array{after: string, left: string}>
     */
    public function documents(): array
    {
        return array_map(function (array $one): array {
            $material = $this->material($one);
            $free = $material?->freeFor($this->bag->id);
            $left = $material === null || $free === null || ! is_numeric($one['used'] ?? null)
                ? (string) $one['left']
                : Mass::grams(
                    round(max(0.0, $free->grams + $this->bag->usedOf($material->id) - (float) $one['used']), 3),
                )->exact();

            return ['after' => (string) $one['after'], 'left' => $left];
        }, $this->all);
    }

    /** Whether what was there at the start is not known of a material: its first weigh-in only begins. */
    public function begins(Material $material): bool
    {
        return array_filter(
            $this->all,
            fn(array $one): bool => ($one['of'] ?? null) === $material->id && ($one['begins'] ?? false) === true,
        ) !== [];
    }

    /** @param array<string, mixed> $one */
    private function material(array $one): ?Material
    {
        foreach ([$this->bag->material, ...$this->bag->others()] as $material) {
            if ($material !== null && $material->id === ($one['of'] ?? null)) {
                return $material;
            }
        }

        return null;
    }
}
