<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

use Fescue\Core\Saying\Saying;

/** A row as it was proven. */
final readonly class ProvenRow
{
    /** @param ?Saying $meant which of two meanings its words were taken in, where they have two */
    public function __construct(
        public WrittenRow $line,
        public RowResult $outcome,
        public ?Saying $meant = null,
    ) {}

    /** Whether a stitch, by its US abbreviation, is worked in it. */
    public function works(string $stitch): bool
    {
        return self::isAmong($this->line->steps, $stitch);
    }

    /** @param array<Step> $steps */
    private static function isAmong(array $steps, string $stitch): bool
    {
        foreach ($steps as $step) {
            $works = match (true) {
                $step instanceof Again => self::isAmong($step->steps, $stitch),
                $step instanceof Worked => in_array($stitch, array_column($step->in, 0), true),
                default => false,
            };
            if ($works) {
                return true;
            }
        }

        return false;
    }

    public function isRight(): bool
    {
        return $this->outcome->isRight();
    }
}
