<?php

declare(strict_types=1);

namespace Fescue\Core\Written;

/** A text that comes out, and of which no bag is made all the same. */
final class NotWritten extends \DomainException
{
    /**
     * @param string $row "Round 3"; '' where there is no row
     * @param ?int $at its line
     */
    public function __construct(public readonly string $row, public readonly ?int $at)
    {
        parent::__construct($row);
    }
}
