<?php

declare(strict_types=1);

namespace App\Stash;

use App\Models\Batch;
use App\Models\Material;
use App\Models\RawPiece;
use App\Models\Transaction;
use App\Models\User;
use App\Tongue\Tongues;
use Fescue\Core\Estimate\Implausible;
use Fescue\Core\Material\Acquired;
use Fescue\Core\Material\Fibre;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Make;
use Fescue\Core\Material\Material as Weighed;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\MassUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stock\Move;
use Fescue\Core\Strip\Source;
use Fescue\Core\Strip\StripPlan;

/** What came of a batch: measured and weighed if the maker did, else what its plan expects. */
final class BatchEnd
{
    /** @var array<string, string> by field */
    public array $wrong = [];

    public readonly StripPlan $plan;

    /** @param array<string, string> $typed into, name, mass, length, diameter */
    public function __construct(private readonly Batch $batch, private readonly array $typed = [])
    {
        $this->plan = $batch->plan();
    }

    public static function kind(Batch $batch): Kind
    {
        $source = $batch->spec()->source;

        return $source->isBag() ? Kind::Plarn : ($source === Source::RibbonHalf ? Kind::Ribbon : Kind::TShirt);
    }

    /** A guess from how heavy it is: a strand rolled in the hand weighs about so much for its room. */
    public function thickness(): ?Length
    {
        $density = $this->plan->density();

        return $density === null ? null : self::kind($this->batch)->form()->thickness($density, $this->fibre());
    }

    /** In the stash, all of it or nothing of it; null where it was not understood. */
    public function keep(User $maker): ?Material
    {
        $length = $this->length();
        $mass = $this->mass();
        $diameter = $this->diameter();
        $into = $this->into($maker);
        if ($this->batch->finished_at !== null) {
            $this->wrong['into'] = Tongues::tell('This batch is in the stash already.');
        }
        if ($this->wrong !== [] || $length === null || $mass === null) {
            return null;
        }
        if (! Weighed::isStrand(LinearDensity::weighed($mass, $length))) {
            $this->wrong['mass'] = Tongues::tell(
                'That makes {length} g to the metre, which no strand weighs. Check the length and the weight.',
                ['length' => round($mass->grams / ($length->mm / 1000), 3, )],
            );

            return null;
        }

        return Transaction::run(function () use ($maker, $length, $mass, $diameter, $into): ?Material {
            $held = Batch::query()->whereKey($this->batch->id);
            $held->lockForUpdate();
            if ($held->firstOrFail()->finished_at !== null) {
                $this->wrong['into'] = Tongues::tell('This batch is in the stash already.');

                return null;
            }
            $material = $into ?? $maker->materials()->create(
                $this->made(
                    $length,
                    $mass,
                    $diameter ?? self::kind($this->batch)->form()->thickness(
                        LinearDensity::weighed($mass, $length),
                        $this->fibre(),
                    ),
                ),
            );
            Ledger::enter(
                $material,
                Move::Cut,
                round($mass->grams, 3),
                note: mb_substr("batch “{$this->batch->name}”", 0, 120),
            );
            $this->batch->update(['finished_at' => now(), 'material_id' => $material->id]);
            $this->takePieces();

            return $material;
        });
    }

    /** @return array<string, ?Saying> why what is typed can hardly be, by field */
    public function implausible(User $maker): array
    {
        [$length, $mass, $into] = [$this->length(), $this->mass(), $this->into($maker)];
        if ($this->wrong !== [] || $length === null || $mass === null) {
            return [];
        }
        $whole = $this->plan->mass === null || $this->plan->waste === null ? null : Mass::grams(
            $this->plan->mass->grams + $this->plan->waste->grams,
        );

        return [
            'mass' => $this->said('mass') === '' || $whole === null ? null : Implausible::cut($mass, $whole),
            'into' => $into === null ? null : Implausible::sameStrand(
                $into->name,
                $into->density(),
                LinearDensity::weighed($mass, $length),
                $mass,
            ),
        ];
    }

