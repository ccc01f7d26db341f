<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** Steps that are repeated. */
final readonly class Again implements Step
{
    /** More than any row has. */
    private const MOST = 10_000_000;

    /** Places that it takes each time. */
    public int $each;

    /**
     * @param non-empty-list<Step> $steps
     * @param ?int $times null: as often as there is room
     * @param int $but places at the end that are left, where it is as often as there is room
     * @param ?int $or times that the words may mean as well: "rep from * 5 times" is six of them, or five
     */
    public function __construct(
        private Token $at,
        public array $steps,
        public ?int $times,
        public int $but = 0,
        public ?int $or = null,
        public bool $isAcross = false,
    ) {
        $this->each = array_sum(array_map(fn(Step $one): int => min(self::MOST, $one->takes()), $steps));
    }

    public function at(): Token
    {
        return $this->at;
    }

    public function takes(): int
    {
        return ($this->times ?? 0) * $this->each;
    }

    /** @param non-empty-list<Step> $steps */
    public function repeating(array $steps): self
    {
        return new self($this->at, $steps, $this->times, $this->but, $this->or, $this->isAcross);
    }

    public function times(?int $times): self
    {
        return new self($this->at, $this->steps, $times, $this->but, null, $this->isAcross);
    }
}
