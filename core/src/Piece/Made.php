<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Material\Need;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Start;
use Fescue\Core\Shape\Outline;

/** What a maker made: rows, what they begin on where they are the first, and the edge they leave open. */
final readonly class Made
{
    /**
     * @param list<Row> $rows in working order
     * @param ?Outline $outline of what lies flat, where something does
     * @param ?Length $opens how wide the foot of a fold is, which opens above it; null of a base that stands
     * @param bool $sideways whether the bag's front stands along the outline's width, not its length
     * @param list<Remark> $remarks
     * @param list<Attached> $attached to the edge that it was made on
     * @param bool $hangs whether what is made on it goes down from it
     * @param ?Assembly $assembly pieces made before its rows, which join them; null where it is of one piece
     * @param list<Piece> $apart made by themselves when its rows are done
     * @param list<Need> $needs bought, beside what is attached
     * @param bool $freely whether each of its rows that stand goes as far around as its own stitches have it, not
     *        straight from the first to the last
     * @param ?int $closes stitches that close the last edge on it, folded upon itself; null where that stays open
     */
    public function __construct(
        public array $rows,
        public Edge $open,
        public ?Start $start = null,
        public ?Outline $outline = null,
        public array $remarks = [],
        public array $attached = [],
        public bool $hangs = false,
        public ?int $closes = null,
        public ?Assembly $assembly = null,
        public array $apart = [],
        public bool $sideways = false,
        public ?Length $opens = null,
        public array $needs = [],
        public bool $freely = false,
    ) {}

    /** Rows, those of its pieces too. */
    public function many(): int
    {
        return count($this->rows) + array_sum(
            array_map(
                fn(Piece $piece): int => count($piece->rows),
                [...($this->assembly->pieces ?? []), ...$this->apart],
            ),
        );
    }
}
