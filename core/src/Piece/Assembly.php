<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Measure\Length;

/** The pieces of a bag, how they are joined, and the size it closes to. */
final readonly class Assembly
{
    /**
     * @param non-empty-list<Piece> $pieces in working order
     * @param list<Seam> $seams in the order they are joined
     * @param non-empty-list<AssemblyStep> $steps from flat to closed
     * @param float $litres inside
     * @param ?TabCount $tabs where it is made of tabs
     */
    public function __construct(
        public array $pieces,
        public array $seams,
        public array $steps,
        public Length $wide,
        public Length $deep,
        public Length $high,
        public float $litres,
        public ?TabCount $tabs = null,
    ) {}

    /** The closed bag. */
    public function closed(): AssemblyStep
    {
        return $this->steps[count($this->steps) - 1];
    }

    /** @return array<string, array{int, int}> places of the first and the last row of what is called so */
    public function places(): array
    {
        $places = [];
        $place = 0;
        foreach ($this->pieces as $piece) {
            $from = $places[$piece->called][0] ?? $place;
            $place += count($piece->rows);
            $places[$piece->called] = [$from, $place - 1];
        }

        return $places;
    }

    /** @return list<non-empty-list<Piece>> like ones together: how often each is made */
    public function kinds(): array
    {
        $kinds = [];
        foreach ($this->pieces as $piece) {
            $last = array_key_last($kinds);
            if ($last !== null && $kinds[$last][0]->isLike($piece)) {
                $kinds[$last][] = $piece;
            } else {
                $kinds[] = [$piece];
            }
        }

        return $kinds;
    }
}
