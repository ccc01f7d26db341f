<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** A text of another size. */
final readonly class Resized
{
    /** @param list<string> $changed what is written otherwise, row by row: "Round 2: 20 → 24, (48 → 56)" */
    public function __construct(public string $text, public array $changed) {}
}
