<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsLength;
use App\Casts\AsMass;
use App\Casts\Cell;
use App\Drawing\SwatchChip;
use App\Tongue\Tongues;
use Fescue\Core\Material\Acquired;
use Fescue\Core\Material\Fibre;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Make;
use Fescue\Core\Material\Material as Weighed;
use Fescue\Core\Material\WeightClass;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Stock\Balance;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A material of a maker's stash. Strands run in metres: a measured piece gives their density. Tabs are counted.
 * What is on hand is the sum of its ledger, in grams or in pieces.
 *
 * @property int $id
 * @property int $user_id
 * @property Kind $kind
 * @property ?Make $make
 * @property ?Fibre $fibre
 * @property string $name
 * @property string $colour "#rrggbb"
 * @property ?Length $diameter of a strand
 * @property ?Length $sample_length the piece weighed, of a strand
 * @property ?int $sample_count the tabs weighed
 * @property ?Mass $sample_mass
 * @property ?Length $ball_length by its label
 * @property ?Mass $ball_mass by its label
 * @property bool $diameter_guessed whether its thickness was told from its weight
 * @property ?Length $strip_width before the pull
 * @property ?Length $width
 * @property ?float $pull length after over before
 * @property ?float $areal g/m²
 * @property ?Length $pitch
 * @property ?int $strung_on
 * @property ?Length $label_low
 * @property ?WeightClass $weight_class
 * @property ?Length $label_high
 * @property ?string $price
 * @property ?string $price_for
 * @property ?Acquired $acquired
 * @property ?string $care
 * @property ?Mass $stretch_load
 * @property ?float $stretch
 * @property ?float $stretch_rest
 * @property ?Material $strungOn
 * @property Collection<int, Reservation> $reservations
 */
final class Material extends Record
{
    use SoftDeletes;

    /** Unbleached, for a material whose colour nobody gave. */
    public const PLAIN = '#c9b994';

    protected $table = 'materials';

    protected $guarded = ['id', 'user_id'];

    protected $attributes = ['kind' => 'cord'];

    /** @return HasMany<StockEntry, $this> */
    public function entries(): HasMany
    {
        return $this->hasMany(StockEntry::class);
    }

    /** @return HasMany<Reservation, $this> */
    public function reservations(): HasMany
    {
        return $this->hasMany(Reservation::class);
    }

    /** @return BelongsTo<self, $this> the cord tabs are strung on */
    public function strungOn(): BelongsTo
    {
        return $this->belongsTo(self::class, 'strung_on');
    }

    /** Whether only its label says what it weighs. */
    public function isByLabel(): bool
    {
        return $this->sample_mass === null || $this->sample_length === null;
    }

    /** Of a strand. */
    public function density(): LinearDensity
    {
        // A piece that was weighed is surer than a label.
        [$mass, $length] = $this->isByLabel() ? [$this->ball_mass, $this->ball_length] : [
            $this->sample_mass,
            $this->sample_length,
        ];
        if ($mass === null || $length === null) {
            throw new \LogicException("“{$this->name}” is counted, not measured.");
        }

        return LinearDensity::weighed($mass, $length);
    }

    /** Sum of the ledger in g or pieces; null where nothing was entered. */
    public function balance(): ?float
    {
        $sum = array_key_exists('balance', $this->attributes)
            ? $this->attributes['balance']
            : $this->entries()->whereNull('undone_at')->selectRaw('sum(amount) as balance')->value('balance');

        return $sum === null ? null : Cell::number($sum);
    }

    /** Of a strand. */
    public function onHand(): ?Mass
    {
        $balance = $this->kind->isStrand() ? $this->balance() : null;

        return $balance === null ? null : Mass::grams(max(0.0, $balance));
    }

    /** What is on hand and what of it bags have reserved; a bag put away frees what it had. */
    public function stock(): Balance
    {
        $this->loadMissing('reservations.bag');
        $reserved = [];
        foreach ($this->reservations as $one) {
            if ($one->bag !== null) {
                $reserved[$one->bag_id] = [$one->bag->name(), (float) $one->amount];
            }
        }

        return new Balance($this->balance(), $reserved, $this->unit());
    }

    /** Of a strand: what a bag may take, all that others have not reserved; null where nothing was entered. */
    public function freeFor(?int $bag): ?Mass
    {
        return $this->balance() === null ? null : Mass::grams($this->stock()->freeFor($bag));
    }

