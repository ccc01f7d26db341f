<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What a bag really was when it was done.
 *
 * @property int $bag_id
 * @property ?string $wide lying flat, or closed
 * @property ?string $high
 * @property ?string $load that it held for an hour
 * @property string $otherwise what she would do otherwise
 * @property Carbon $created_at
 */
final class BagFinish extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'bag_id';

    protected $guarded = [];
}
