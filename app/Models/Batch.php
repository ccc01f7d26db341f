<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Cell;
use Fescue\Core\Strip\Checklist;
use Fescue\Core\Strip\CuttingStep;
use Fescue\Core\Strip\StripDocument;
use Fescue\Core\Strip\StripPlan;
use Fescue\Core\Strip\StripSpec;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Pieces being cut: their plan, and which of its steps are done, the same on every device.
 *
 * @property int $id
 * @property int $user_id
 * @property ?int $raw_piece_id
 * @property ?int $material_id what came of it
 * @property string $name
 * @property string $colour
 * @property array<string, mixed> $document fescue-strip/1
 * @property int $stack
 * @property bool $join_ahead
 * @property ?Carbon $finished_at
 * @property ?RawPiece $rawPiece
 * @property ?Material $material
 */
final class Batch extends Record
{
    use SoftDeletes;

    protected $fillable = [
        'raw_piece_id',
        'material_id',
        'name',
        'colour',
        'document',
        'stack',
        'join_ahead',
        'finished_at',
    ];

    /** @return BelongsTo<RawPiece, $this> */
    public function rawPiece(): BelongsTo
    {
        $one = $this->belongsTo(RawPiece::class);
        $one->withoutGlobalScope(SoftDeletingScope::class);

        return $one;
    }

    /** @return BelongsTo<Material, $this> */
    public function material(): BelongsTo
    {
        $one = $this->belongsTo(Material::class);
        $one->withoutGlobalScope(SoftDeletingScope::class);

        return $one;
    }

    public function spec(): StripSpec
    {
        return StripDocument::read($this->document);
    }

    public function plan(): StripPlan
    {
        return StripPlan::of($this->spec());
    }

    /** @return list<CuttingStep> */
    public function steps(): array
    {
        return Checklist::of($this->spec(), $this->stack, $this->join_ahead);
    }

    /** @return list<string> keys of the steps done */
    public function ticked(): array
    {
        $steps = DB::table('batch_ticks')->where('batch_id', $this->id)->pluck('step');

        return array_values(array_map(Cell::text(...), $steps->all()));
    }

    /** Ticking twice, from two devices, is ticking once. */
    public function tick(string $step, bool $done): void
    {
        $ticks = DB::table('batch_ticks');
        $done
            ? $ticks->insertOrIgnore(['batch_id' => $this->id, 'step' => $step])
            : $ticks->where(['batch_id' => $this->id, 'step' => $step])->delete();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'stack' => 'integer', 'join_ahead' => 'boolean', 'finished_at' => 'datetime'];
    }
}
