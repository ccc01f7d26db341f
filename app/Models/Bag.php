<?php

declare(strict_types=1);

namespace App\Models;

use App\Drawing\SwatchChip;
use App\Tongue\Tongues;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Makers;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\LoggedTime;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Material as Weighed;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Stock\Move;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * A bag in hand. Its choices are a fescue-bag/1 document less what a linked material and swatch say:
 * these are read from where they are kept, so a material weighed again is weighed again for every bag of it.
 *
 * @property int $id
 * @property int $user_id
 * @property ?int $material_id
 * @property ?int $swatch_id
 * @property array<string, mixed> $choices
 * @property ?Material $material
 * @property ?Swatch $swatch
 * @property Collection<int, StockEntry> $uses
 * @property Collection<int, WeighIn> $weighIns
 * @property Collection<int, BagMinutes> $minutes
 * @property ?BagFinish $finish
 * @property int $revision that its choices are in
 * @property ?string $price_tag in her money
 * @property ?Carbon $updated_at
 * @property ?Carbon $created_at
 */
final class Bag extends Record
{
    use SoftDeletes;

    /** What a bag is told by from what it was, as the database has it, and as mark() does. */
    public const MARK = 'sha1(concat_ws(" ", material_id, swatch_id, choices))';

    /** All that it stands on beside its choices. */
    public const STANDS_ON = ['material.reservations.bag', 'swatch.material', 'uses', 'weighIns', 'minutes'];

    /** Who reads what it stands on. */
    private ?BagReader $reader = null;

    /** Of a bag that is shown without the stash it is of. */
    public ?string $tint = null;

    /** @var array<int, ?Material> others that were read, by their number */
    private array $read = [];

    /** @var ?array{?string, mixed} its choices as text, and what that says */
    private ?array $written = null;

    protected $table = 'bags';

    protected $fillable = ['material_id', 'swatch_id', 'choices'];

    /** Hers of that number, of which nothing is read yet: for what reads it under its lock. */
    public static function unread(User $maker, int $id): self
    {
        $bag = new self();
        $bag->exists = true;

        return $bag->setRawAttributes(['id' => $id, 'user_id' => $maker->id], true);
    }

    /** @return BelongsTo<Material, $this> */
    public function material(): BelongsTo
    {
        $one = $this->belongsTo(Material::class);
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

        return is_string($name) ? $name : Tongues::tell('Unnamed bag');
    }

    /** For a file of it. */
    public function slug(): string
    {
        $slug = Str::slug($this->name());

        return $slug === '' ? 'bag' : $slug;
    }

    public function colour(): string
    {
        return $this->tint ?? $this->material->colour ?? Material::PLAIN;
    }

    /** @param ?Weighed $planned what its plan stands on, where no material of the stash is linked */
    public function chip(?Weighed $planned): string
    {
        return $this->reader()->chip() ?? $this->material?->chip() ?? SwatchChip::of(
            $this->colour(),
            $planned->kind ?? Kind::Cord,
            $planned?->make,
            $planned->diameter ?? Length::mm(4),
        );
    }

    /** @return HasMany<WeighIn, $this> in the order of their rows */
    public function weighIns(): HasMany
    {
        $all = $this->hasMany(WeighIn::class);
        $all->with('line')->orderBy('place')->orderBy('id');

        return $all;
    }

    /** @return HasOne<BagFinish, $this> what it was, where it is done */
    public function finish(): HasOne
    {
        return $this->hasOne(BagFinish::class);
    }

    /** @return HasMany<BagMinutes, $this> */
    public function minutes(): HasMany
    {
        return $this->hasMany(BagMinutes::class);
    }

    /** @return list<LoggedTime> minutes of the parts that are done */
    public function logged(): array
    {
        $logged = [];
        foreach ($this->entered('minutes') as $kept) {
            $one = $kept instanceof BagMinutes ? Part::tryFrom($kept->part) : null;
            if ($one !== null && $kept->minutes > 0) {
                $logged[] = new LoggedTime($one, (float) $kept->minutes);
            }
        }

        return $logged;
    }

