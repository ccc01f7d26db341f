<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Finish\Finishing;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Pattern\School;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Flag;
use Fescue\Core\Piece\Maker;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Piece\Work;

/** Everything a maker decides about a bag. */
final readonly class BagSpec
{
    /**
     * @param non-empty-list<Chosen> $parts in working order
     * @param list<WeighIn> $weighIns in the order of the rows, each with less left than the one before
     * @param list<Finishing> $finish what it is finished with, as the document lists it
     * @param ?float $differs how far bags of this hand are off what her swatches say, as a share; null where none is
     *         finished
     */
    public function __construct(
        public string $name,
        public Wish $wish,
        public Strands $strands,
        public Handiwork $hands,
        public School $school,
        public array $parts,
        public array $weighIns = [],
        public array $finish = [],
        public ?float $differs = null,
    ) {}

    /** What a stitch of its own strand measures. */
    public function gauge(): Gauge
    {
        $own = $this->strands->own;

        return $this->hands->gauge()->of($own->diameter->times($own->kind->pressed()));
    }

    /** The same, its maker's bags so far off her swatches; null where that is not known. */
    public function differing(?float $differs): self
    {
        return new self(
            $this->name,
            $this->wish,
            $this->strands,
            $this->hands,
            $this->school,
            $this->parts,
            $this->weighIns,
            $this->finish,
            $differs,
        );
    }

    /** The fabric a gauge is wanted of: the wall's first, or the pieces'. */
    public function motif(): Motif
    {
        return self::motifOf($this->parts);
    }

    /** Whether a plain round is worked on the base before the wall's first fabric. */
    public function beginsPlain(): bool
    {
        foreach ($this->parts as $part) {
            foreach ($part->part() === 'body' ? $part->maker->settings() : [] as $one) {
                if ($one instanceof Flag && $one->name === 'even') {
                    return $one->value;
                }
            }
        }

        return false;
    }

    /** @param list<Chosen> $parts */
    public static function motifOf(array $parts): Motif
    {
        foreach ($parts as $part) {
            foreach (in_array($part->part(), ['body', 'build'], true) ? $part->maker->settings() : [] as $one) {
                if ($one instanceof Choice && $one->isMotif()) {
                    return Motif::named($one->value);
                }
            }
        }

        return Motif::single();
    }

    /**
     * The same bag of other makers.
     *
     * @param non-empty-list<Chosen> $parts
     */
    public function shaped(array $parts): self
    {
        return $this->with(parts: $parts);
    }

    /** The same bag of another size, every count that follows it open. */
    public function sized(Wish $wish): self
    {
        return $this->with(wish: $wish, parts: $this->opened()->parts);
    }

    /**
     * The same bag with every count open that follows the wish; of a wall's bands the one that is open, or the first.
     */
    public function opened(): self
    {
        $follows = [];
        foreach ($this->parts as $place => $part) {
            foreach (Setting::serving($part->maker->settings()) as $one) {
                $follows[$place][$one->name] = $one->value;
            }
        }
        $bands = array_filter(array_keys($follows), fn(int $place): bool => $this->parts[$place]->part() === 'body');
        $open = array_filter($bands, fn(int $place): bool => in_array(null, $follows[$place], true));
        $kept = array_diff($bands, [array_values($open === [] ? $bands : $open)[0] ?? -1]);
        $parts = [];
        foreach ($this->parts as $place => $part) {
            $parts[] = in_array($place, $kept, true) ? $part : new Chosen(
                $part->path,
                $part->maker->with(array_fill_keys(array_keys($follows[$place] ?? []), null)),
            );
        }

        return $this->shaped($parts);
    }

    /** The same bag, its work wider and higher than its gauge says. */
    public function taped(float $wide, float $high): self
    {
        return $this->with(hands: $this->hands->taped($wide, $high));
    }

    /** The same bag of other hands, hook or material, begun anew. */
    public function worked(Material $material, Handiwork $hands): self
    {
        return $this->with(strands: $this->strands->inPlaceOf($material), hands: $hands, weighIns: []);
    }

    /** The same bag of one strand alone and of a size, as its parts have it, begun anew. */
    public function alone(Wish $wish, Material $material, Handiwork $hands): self
    {
        return $this->with($wish, new Strands($material), $hands, weighIns: []);
    }

    /** The same bag, another material from a row on. */
    public function continued(Material $other, RowId $from, Work $work, ?int $which = null): self
    {
        return $this->with(strands: $this->strands->continued($other, $from, $work, $which));
    }

    /**
     * The same bag, had so much been on hand and this been weighed.
     *
     * @param list<WeighIn> $weighIns
     */
    public function weighed(?Mass $onHand, array $weighIns): self
    {
        return $this->with(strands: $this->strands->withOnHand($onHand), weighIns: $weighIns);
    }

    /**
     * @param ?non-empty-list<Chosen> $parts
     * @param ?list<WeighIn> $weighIns
     */
    private function with(
        ?Wish $wish = null,
        ?Strands $strands = null,
        ?Handiwork $hands = null,
        ?array $parts = null,
        ?array $weighIns = null,
    ): self {
        return new self(
            $this->name,
            $wish ?? $this->wish,
            $strands ?? $this->strands,
            $hands ?? $this->hands,
            $this->school,
            $parts ?? $this->parts,
            $weighIns ?? $this->weighIns,
            $this->finish,
            $this->differs,
        );
    }

    /** The maker of a part, where it has one alone. */
    public function maker(string $part): ?Maker
    {
        foreach ($this->parts as $one) {
            if ($one->part() === $part) {
                return $one->maker;
            }
        }

        return null;
    }
}