    /** Of a strand, with what is on hand for a bag: all that others have not reserved. */
    public function material(?Mass $onHand = null): Weighed
    {
        $supply = Supply::of($this);

        return new Weighed(
            $this->kind,
            $this->diameter ?? throw new \LogicException("“{$this->name}” has no thickness."),
            $this->density(),
            $onHand ?? $this->onHand(),
            $this->make,
            $this->fibre,
            $supply?->unit,
            $supply->waste ?? 0.0,
            $this->acquired === Acquired::Cut,
        );
    }

    /**
     * Of a strand, as fescue-bag/1 has it for a bag.
     *
     * @param ?Mass $onHand for that bag
     *
     * @return array<string, bool|float|string>
     */
    public function document(?Mass $onHand): array
    {
        $supply = Supply::of($this);

        return array_filter([
            'kind' => $this->kind->value,
            'make' => $this->make?->value,
            'fibre' => $this->fibre?->value,
            'diameter' => $this->diameter?->exact(LengthUnit::Millimetre),
            'density' => $this->density()->exact(),
            'on_hand' => $onHand?->exact(),
            'unit' => $supply?->unit->exact(),
            'waste' => $supply === null || $supply->waste <= 0 ? null : $supply->waste,
            'weight_class' => $this->weight_class?->value,
            // What was cut was joined as it was wound.
            'joined' => $this->acquired === Acquired::Cut ? true : null,
        ], fn(bool|float|string|null $part): bool => $part !== null);
    }

    public function chip(): string
    {
        return SwatchChip::of(
            $this->colour,
            $this->kind,
            $this->make,
            $this->diameter ?? $this->pitch ?? Length::mm(4),
        );
    }

    /** "cord, braided, nylon, 4 mm" */
    public function described(): string
    {
        $isNamed = $this->kind === Kind::Hardware && $this->make !== null;
        $said = $isNamed ? Tongues::tell($this->make->value ?? '') : Tongues::tell($this->kind->name());
        $more = array_filter([
            $isNamed || $this->make === null ? '' : Tongues::tell($this->make->value),
            $this->fibre === null || count($this->kind->fibres()) === 1 ? '' : Tongues::tell($this->fibre->value),
            match (true) {
                $this->kind->isStrand() || $this->width === null => '',
                $this->kind === Kind::Cloth => Tongues::tell('{much} wide', [
                    'much' => Tongues::printed($this->width->exact(LengthUnit::Centimetre)),
                ]),
                default => Tongues::printed($this->width->exact(LengthUnit::Millimetre)),
            },
            $this->diameter === null ? '' : Tongues::tell($this->diameter_guessed ? 'about {mm}' : '{mm}', [
                'mm' => Tongues::printed($this->diameter->exact(LengthUnit::Millimetre)),
            ]),
        ], fn(string $one): bool => $one !== '');

        return implode(', ', [$said, ...$more]);
    }

    /** An amount of it in the words of its unit: "450 g", "120 tabs". */
    public function say(float $amount): string
    {
        return Tongues::figure(
            $amount,
            $this->kind->isStrand() && $amount > 0 && $amount < 10 ? 1 : 0,
        ).' '.Tongues::tell($this->unit($amount));
    }

    public function unit(float $many = 0.0): string
    {
        return $this->kind->unit($many);
    }

    /** What a gram or a tab cost. */
    public function priceOfOne(): ?float
    {
        return $this->price === null || $this->price_for === null || (float) $this->price_for <= 0
            ? null
            : (float) $this->price / (float) $this->price_for;
    }

    protected static function booted(): void
    {
        // Every material is read with its balance: one sum over an index, instead of a query each.
        self::addGlobalScope(
            'balance',
            fn(Builder $query) => $query->withSum(
                ['entries as balance' => fn(Builder $entries) => $entries->whereNull('undone_at')],
                'amount',
            ),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => Kind::class,
            'make' => Make::class,
            'fibre' => Fibre::class,
            'weight_class' => WeightClass::class,
            'acquired' => Acquired::class,
            'diameter' => AsLength::class,
            'sample_length' => AsLength::class,
            'sample_count' => 'integer',
            'sample_mass' => AsMass::class,
            'ball_length' => AsLength::class,
            'ball_mass' => AsMass::class,
            'diameter_guessed' => 'boolean',
            'strip_width' => AsLength::class,
            'width' => AsLength::class,
            'pull' => 'float',
            'areal' => 'float',
            'pitch' => AsLength::class,
            'label_low' => AsLength::class,
            'label_high' => AsLength::class,
            'stretch_load' => AsMass::class,
            'stretch' => 'float',
            'stretch_rest' => 'float',
        ];
    }
}
