<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

/** A choice between schools. */
final readonly class Choice
{
    /**
     * @param string $name as documents have it: "ends"
     * @param string $value of those it may have
     * @param array<string, array{string, string}> $options name and difference in words, by value; none of fabrics
     *         where any may be chosen
     * @param string $short in a line of several; '' where it is not told there
     * @param bool $asked whether a document must say it
     * @param bool $motif whether they are fabrics, by their keys
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $value,
        public array $options = [],
        public string $short = '',
        public bool $asked = false,
        private bool $motif = false,
    ) {}

    /** @return list<string> what it may be; none where any fabric may be chosen */
    public function values(): array
    {
        return array_map(strval(...), array_keys($this->options));
    }

    /** Whether it is a fabric that is chosen. */
    public function isMotif(): bool
    {
        return $this->motif;
    }
}
