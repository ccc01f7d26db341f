<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/**
 * One thing to do in a row. A leaf says what it takes and works; a group names its children and how often they are
 * worked. Every pass goes through Traverser and asks no more than this, so that a new kind of instruction edits no
 * pass.
 */
interface Instruction
{
    /** @return list<self> what a group is made of; none of a leaf */
    public function children(): array;

    /** How often its children are worked. */
    public function times(): int;

    /**
     * The edge its children are worked into, by its place among those of the row; null where it stays on the one it is
     * on.
     */
    public function edge(): ?int;

    /** Anchors a leaf takes. */
    public function takes(): int;

    /** Whether a leaf can be worked into such an anchor. */
    public function canTake(Anchor $anchor): bool;

    /** @return list<Stitches> what the hands work of a leaf, in order */
    public function works(): array;

    public function phrase(): Phrase;

    /**
     * The same through another loop, of other stitches.
     *
     * @param \Closure(Stitch): Stitch $stitch
     */
    public function remade(Loop $loop, \Closure $stitch): self;

    /**
     * How it is read: what the words of a phrase's key make.
     *
     * @return array<string, \Closure(PhraseReading): self>
     */
    public static function readings(): array;
}
