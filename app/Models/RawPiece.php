<?php

declare(strict_types=1);

namespace App\Models;

use App\Drawing\RawShape;
use App\Tongue\Tongues;
use Fescue\Core\Document\Refused;
use Fescue\Core\Material\Fibre;
use Fescue\Core\Material\Kind;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Strip\CutMethod;
use Fescue\Core\Strip\Source;
use Fescue\Core\Strip\StripDocument;
use Fescue\Core\Strip\StripSpec;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * Pieces alike that wait to be cut: shirts, bags, a ribbon.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property string $form tube, panel, bag or ribbon
 * @property string $colour
 * @property ?Fibre $fibre
 * @property int $count
 * @property array<string, mixed> $measures what fescue-strip/1 says of the piece
 */
final class RawPiece extends Record
{
    use SoftDeletes;

    /** So many alike at most. */
    public const MOST = 10_000;

    protected $fillable = ['name', 'form', 'colour', 'fibre', 'count', 'measures'];

    /** The kind of material it becomes. */
    public static function becomes(string $form): Kind
    {
        return match ($form) {
            'bag' => Kind::Plarn,
            'ribbon' => Kind::Ribbon,
            default => Kind::TShirt,
        };
    }

    /**
     * @return array<string, mixed> fescue-strip/1 of so many of them, cut so
     */
    public function document(?Length $strip, CutMethod $school, int $pieces): array
    {
        $bag = $this->form === 'bag';
        $document = ['format' => StripDocument::FORMAT] + $this->measures;
        if ($bag) {
            $document['source'] = ($school === CutMethod::OneStrand ? Source::BagSpiral : Source::BagLoops)->value;
        } else {
            $document['school'] = $school->value;
        }
        if ($strip !== null && $this->form !== 'ribbon') {
            $document['strip'] = $strip->exact();
        }
        $document[$bag ? 'bags' : 'pieces'] = $pieces;

        return $document;
    }

    /** @throws Refused where it cannot be cut so */
    public function spec(?Length $strip, CutMethod $school, int $pieces): StripSpec
    {
        return StripDocument::read($this->document($strip, $school, $pieces));
    }

    /** @return array<string, string> its measures as a form has them, by field */
    public function texts(): array
    {
        $texts = array_map(fn(mixed $value): string => is_scalar($value) ? (string) $value : '', $this->measures);
        if (isset($this->measures['pull']) && is_numeric($this->measures['pull'])) {
            $texts['pull'] = (string) round(100 * ((float) $this->measures['pull'] - 1), 6);
        }

        return $texts;
    }

    /** @return array{Length, Length} one lying flat, how wide and how high; of ribbon its width and its length */
    public function lying(): array
    {
        $of = function (string $key): Length {
            try {
                return Length::parse($this->texts()[$key] ?? '', LengthUnit::Centimetre);
            } catch (NotUnderstood) {
                return Length::mm(0);
            }
        };

        return [$of('flat_width'), $of('height')];
    }

    /**
     * Pixels a millimetre at which the largest of several is so large.
     *
     * @param iterable<self> $pieces
     */
    public static function scale(iterable $pieces, float $pixels): float
    {
        $most = 1.0;
        foreach ($pieces as $piece) {
            foreach ($piece->form === 'ribbon' ? [] : $piece->lying() as $side) {
                $most = max($most, $side->mm);
            }
        }

        return $pixels / $most;
    }

    /** A pile of them to a scale. */
    public function drawn(float $scale): string
    {
        [$wide, $high] = $this->lying();

        return RawShape::of($this->form, $this->colour, $wide->mm, $high->mm, $this->count, $scale);
    }

    /** "46 cm by 40 cm" */
    public function size(): string
    {
        $said = fn(string $key): string => is_string($this->measures[$key] ?? null) ? $this->measures[$key] : '';

        return Tongues::tell('{wide} by {high}', ['wide' => $said('flat_width'), 'high' => $said('height')]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['measures' => 'array', 'fibre' => Fibre::class, 'count' => 'integer'];
    }
}
