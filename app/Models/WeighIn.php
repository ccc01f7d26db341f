<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsRowId;
use Fescue\Core\Pattern\RowId;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What was left after a row of a bag. Where it has a line of the ledger it stands while that counts: either side takes
 * both back.
 *
 * @property int $id
 * @property int $bag_id
 * @property int $place of its row when it was entered
 * @property RowId $after
 * @property string $left as it was weighed
 * @property ?int $material_id
 * @property ?string $used g of it by then
 * @property bool $begins whether it only says what there was
 * @property ?int $stock_entry_id
 * @property ?Carbon $undone_at
 * @property ?int $dropped_in revision of the bag that was begun anew
 * @property ?StockEntry $line
 */
final class WeighIn extends Record
{
    protected $guarded = ['id'];

    /** @return BelongsTo<StockEntry, $this> */
    public function line(): BelongsTo
    {
        return $this->belongsTo(StockEntry::class, 'stock_entry_id');
    }

    public function stands(): bool
    {
        return $this->undone_at === null && $this->dropped_in === null && $this->line?->undone_at === null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['after' => AsRowId::class, 'begins' => 'bool', 'undone_at' => 'datetime'];
    }
}
