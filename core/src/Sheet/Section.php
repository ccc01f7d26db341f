<?php

declare(strict_types=1);

namespace Fescue\Core\Sheet;

/** A part of the pattern: base, body, handles, a piece, what joins them. */
final readonly class Section
{
    /**
     * @param string $title "Strap (make 2)"
     * @param non-empty-list<SheetLine> $lines
     */
    public function __construct(public string $title, public array $lines) {}
}
