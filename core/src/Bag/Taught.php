<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Gauge\Trial;
use Fescue\Core\Gauge\Worked as Lesson;

/**
 * A hand that swatches and bags taught. Bags of one maker are taught by the same, and reading two hundred swatches
 * takes longer than all the rest of a plan: the last that was learned is known by what it was learned from.
 */
final class Taught
{
    private static ?self $last = null;

    /**
     * @param array{mixed, mixed} $of `swatches` and `worked` as the document has them
     * @param array<int, string> $doubts about odd swatches, by their place
     */
    private function __construct(
        private readonly array $of,
        public readonly LearnedHand $hand,
        public readonly array $doubts,
    ) {}

    /** @param array{mixed, mixed} $of */
    public static function known(array $of): ?self
    {
        return self::$last !== null && self::$last->of === $of ? self::$last : null;
    }

    /**
     * @param array{mixed, mixed} $of that were read without a problem
     * @param list<Trial> $trials
     * @param list<Lesson> $worked
     */
    public static function by(array $of, array $trials, array $worked): self
    {
        return self::$last = new self($of, LearnedHand::of($trials, $worked), LearnedHand::doubts($trials));
    }
}
