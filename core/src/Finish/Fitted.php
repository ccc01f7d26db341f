<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Material\Need;
use Fescue\Core\Measure\Length;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Saying\Saying;

/** A finish on its bag: what is to be done, what it takes, where it stands. */
final readonly class Fitted
{
    /**
     * @param Saying $figures in a line: how long, how many, where
     * @param list<Saying> $steps in their order
     * @param list<Remark> $remarks rows in which it is thought of, among all the plan's, and cautions
     * @param list<Need> $needs beside strand
     * @param ?Length $strand of the bag's own that it takes; null where none
     * @param list<Fixture> $fixtures on the front; the back has the same
     * @param float $minutes that it takes. From memory.
     * @param array<string, Length|int> $settled lengths and counts that were left open, by the setting's name
     * @param ?Lining $lining where it is one
     * @param array<int, array{int, int}> $holes left in rows, by their places: stitches before, and how many it takes
     * @param list<Tool> $tools that it is put on with
     */
    public function __construct(
        public Saying $figures,
        public array $steps,
        public array $remarks = [],
        public array $needs = [],
        public ?Length $strand = null,
        public array $fixtures = [],
        public float $minutes = 0.0,
        public array $settled = [],
        public ?Lining $lining = null,
        public array $holes = [],
        public array $tools = [],
    ) {}

    /**
     * The same, with what is to be said of it beside the others.
     *
     * @param list<Remark> $more
     */
    public function remarked(array $more): self
    {
        return new self(
            $this->figures,
            $this->steps,
            [...$this->remarks, ...$more],
            $this->needs,
            $this->strand,
            $this->fixtures,
            $this->minutes,
            $this->settled,
            $this->lining,
            $this->holes,
            $this->tools,
        );
    }
}
