<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\Bag;
use App\Models\Material;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Estimate\StrandEnd;
use Fescue\Core\Estimate\StrandEnds;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Strand;

/** The strands that a bag is worked of together, as they were kept with it. */
final class StrandsTogether
{
    /** @return list<StrandEnd> where each of them comes to its end, the first first; none of a bag of one strand */
    public static function ends(Bag $bag, BagPlan $plan): array
    {
        $together = $bag->choices['together'] ?? null;
        $ends = is_array($together) && is_array($together['ends'] ?? null) ? $together['ends'] : [];
        if ($ends === []) {
            return [];
        }
        $strands = [];
        $materials = Material::query()->where('user_id', $bag->user_id);
        $materials->whereIn('kind', Kind::strands());
        $materials->whereIn('id', array_keys($ends));
        $materials->with('reservations.bag');
        foreach ($materials->get() as $one) {
            $many = $ends[$one->id] ?? null;
            if (is_numeric($many) && (int) $many > 0) {
                $strands[] = new Strand($one->name, $one->material($one->freeFor($bag->id)), (int) $many);
            }
        }

        return count($strands) < 2 ? [] : StrandEnds::of($plan, $strands);
    }
}
