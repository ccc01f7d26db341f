<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Piece\Maker;

/** A maker with its choices, and where they stand in a document. */
final readonly class Chosen
{
    /** @param string $path "/base", "/body/above/0" */
    public function __construct(public string $path, public Maker $maker) {}

    /** Which part of a document it is of: "base", "body". */
    public function part(): string
    {
        return explode('/', $this->path)[1];
    }
}
