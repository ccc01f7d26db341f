<?php

declare(strict_types=1);

namespace App\Bags;

/** One piece of the pattern in words, or several that are made alike, or what joins them. */
final readonly class Section
{
    /**
     * @param string $title "Left gusset and right gusset: make 2"; '' where a bag is of one piece
     * @param string $start what it begins on, in words; '' where it begins on others
     * @param list<Run> $runs
     */
    public function __construct(public string $title, public string $start, public int $chain, public array $runs) {}
}
