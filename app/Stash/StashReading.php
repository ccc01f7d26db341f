<?php

declare(strict_types=1);

namespace App\Stash;

/** What a stash file holds: the materials read from its good lines, and what is wrong with the others. */
final readonly class StashReading
{
    /**
     * @param list<MaterialText> $materials
     * @param array<int, list<string>> $problems by line of the file, 1 the header
     */
    public function __construct(public array $materials, public array $problems) {}
}
