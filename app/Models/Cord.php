<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsLength;
use App\Casts\AsMass;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A weighed cord of a maker's stash: a measured piece gives its density, the ball what is on hand.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property string $colour "#rrggbb"
 * @property Length $diameter
 * @property Length $sample_length the piece weighed
 * @property Mass $sample_mass
 * @property ?Mass $on_hand
 */
final class Cord extends Model
{
    use SoftDeletes;

    /** Unbleached, for a cord whose colour nobody gave. */
    public const PLAIN = '#c9b994';

    protected $fillable = ['name', 'colour', 'diameter', 'sample_length', 'sample_mass', 'on_hand'];

    public function density(): LinearDensity
    {
        return LinearDensity::weighed($this->sample_mass, $this->sample_length);
    }

    public function material(): Material
    {
        return new Material(Kind::Cord, $this->diameter, $this->density(), $this->on_hand);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'diameter' => AsLength::class,
            'sample_length' => AsLength::class,
            'sample_mass' => AsMass::class,
            'on_hand' => AsMass::class,
        ];
    }
}
