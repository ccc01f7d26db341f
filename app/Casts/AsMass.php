<?php

declare(strict_types=1);

namespace App\Casts;

use Fescue\Core\Measure\Mass;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A column of grams as a Mass.
 *
 * @implements CastsAttributes<Mass, Mass>
 */
final class AsMass implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Mass
    {
        return is_numeric($value) ? Mass::grams((float) $value) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?float
    {
        return $value?->grams;
    }
}
