<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** One way in which a row may be meant. */
final readonly class RowReading
{
    /**
     * @param list<Step> $steps
     * @param list<array{bool, int}> $places what is there, as it is met: whether they are spaces, and how many
     * @param string $start what the chain at its beginning is, as RowWalk has it
     * @param bool $isChain whether it stands on a chain, of which it may take both sides
     * @param bool $leads whether what was passed at its beginning counts as a stitch
     * @param ?Tops $below what it stands on, as it is met; null where no row leaves it
     * @param PlacesTaken $as what of that it takes for its places
     */
    public function __construct(
        public array $steps,
        public array $places,
        public string $start,
        public bool $isChain = false,
        public bool $leads = false,
        public ?Tops $below = null,
        public PlacesTaken $as = PlacesTaken::Stitches,
    ) {}

    /**
     * On a row below.
     *
     * @param list<Step> $steps
     */
    public static function on(array $steps, Tops $below, PlacesTaken $as, string $start): self
    {
        return new self($steps, $below->places($as), $start, below: $below, as: $as);
    }
}
