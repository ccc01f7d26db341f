<?php

declare(strict_types=1);

namespace App\Casts;

use Fescue\Core\Measure\Length;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A column of millimetres as a Length.
 *
 * @implements CastsAttributes<Length, Length>
 */
final class AsLength implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Length
    {
        return is_numeric($value) ? Length::mm((float) $value) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?float
    {
        return $value?->mm;
    }
}
