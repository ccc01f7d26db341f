<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Saying\Sayable;
use Fescue\Core\Stitch\Terms;

/** A fabric called in full within a saying: "front and back post double crochet". */
final readonly class FullName implements Sayable
{
    public function __construct(public Motif $motif) {}

    public function english(): string
    {
        return $this->motif->fullName(Terms::US);
    }
}
