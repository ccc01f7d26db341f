<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A link that shows one bag to whoever has it, until it is withdrawn.
 *
 * @property int $bag_id
 * @property string $token
 * @property ?Bag $bag
 */
final class BagLink extends Record
{
    public $incrementing = false;

    protected $primaryKey = 'bag_id';

    protected $guarded = [];

    /** @return BelongsTo<Bag, $this> */
    public function bag(): BelongsTo
    {
        return $this->belongsTo(Bag::class);
    }
}
