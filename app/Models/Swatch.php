<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsLength;
use App\Casts\AsMass;
use Fescue\Core\Gauge\State;
use Fescue\Core\Gauge\Swatch as Measured;
use Fescue\Core\Material\Fabric;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Stitch\Motif;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Eloquent\SoftDeletingScope;

/**
 * A measured swatch of one material, one hook, one stitch.
 *
 * @property int $id
 * @property int $user_id
 * @property ?int $material_id
 * @property string $name
 * @property Length $hook its shaft's diameter
 * @property Motif $stitch
 * @property float $stitches_counted
 * @property Length $width
 * @property float $rows_counted
 * @property Length $height
 * @property ?Mass $mass
 * @property State $state
 * @property ?Mass $hung_load what it hung under
 * @property ?Fabric $drape
 * @property ?string $note
 * @property bool $chosen of its material's trial
 * @property ?Material $material
 */
final class Swatch extends Model
{
    use SoftDeletes;

    protected $fillable = ['material_id', 'name', 'hook', 'stitch', 'stitches_counted', 'width', 'rows_counted', 'height', 'mass', 'state', 'hung_load', 'drape', 'note', 'chosen'];

    protected $attributes = ['state' => 'relaxed', 'hung_load' => null, 'drape' => null, 'note' => null, 'chosen' => false];

    /** @return BelongsTo<Material, $this> a material put away still says what the swatch was made of */
    public function material(): BelongsTo
    {
        $one = $this->belongsTo(Material::class);
        $one->withoutGlobalScope(SoftDeletingScope::class);

        return $one;
    }

    public function hookSize(): HookSize
    {
        return HookSize::mm($this->hook->mm);
    }

    public function measured(): Measured
    {
        return new Measured($this->stitch, $this->stitches_counted, $this->width, $this->rows_counted, $this->height, $this->mass);
    }

    /** @return array<string, int|float|string> as fescue-bag/1 has a gauge */
    public function document(): array
    {
        return array_filter([
            'stitch' => $this->stitch->value,
            'stitches' => self::number($this->stitches_counted),
            'width' => $this->width->exact(),
            'rows' => self::number($this->rows_counted),
            'height' => $this->height->exact(),
            'mass' => $this->mass?->exact(),
        ], fn(int|float|string|null $part): bool => $part !== null);
    }

    /** A number as it is best written in a file: 10, not 10.0. */
    private static function number(float $value): int|float
    {
        return floor($value) === $value ? (int) $value : (float) Decimal::exact($value);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'hook' => AsLength::class,
            'stitch' => Motif::class,
            'stitches_counted' => 'float',
            'width' => AsLength::class,
            'rows_counted' => 'float',
            'height' => AsLength::class,
            'mass' => AsMass::class,
            'state' => State::class,
            'hung_load' => AsMass::class,
            'drape' => Fabric::class,
            'chosen' => 'boolean',
        ];
    }
}
