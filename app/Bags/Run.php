<?php

declare(strict_types=1);

namespace App\Bags;

use Fescue\Core\Pattern\Row;
use Fescue\Core\Report\Note;

/** Like rounds written once: how they are named, what the first says, what each leaves, and what to watch there. */
final readonly class Run
{
    /**
     * @param string $in the material that begins here; '' where none does, or the bag is of one alone
     * @param list<Note> $notes
     * @param string $side that faces the maker: "wrong side"; '' where nothing is ever turned
     */
    public function __construct(
        public string $name,
        public string $in,
        public Row $row,
        public int $count,
        public bool $each,
        public array $notes,
        public string $side = '',
    ) {}
}
