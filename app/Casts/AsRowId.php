<?php

declare(strict_types=1);

namespace App\Casts;

use Fescue\Core\Pattern\RowId;
use Fescue\Core\Pattern\RowKind;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A row as documents have it, as its identity; what names none as one that no plan has, which the plan then says.
 *
 * @implements CastsAttributes<RowId, RowId|string>
 */
final class AsRowId implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): RowId
    {
        return RowId::read(is_string($value) ? $value : '') ?? new RowId(RowKind::Round, 0);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return (string) $value;
    }
}
