<?php

declare(strict_types=1);

namespace App\Casts;

use Fescue\Core\Instruction\Motif;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/** @implements CastsAttributes<Motif, Motif|string> */
final class AsMotif implements CastsAttributes
{
    /** @param array<string, mixed> $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Motif
    {
        return is_string($value) ? Motif::named($value) : null;
    }

    /** @param array<string, mixed> $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value instanceof Motif ? $value->key : $value;
    }
}
