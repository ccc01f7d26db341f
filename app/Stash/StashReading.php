<?php

declare(strict_types=1);

namespace App\Stash;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;

/** What a stash file holds: the cords read from its good lines, and what is wrong with the others. */
final readonly class StashReading
{
    /**
     * @param list<array{name: string, colour: string, diameter: Length, sample_length: Length, sample_mass: Mass, on_hand: ?Mass}> $cords
     * @param array<int, list<string>> $problems by line of the file, 1 the header
     */
    public function __construct(public array $cords, public array $problems) {}
}
