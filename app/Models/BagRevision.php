<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What a bag was in a revision of it.
 *
 * @property int $bag_id
 * @property int $revision
 * @property ?int $material_id
 * @property ?int $swatch_id
 * @property array<string, mixed> $choices
 */
final class BagRevision extends Record
{
    public const UPDATED_AT = null;

    public $incrementing = false;

    protected $primaryKey = 'revision';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['choices' => 'array'];
    }
}
