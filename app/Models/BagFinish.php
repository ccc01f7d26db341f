<?php

declare(strict_types=1);

namespace App\Models;

use Fescue\Core\Estimate\ActualUse;
use Fescue\Core\Measure\Length;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What a bag really was when it was done.
 *
 * @property int $bag_id
 * @property ?string $wide lying flat, or closed
 * @property ?string $high
 * @property ?string $blocked_wide so when it was blocked
 * @property ?string $blocked_high
 * @property ?string $load that it was hung with
 * @property ?int $hung_for minutes
 * @property ?string $seen what that did to it
 * @property ?string $strap_lay before, and
 * @property ?string $strap_hung with the load
 * @property ?string $left_over of the strand worked last
 * @property ?int $stock_entry_id its line of the ledger
 * @property ?string $used g of its own strand
 * @property ?int $minutes
 * @property ?array<string, float|null> $expected when it was done: low, likely, high in g, minutes, wide and high in mm
 * @property string $otherwise what she would do otherwise
 * @property ?Carbon $created_at
 * @property ?Bag $bag
 */
final class BagFinish extends Record
{
    /** What a hanging may do to it, and how it is said. */
    public const SEEN = [
        'held' => 'it held as it is',
        'stretched' => 'it stretched, and holds',
        'gave' => 'something gave: a seam, a foot, a join',
    ];

    public $incrementing = false;

    protected $primaryKey = 'bag_id';

    protected $guarded = [];

    /** @return BelongsTo<Bag, $this> */
    public function bag(): BelongsTo
    {
        return $this->belongsTo(Bag::class);
    }

    /** Grams that it took beside what was expected; null where one of the two is not known. */
    public function outcome(): ?ActualUse
    {
        $of = $this->expected ?? [];
        $likely = (float) ($of['likely'] ?? 0);

        return $this->used === null || (float) $this->used <= 0 || $likely <= 0 ? null : new ActualUse(
            (float) $this->used,
            (float) ($of['low'] ?? 0),
            $likely,
            (float) ($of['high'] ?? 0),
        );
    }

    /** By how much its strap grew under the load, as a share; null where it was not measured twice. */
    public function stretch(): ?float
    {
        return $this->strap_lay === null || $this->strap_hung === null
            ? null
            : Length::parse($this->strap_hung)->mm / max(1.0, Length::parse($this->strap_lay)->mm) - 1;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['expected' => 'array', 'minutes' => 'integer', 'hung_for' => 'integer'];
    }
}
