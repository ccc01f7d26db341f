<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** How often steps are repeated. */
final readonly class Often
{
    /**
     * @param ?int $times null: as often as there is room
     * @param int $but places at the end that are left, where it is as often as there is room
     * @param ?int $or times that the words may mean as well
     */
    public function __construct(
        public ?int $times,
        public int $but = 0,
        public ?int $or = null,
        public bool $isAcross = false,
    ) {}

    /** @param non-empty-list<Step> $steps */
    public function again(Token $at, array $steps): Again
    {
        return new Again($at, $steps, $this->times, $this->but, $this->or, $this->isAcross);
    }
}
