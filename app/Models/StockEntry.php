<?php

declare(strict_types=1);

namespace App\Models;

use Fescue\Core\Stock\Move;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Carbon;

/**
 * One line of a material's ledger; undone ones stay and do not count.
 *
 * @property int $id
 * @property int $material_id
 * @property ?int $bag_id
 * @property Move $move
 * @property string $amount g or pieces, below zero where taken
 * @property ?string $says g or pieces that are on hand from it on, where that was weighed or counted
 * @property string $released of what the bag had reserved
 * @property ?string $note
 * @property ?Carbon $undone_at
 * @property Carbon $created_at
 * @property Material $material
 * @property ?Bag $bag
 */
final class StockEntry extends Record
{
    protected $fillable = ['material_id', 'bag_id', 'move', 'amount', 'says', 'released', 'note', 'undone_at'];

    /** @return BelongsTo<Material, $this> */
    public function material(): BelongsTo
    {
        $one = $this->belongsTo(Material::class);
        // A line needs its material's name, not the sum of all its lines.
        $one->withoutGlobalScopes([SoftDeletingScope::class, 'balance']);

        return $one;
    }

    /** @return BelongsTo<Bag, $this> */
    public function bag(): BelongsTo
    {
        $one = $this->belongsTo(Bag::class);
        $one->withoutGlobalScope(SoftDeletingScope::class);

        return $one;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['move' => Move::class, 'undone_at' => 'datetime'];
    }
}
