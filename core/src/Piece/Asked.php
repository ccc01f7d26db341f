<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Document\Fields;
use Fescue\Core\Measure\Length;
use Fescue\Core\Saying\Saying;

/** One thing that a maker may be told: a count, a choice, a length, a run of counts. */
abstract readonly class Asked
{
    /**
     * @param string $name as documents have it: "chain"
     * @param string $label of its field, a message: "Chains to start"
     */
    public function __construct(public string $name, public string $label) {}

    /** Whether a document must say it. */
    public function isAsked(): bool
    {
        return false;
    }

    /**
     * What a document has of it; what is wrong with it is noted there.
     *
     * @return int|string|bool|Length|array<int|string, int|string>|null
     */
    abstract public function read(Fields $choices): int|string|bool|Length|array|null;

    /**
     * What was typed into a form, as a document has it; the text itself, for the core to refuse, where it reads as
     * nothing.
     *
     * @return int|string|bool|array<int|string, int|string>|null
     */
    abstract public function typed(string $text): int|string|bool|array|null;

    /**
     * Given or settled, as a document has it; null where nothing need be written.
     *
     * @param bool $said whether it was given
     *
     * @return int|string|bool|array<int|string, int|string>|null
     */
    abstract public function written(bool $said): int|string|bool|array|null;

    /** In a line of several: "ch 22"; null where it is not told there. */
    public function told(): ?Saying
    {
        return null;
    }

    /** What was settled, to stand in a field left open; '' where nothing was, or nothing is left open. */
    public function settled(): string
    {
        return self::shown($this->written(true));
    }

    /** As its field shows what stands in a document of it. */
    public function showing(mixed $value): string
    {
        return self::shown($value);
    }

    /** As a field shows what stands in a document. */
    public static function shown(mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? Flag::YES : Flag::NO,
            is_array($value) => implode(', ', array_map(self::shown(...), $value)),
            is_scalar($value) => (string) $value,
            default => '',
        };
    }
}
