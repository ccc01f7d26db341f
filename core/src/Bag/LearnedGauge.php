<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Gauge\StitchTake as Lesson;
use Fescue\Core\Gauge\Trial;
use Fescue\Core\Saying\Saying;

/** A hand that swatches and bags taught. */
final readonly class LearnedGauge
{
    /**
     * @param array{mixed, mixed} $of `swatches` and `worked` as the document has them
     * @param array<int, Saying> $doubts about odd swatches, by their place
     */
    private function __construct(public array $of, public LearnedHand $hand, public array $doubts) {}

    /**
     * @param array{mixed, mixed} $of that were read without a problem
     * @param list<Trial> $trials
     * @param list<Lesson> $worked
     */
    public static function by(array $of, array $trials, array $worked): self
    {
        return new self($of, LearnedHand::of($trials, $worked), LearnedHand::doubts($trials));
    }
}
