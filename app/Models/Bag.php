<?php

declare(strict_types=1);

namespace App\Models;

use App\Bags\Hands;
use App\Drawing\SwatchChip;
use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\LoggedTime;
use Fescue\Core\Material\Acquired;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Material as Weighed;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\Part;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Carbon;

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
 * @property ?Carbon $updated_at
 * @property ?Carbon $created_at
 */
final class Bag extends Model
{
    use SoftDeletes;

    protected $fillable = ['material_id', 'swatch_id', 'choices'];

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

        return is_string($name) ? $name : 'Unnamed bag';
    }

    public function colour(): string
    {
        return $this->material->colour ?? Material::PLAIN;
    }

    /** @param ?Weighed $planned what its plan stands on, where no material of the stash is linked */
    public function chip(?Weighed $planned): string
    {
        return $this->material?->chip() ?? SwatchChip::of($this->colour(), $planned->kind ?? Kind::Cord, $planned?->make, $planned->diameter ?? Length::mm(4));
    }

    /** @return list<LoggedTime> minutes of the parts that are done */
    public function logged(): array
    {
        $kept = $this->choices['logged'] ?? [];
        $logged = [];
        foreach (is_array($kept) ? $kept : [] as $part => $minutes) {
            $one = Part::tryFrom((string) $part);
            if ($one !== null && is_numeric($minutes) && $minutes > 0) {
                $logged[] = new LoggedTime($one, (float) $minutes);
            }
        }

        return $logged;
    }

    /**
     * The whole document, with what the linked material and swatch say.
     *
     * @return array<string, mixed>
     */
    public function document(): array
    {
        $document = ['format' => BagDocument::FORMAT] + $this->choices;
        if ($this->material !== null) {
            $document['material'] = array_filter([
                'kind' => $this->material->kind->value,
                'make' => $this->material->make?->value,
                'fibre' => $this->material->fibre?->value,
                'diameter' => $this->material->diameter?->exact(LengthUnit::Millimetre),
                'density' => $this->material->density()->exact(),
                // What other bags have reserved is not there for this one.
                'unit' => $this->material->price_for !== null && in_array($this->material->acquired, [Acquired::Ball, Acquired::Cone, Acquired::Roll], true) ? Mass::grams((float) $this->material->price_for)->exact() : null,
                'on_hand' => $this->material->freeFor($this->id ?? null)?->exact(),
            ], fn(?string $part): bool => $part !== null);
        }
        if ($this->swatch !== null) {
            unset($document['swatches']);
            $document['hook'] = $this->swatch->hookSize()->exact();
            $document['gauge'] = $this->swatch->document();
        } elseif (($this->choices['learned'] ?? false) === true) {
            unset($document['gauge']);
            $document['swatches'] = Hands::documents($this->user_id);
        }
        // The application's own, and no part of the format.
        unset($document['learned'], $document['logged']);

        return $document;
    }

    /** @throws Refused */
    public function plan(): BagPlan
    {
        return Planner::plan(BagDocument::read($this->document()));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['choices' => 'array'];
    }
}
