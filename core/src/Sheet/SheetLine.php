<?php

declare(strict_types=1);

namespace Fescue\Core\Sheet;

use Fescue\Core\Pattern\RowId;

/** Rows told at once: how they are headed, what is done, what is counted, and what is thought of before them. */
final readonly class SheetLine
{
    /**
     * @param string $head "Rnds 2–14"; '' of what is no row
     * @param string $count "44 sc, 2 ch-16 sps"; '' where nothing is counted
     * @param list<string> $before
     * @param list<RowId> $rows
     */
    public function __construct(
        public string $head,
        public string $text,
        public string $count = '',
        public array $before = [],
        public array $rows = [],
    ) {}
}
