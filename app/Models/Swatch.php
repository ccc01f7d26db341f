<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsLength;
use App\Casts\AsMass;
use App\Casts\AsMotif;
use App\Tongue\Tongues;
use Fescue\Core\Gauge\State;
use Fescue\Core\Gauge\Swatch as Measured;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\Fabric;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
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
 * @property float $width_spread how far one stitch may be off by the measuring, as a share; 0 where that is not known
 * @property float $height_spread so of a row
 * @property ?Material $material
 */
final class Swatch extends Record
{
    use SoftDeletes;

    protected $table = 'swatches';

    protected $fillable = [
        'material_id',
        'name',
        'hook',
        'stitch',
        'stitches_counted',
        'width',
        'rows_counted',
        'height',
        'mass',
        'state',
        'hung_load',
        'drape',
        'note',
        'chosen',
        'width_spread',
        'height_spread',
    ];

    protected $attributes = [
        'state' => 'relaxed',
        'hung_load' => null,
        'drape' => null,
        'note' => null,
        'chosen' => false,
        'width_spread' => 0.0,
        'height_spread' => 0.0,
    ];

    /** @return BelongsTo<Material, $this> a material put away still says what the swatch was made of */
    public function material(): BelongsTo
    {
        $one = $this->belongsTo(Material::class);
        $one->withoutGlobalScope(SoftDeletingScope::class);

        return $one;
    }

    /**
     * Those a bag may be planned from, under the names of their materials: what hung is another measure.
     *
     * @param iterable<self> $swatches with their materials
     *
     * @return array<string, array<int, string>> names by number
     */
    public static function toPlanFrom(iterable $swatches): array
    {
        $groups = [];
        foreach ($swatches as $one) {
            if ($one->state !== State::Hung) {
                $groups[$one->material->name ?? Tongues::tell('of no material')][$one->id] = $one->chosen
                    ? Tongues::tell('{name}, chosen', ['name' => $one->name])
                    : $one->name;
            }
        }
        ksort($groups);

        return $groups;
    }

    public function hookSize(): HookSize
    {
        return HookSize::mm($this->hook->mm);
    }

    public function measured(): Measured
    {
        return new Measured(
            $this->stitch,
            $this->stitches_counted,
            $this->width,
            $this->rows_counted,
            $this->height,
            $this->mass,
            widthSpread: $this->width_spread,
            heightSpread: $this->height_spread,
        );
    }

    /**
     * The columns that say what was measured.
     *
     * @return array<string, mixed>
     */
    public static function columns(Measured $measured): array
    {
        return [
            'stitch' => $measured->motif,
            'stitches_counted' => $measured->stitches,
            'width' => $measured->width,
            'rows_counted' => $measured->rows,
            'height' => $measured->height,
            'mass' => $measured->mass, 'width_spread' => round($measured->widthSpread, 5), 'height_spread' => round(
                $measured->heightSpread,
                5,
            ),
        ];
    }

    /** @return array<string, int|float|string> as fescue-bag/1 has a gauge */
    public function document(): array
    {
        return array_filter([
            'stitch' => $this->stitch->key,
            'stitches' => self::number($this->stitches_counted),
            'width' => $this->width->exact(),
            'rows' => self::number($this->rows_counted),
            'height' => $this->height->exact(),
            'mass' => $this->mass?->exact(),
            'width_spread' => $this->width_spread > 0 ? $this->width_spread : null,
            'height_spread' => $this->height_spread > 0 ? $this->height_spread : null,
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
            'stitch' => AsMotif::class,
            'stitches_counted' => 'float',
            'width' => AsLength::class,
            'rows_counted' => 'float',
            'height' => AsLength::class,
            'mass' => AsMass::class,
            'state' => State::class,
            'hung_load' => AsMass::class,
            'drape' => Fabric::class,
            'chosen' => 'boolean',
            'width_spread' => 'float',
            'height_spread' => 'float',
        ];
    }
}
