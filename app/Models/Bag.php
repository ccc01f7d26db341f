<?php

declare(strict_types=1);

namespace App\Models;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\LengthUnit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Carbon;

/**
 * A bag in hand. Its choices are a fescue-bag/1 document less what a linked cord and swatch say:
 * these are read from where they are kept, so a cord weighed again is weighed again for every bag of it.
 *
 * @property int $id
 * @property int $user_id
 * @property ?int $cord_id
 * @property ?int $swatch_id
 * @property array<string, mixed> $choices
 * @property ?Cord $cord
 * @property ?Swatch $swatch
 * @property ?Carbon $updated_at
 * @property ?Carbon $created_at
 */
final class Bag extends Model
{
    use SoftDeletes;

    protected $fillable = ['cord_id', 'swatch_id', 'choices'];

    /** @return BelongsTo<Cord, $this> */
    public function cord(): BelongsTo
    {
        $one = $this->belongsTo(Cord::class);
        $one->withoutGlobalScope(SoftDeletingScope::class);

        return $one;
    }

    /** @return BelongsTo<Swatch, $this> */
    public function swatch(): BelongsTo
    {
        $one = $this->belongsTo(Swatch::class);
        $one->withoutGlobalScope(SoftDeletingScope::class);

        return $one;
    }

    public function name(): string
    {
        $name = $this->choices['name'] ?? null;

        return is_string($name) ? $name : 'Unnamed bag';
    }

    public function colour(): string
    {
        return $this->cord->colour ?? Cord::PLAIN;
    }

    /**
     * The whole document, with what the linked cord and swatch say.
     *
     * @return array<string, mixed>
     */
    public function document(): array
    {
        $document = ['format' => BagDocument::FORMAT] + $this->choices;
        if ($this->cord !== null) {
            $document['material'] = array_filter([
                'kind' => 'cord',
                'diameter' => $this->cord->diameter->exact(LengthUnit::Millimetre),
                'density' => $this->cord->density()->exact(),
                'on_hand' => $this->cord->on_hand?->exact(),
            ], fn(?string $part): bool => $part !== null);
        }
        if ($this->swatch !== null) {
            $document['hook'] = $this->swatch->hookSize()->exact();
            $document['gauge'] = array_filter([
                'stitch' => $this->swatch->stitch->value,
                'stitches' => self::number($this->swatch->stitches_counted),
                'width' => $this->swatch->width->exact(),
                'rows' => self::number($this->swatch->rows_counted),
                'height' => $this->swatch->height->exact(),
                'mass' => $this->swatch->mass?->exact(),
            ], fn(int|float|string|null $part): bool => $part !== null);
        }

        return $document;
    }

    /** @throws Refused */
    public function plan(): BagPlan
    {
        return Planner::plan(BagDocument::read($this->document()));
    }

    /** A number as it is best written in a file: 10, not 10.0. */
    private static function number(float $value): int|float
    {
        return floor($value) === $value ? (int) $value : (float) Decimal::exact($value);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['choices' => 'array'];
    }
}
