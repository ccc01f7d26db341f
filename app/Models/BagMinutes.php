<?php

declare(strict_types=1);

namespace App\Models;

/**
 * How long a part of a bag took.
 *
 * @property int $bag_id
 * @property string $part
 * @property int $minutes
 */
final class BagMinutes extends Record
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'part';

    protected $keyType = 'string';

    protected $table = 'bag_minutes';

    protected $guarded = [];
}