    /** What its raw piece is of, where that is known. */
    private function fibre(): ?Fibre
    {
        $fibre = $this->batch->rawPiece?->fibre;

        return in_array($fibre, self::kind($this->batch)->fibres(), true) ? $fibre : null;
    }

    /** @return array<string, mixed> */
    private function made(Length $length, Mass $mass, Length $diameter): array
    {
        $spec = $this->plan->spec;
        $kind = self::kind($this->batch);

        return [
            'kind' => $kind,
            'make' => $kind === Kind::Plarn ? ($spec->source === Source::BagLoops ? Make::Looped : Make::Single) : null,
            'fibre' => $this->fibre(),
            'name' => $this->said('name') === '' ? $this->batch->name : mb_substr($this->said('name'), 0, 80),
            'colour' => $this->batch->colour,
            'diameter' => $diameter,
            'sample_length' => $length,
            'sample_mass' => $mass,
            'acquired' => Acquired::Cut,
        ] + match ($kind) {
            Kind::TShirt => [
                'strip_width' => $spec->piece->strip,
                'pull' => $spec->pull,
                'areal' => $spec->areal?->gramsPerSquareMetre,
            ],
            Kind::Ribbon => ['width' => $spec->piece->strip],
            default => ['strip_width' => $spec->piece->strip],
        };
    }

    /** What was cut is no longer there to cut. */
    private function takePieces(): void
    {
        if ($this->batch->raw_piece_id === null) {
            return;
        }
        $held = RawPiece::query()->whereKey($this->batch->raw_piece_id);
        $held->lockForUpdate();
        $piece = $held->first();
        $piece?->update(['count' => max(0, $piece->count - $this->plan->spec->pieces)]);
    }

    private function length(): ?Length
    {
        if ($this->said('length') === '') {
            return $this->plan->pulled;
        }
        try {
            $length = Length::parse($this->said('length'), LengthUnit::Metre);

            return $length->mm >= 100 ? $length : throw new NotUnderstood(new Saying(
                'Measure more than 10 cm of it.',
            ));
        } catch (NotUnderstood $e) {
            $this->wrong['length'] = Tongues::say($e->said);

            return null;
        }
    }

    private function mass(): ?Mass
    {
        if ($this->said('mass') === '') {
            if ($this->plan->mass === null) {
                $this->wrong['mass'] = Tongues::tell('Weigh the ball: nothing here says what the piece weighed.');
            }

            return $this->plan->mass;
        }
        try {
            $mass = Mass::parse($this->said('mass'), MassUnit::Gram);

            return $mass->grams > 0 && $mass->grams <= 100_000 ? $mass : throw new NotUnderstood(
                new Saying('This should be above nothing and at most 100 kg. Is the unit right?'),
            );
        } catch (NotUnderstood $e) {
            $this->wrong['mass'] = Tongues::say($e->said);

            return null;
        }
    }

    private function diameter(): ?Length
    {
        if ($this->said('diameter') === '') {
            return null;
        }
        try {
            $diameter = Length::parse($this->said('diameter'), LengthUnit::Millimetre);

            return $diameter->mm >= 0.5 && $diameter->mm <= 30 ? $diameter : throw new NotUnderstood(
                new Saying('A strand is 0.5 to 30 mm thick. Is the unit right?'),
            );
        } catch (NotUnderstood $e) {
            $this->wrong['diameter'] = Tongues::say($e->said);

            return null;
        }
    }

    private function into(User $maker): ?Material
    {
        $id = $this->said('into');
        if ($id === '') {
            return null;
        }
        $into = ctype_digit($id) ? $maker->strands()->where('kind', self::kind($this->batch))->find($id) : null;
        if ($into === null) {
            $this->wrong['into'] = Tongues::tell('Choose one of your own materials of that kind, or a new one.');
        }

        return $into;
    }

    private function said(string $field): string
    {
        return $this->typed[$field] ?? '';
    }
}
