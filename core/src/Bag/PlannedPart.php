<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\Maker;

/** A part of a plan: its maker with nothing left open, and which rows are its own. */
final readonly class PlannedPart
{
    /**
     * @param string $path as Chosen has it
     * @param int $from place of its first row
     */
    public function __construct(public string $path, public Maker $maker, public Made $made, public int $from) {}

    /** Place after its last row. */
    public function to(): int
    {
        return $this->from + $this->made->many();
    }

    public function chosen(): Chosen
    {
        return new Chosen($this->path, $this->maker);
    }
}
