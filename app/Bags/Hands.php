<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\Swatch;
use Fescue\Core\Gauge\State;
use Fescue\Core\Gauge\Trial;
use Illuminate\Database\Eloquent\Collection;

/** All that a maker's hands have shown: her swatches with their materials. */
final class Hands
{
    /**
     * Swatches of a material that is known; others say nothing of the strand they are made of.
     *
     * @return array<int, Trial> by the swatch's number
     */
    public static function trials(int $makerId): array
    {
        $trials = [];
        foreach (self::swatches($makerId) as $swatch) {
            $trial = self::trial($swatch);
            if ($trial !== null) {
                $trials[$swatch->id] = $trial;
            }
        }

        return $trials;
    }

    /** @return list<array<string, mixed>> as fescue-bag/1 has them */
    public static function documents(int $makerId): array
    {
        $documents = [];
        foreach (self::swatches($makerId) as $swatch) {
            if (self::trial($swatch) !== null && $swatch->material !== null) {
                $documents[] = $swatch->document() + ['hook' => $swatch->hookSize()->exact(), 'material' => array_filter([
                    'kind' => $swatch->material->kind->value,
                    'diameter' => $swatch->material->diameter?->exact(),
                    'density' => $swatch->material->density()->exact(),
                ])];
            }
        }

        return $documents;
    }

    /** @return Collection<int, Swatch> those that lay; what hung is another measure */
    private static function swatches(int $makerId): Collection
    {
        $swatches = Swatch::query()->where('user_id', $makerId)->where('state', '!=', State::Hung)->with('material');
        $swatches->orderBy('id');

        return $swatches->get();
    }

    private static function trial(Swatch $swatch): ?Trial
    {
        $material = $swatch->material;

        return $material === null || $material->diameter === null || ! $material->kind->isStrand()
            ? null
            : new Trial($swatch->measured(), $swatch->hookSize(), $material->kind, $material->diameter, $material->density());
    }
}
