<?php

declare(strict_types=1);

namespace App\Models;

use App\Tongue\Tongues;
use Fescue\Core\Pattern\RowId;
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
    /** Notes of our own: kept in English, told in her tongue. */
    public const OURS = [
        'weighed in after {row}', 'batch “{name}”', 'the bag is done', 'at the weighing desk', 'to begin with',
    ];

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

    /** Its note, one of hers as she wrote it; '' where there is none. */
    public function told(): string
    {
        foreach (self::OURS as $message) {
            $read = preg_replace('/\\\\\{(\w+)\\\\\}/', '(?<$1>.+)', preg_quote($message, '/'));
            if (preg_match("/^{$read}$/u", (string) $this->note, $found) === 1) {
                $with = array_filter($found, is_string(...), ARRAY_FILTER_USE_KEY);

                return Tongues::tell($message, isset($with['row'])
                    ? ['row' => RowId::read($with['row']) ?? $with['row']]
                    : $with);
            }
        }

        return (string) $this->note;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['move' => Move::class, 'undone_at' => 'datetime'];
    }
}
