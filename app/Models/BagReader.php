<?php

declare(strict_types=1);

namespace App\Models;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Document\Refused;

/** Reads what a bag stands on beside its choices, and plans it. */
interface BagReader
{
    /**
     * The whole document, with what the linked material and swatch say.
     *
     * @param bool $taught by her other bags too, where its gauge is learned
     *
     * @return array<string, mixed>
     */
    public function document(bool $taught): array;

    /**
     * Of the same document the same: it is asked for on many sides.
     *
     * @throws Refused where it makes none
     */
    public function plan(bool $taught): BagPlan;

    /** The chip of its strand; null where what it stands on was not read yet. */
    public function chip(): ?string;

    /** All is read anew. */
    public function forget(): void;
}
