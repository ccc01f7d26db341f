<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * So much of a material is kept for a bag.
 *
 * @property int $id
 * @property int $material_id
 * @property int $bag_id
 * @property string $amount g or pieces
 * @property ?Bag $bag null where the bag is put away
 */
final class Reservation extends Record
{
    protected $fillable = ['material_id', 'bag_id', 'amount'];

    /** @return BelongsTo<Bag, $this> */
    public function bag(): BelongsTo
    {
        return $this->belongsTo(Bag::class);
    }
}
