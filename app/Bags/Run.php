<?php

declare(strict_types=1);

namespace App\Bags;

use Fescue\Core\Pattern\Part;
use Fescue\Core\Report\Note;

/** Rounds told at once: how they are named, what they say, what is counted, and what to watch there. */
final readonly class Run
{
    /**
     * @param string $count at the end of one; several by turns, with commas
     * @param list<Note> $notes
     * @param string $side that faces the maker: "wrong side"; '' where nothing is ever turned, or it faces her already
     */
    public function __construct(
        public string $name,
        public string $text,
        public string $count,
        public Part $part,
        public array $notes,
        public string $side,
    ) {}
}
