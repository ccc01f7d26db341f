<?php

declare(strict_types=1);

namespace App\Models;

use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\Kind;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Stitch\Terms;
use Illuminate\Auth\Events\PasswordReset;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * A maker.
 *
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property LengthUnit $units the unit lengths are shown in, and meant where none is written
 * @property Terms $terms
 * @property ?string $wage for an hour, in her money
 * @property string $signs her name on her patterns; '' of none
 * @property string $rights a line for rights on them; '' of none
 * @property bool $sections whether their rows are numbered anew in each section
 * @property-read Collection<int, Material> $materials
 * @property-read Collection<int, Swatch> $swatches
 */
final class User extends Authenticatable
{
    /** Fabrics of her own that are offered at most. */
    private const MOST_FABRICS = 100;

    protected $fillable = ['name', 'email', 'password', 'units', 'terms', 'wage', 'signs', 'rights', 'sections'];

    protected $hidden = ['password', 'remember_token'];

    protected $attributes = [
        'units' => 'cm', 'terms' => 'us', 'wage' => null, 'remember_token' => null,
        'signs' => '', 'rights' => '', 'sections' => false,
    ];

    /** @return HasMany<Material, $this> */
    public function materials(): HasMany
    {
        $all = $this->hasMany(Material::class);
        $all->orderBy('name');

        return $all;
    }

    /** Another one from now on: links that were sent for the one before no longer do. */
    public function choosesPassword(string $password): void
    {
        $this->update(['password' => $password]);
        RecoveryLink::close($this->id);
        event(new PasswordReset($this));
    }

    /** @return HasMany<Material, $this> all that runs in metres */
    public function strands(): HasMany
    {
        $strands = $this->materials();
        $strands->whereIn('kind', Kind::strands());

        return $strands;
    }

    /** @return HasMany<Material, $this> hardware and cloth */
    public function notions(): HasMany
    {
        $notions = $this->materials();
        $notions->whereIn('kind', Kind::notions());

        return $notions;
    }

    /** @return HasMany<Swatch, $this> */
    public function swatches(): HasMany
    {
        $all = $this->hasMany(Swatch::class);
        $all->orderBy('name');

        return $all;
    }

    /** @return HasMany<Text, $this> */
    public function texts(): HasMany
    {
        $all = $this->hasMany(Text::class);
        $all->orderBy('name')->orderBy('id');

        return $all;
    }

    /** @return array<string, Motif> fabrics that texts of hers tell, by their keys */
    public function ownFabrics(): array
    {
        // A page offers them at each of its walls.
        return once(function (): array {
            $all = [];
            foreach ($this->texts()->where('motif', '!=', '')->limit(self::MOST_FABRICS)->pluck('motif') as $key) {
                $motif = is_string($key) ? Motif::own($key) : null;
                $all += $motif === null ? [] : [$motif->key => $motif];
            }

            return $all;
        });
    }

    /** @return HasMany<RawPiece, $this> */
    public function rawPieces(): HasMany
    {
        $all = $this->hasMany(RawPiece::class);
        $all->orderBy('name');

        return $all;
    }

    /** @return HasMany<Batch, $this> */
    public function batches(): HasMany
    {
        $all = $this->hasMany(Batch::class);
        $all->orderByRaw('finished_at is not null')->orderByDesc('id');

        return $all;
    }

    /** @return HasMany<Picture, $this> */
    public function pictures(): HasMany
    {
        return $this->hasMany(Picture::class);
    }

    /** By which a browser keeps what is hers apart from what is another's; her signed-in pages alone say it. */
    public function keeperKey(): string
    {
        $key = config('app.key');

        return substr(hash_hmac('sha256', "keeper {$this->id}", is_string($key) ? $key : ''), 0, 32);
    }

    /** @return HasMany<Bag, $this> */
    public function bags(): HasMany
    {
        $all = $this->hasMany(Bag::class);
        $all->latest('updated_at')->latest('id');

        return $all;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'units' => LengthUnit::class, 'terms' => Terms::class, 'sections' => 'bool'];
    }
}
