<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** Stitches, so many in each of so many places. */
final readonly class Worked implements Step
{
    /**
     * @param non-empty-list<array{string, int}> $in what stands in one place: stitches by their US abbreviation and how
     *         many of each
     * @param ?int $places null: in all that there are, but for the last
     * @param int $but places at the end that are left, where it is in all
     * @param int $takes places that one of them takes: 0 in the same again, 1, or several together, which leave one
     * @param ?int $or stitches in each place that the words may mean as well: "2 sc in next 2 sts" is one in each, or
     *        two
     * @param ?int $from the nth chain from the hook, where the row begins there
     */
    public function __construct(
        private Token $at,
        public array $in,
        public ?int $places = 1,
        public int $but = 0,
        public int $takes = 1,
        public Target $into = Target::Stitch,
        public string $loop = '',
        public ?int $from = null,
        public bool $isLast = false,
        public bool $isAcross = false,
        public ?int $or = null,
    ) {}

    /** As its words may be meant as well. */
    public function otherwise(): self
    {
        return $this->or === null ? $this : new self(
            $this->at,
            [[$this->in[0][0], $this->or]],
            $this->places,
            $this->but,
            $this->takes,
            $this->into,
            $this->loop,
            $this->from,
            $this->isLast,
            $this->isAcross,
        );
    }

    public function at(): Token
    {
        return $this->at;
    }

    public function takes(): int
    {
        return ($this->places ?? 0) * $this->takes;
    }

    /** The same, into a ring: so many in its one place. */
    public function inRing(): self
    {
        $in = array_map(fn(array $one): array => [$one[0], $one[1] * ($this->places ?? 1)], $this->in);

        return new self($this->at, $in, 1, into: Target::Ring, loop: $this->loop);
    }

    public function taking(int $takes): self
    {
        return new self(
            $this->at,
            $this->in,
            $this->places,
            $this->but,
            $takes,
            $this->into,
            $this->loop,
            $this->from,
            $this->isLast,
            $this->isAcross,
        );
    }
}