    /**
     * What was entered of it; none of a bag that is kept nowhere yet.
     *
     * @return Collection<int, covariant Model>
     */
    public function entered(string $relation): Collection
    {
        if (! $this->exists && ! $this->relationLoaded($relation)) {
            return new Collection();
        }
        $all = $this->getRelationValue($relation);

        return $all instanceof Collection ? $all : new Collection();
    }

    /** @return list<?Material> what is worked beside its own; null where that came as a file */
    public function others(): array
    {
        $kept = $this->choices['others'] ?? [];
        $ids = array_map(
            fn(mixed $one): mixed => is_array($one) ? $one['material_id'] ?? null : null,
            is_array($kept) ? array_values($kept) : [],
        );
        $known = array_values(array_filter($ids, is_int(...)));
        $missing = array_diff($known, array_keys($this->read));
        if ($missing !== []) {
            $materials = Material::withTrashed();
            $materials->where('user_id', $this->user_id)->whereIn('id', $missing);
            $this->read += array_fill_keys($missing, null);
            foreach ($materials->get() as $one) {
                $this->read[$one->id] = $one;
            }
        }

        return array_map(fn(mixed $id): ?Material => is_int($id) ? $this->read[$id] ?? null : null, $ids);
    }

    /** Of the stash: 0 is its own, 1 the first of its others; null where that came as a file. */
    public function worked(int $which): ?Material
    {
        return $which === 0 ? $this->material : $this->others()[$which - 1] ?? null;
    }

    /** @return HasMany<StockEntry, $this> what the ledger has as used in it */
    public function uses(): HasMany
    {
        $lines = $this->hasMany(StockEntry::class);
        $lines->where('move', Move::Used)->whereNull('undone_at');

        return $lines;
    }

    /** Grams of a material that were used in it, by the ledger. */
    public function usedOf(int $material): float
    {
        if (! $this->exists) {
            return 0.0;
        }

        return -$this->uses->where('material_id', $material)->sum(
            fn(StockEntry $one): float => (float) $one->amount,
        );
    }

    /** What the ledger says is read anew. */
    public function forgetStock(): void
    {
        $this->unsetRelation('material')->unsetRelation('uses')->unsetRelation('weighIns');
        $this->read = [];
        $this->reader()->forget();
    }

    public function refresh(): static
    {
        $this->forgetStock();

        return parent::refresh();
    }

    public function reader(): BagReader
    {
        return $this->reader ??= app()->make(BagReader::class, ['bag' => $this]);
    }

    /** Another of the same is read anew. */
    public function __clone()
    {
        $this->reader = null;
    }

    /** @return array<int, ?Material> others that were read, by their number */
    public function readOthers(): array
    {
        return $this->read;
    }

    /** @param array<int, ?Material> $others as readOthers() has them */
    public function withOthers(array $others): void
    {
        $this->read = $others;
    }

    /**
     * The whole document, with what the linked material and swatch say.
     *
     * @param bool $taught by her other bags too, where its gauge is learned
     *
     * @return array<string, mixed>
     */
    public function document(bool $taught = true): array
    {
        return $this->reader()->document($taught);
    }

    /** @throws Refused where it makes none */
    public function plan(bool $taught = true): BagPlan
    {
        return $this->reader()->plan($taught);
    }

    /** Whether its gauge is what all that her hands have shown comes to. */
    public function isLearned(): bool
    {
        return $this->swatch_id === null && ($this->choices['learned'] ?? false) === true;
    }

    /** Whether it hangs from something whose stretch is not said. */
    public function hangs(): bool
    {
        $choices = $this->choices;
        $handles = $choices['handles'] ?? $choices['build'] ?? null;

        return is_array($handles) && is_string($handles['type'] ?? null) && Makers::hangs($handles['type'])
            && ! isset($choices['stretch']);
    }

    /** Its choices are asked for many times: what is written is read once. */
    public function fromJson($value, $asObject = false): mixed
    {
        if ($this->written === null || $this->written[0] !== $value) {
            $this->written = [$value, parent::fromJson($value, $asObject)];
        }

        return $this->written[1];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['choices' => 'array'];
    }
}
