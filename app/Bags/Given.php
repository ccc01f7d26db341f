<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\Bag;
use Fescue\Core\Document\Refused;

/** A bag as another maker gets it: its plan and its strand, and nothing of her stash, her swatches or her hours. */
final class Given
{
    /** @throws Refused where it makes no plan */
    public static function of(Bag $bag): Bag
    {
        $document = $bag->document(false);
        $gauge = $document['gauge'] ?? null;
        if ($gauge === null || isset($document['swatches'])) {
            $swatch = $bag->plan(false)->spec->hands->swatch;
            $gauge = array_filter([
                'stitch' => $swatch->motif->key,
                'stitches' => $swatch->stitches,
                'width' => $swatch->width->exact(),
                'rows' => $swatch->rows,
                'height' => $swatch->height->exact(),
                'mass' => $swatch->mass?->exact(),
            ], fn(mixed $one): bool => $one !== null);
        }
        $choices = ['gauge' => $gauge] + array_diff_key(
            $document,
            ['format' => 1, 'weigh_ins' => 1, 'stretch' => 1, 'differs' => 1, 'lean' => 1] + Bag::TAUGHT,
        );
        $choices['material'] = self::strand($choices['material'] ?? null);
        if (isset($choices['others']) && is_array($choices['others'])) {
            $choices['others'] = array_map(self::strand(...), $choices['others']);
        }
        $given = new Bag(['choices' => $choices]);
        $given->tint = $bag->colour();
        // Of nobody: no hand teaches it.
        $given->user_id = 0;

        return $given;
    }

    /** @return array<mixed> what it is, not how much of it she has */
    private static function strand(mixed $material): array
    {
        return is_array($material) ? array_diff_key($material, ['on_hand' => 1, 'unit' => 1, 'waste' => 1]) : [];
    }
}
