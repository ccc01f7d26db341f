<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Stitch;

/** What the words of a phrase said. */
final readonly class PhraseReading
{
    /**
     * @param array<string, int> $numbers by their name in the phrase
     * @param list<Instruction> $instructions of a list
     */
    public function __construct(
        private array $numbers = [],
        private ?Stitch $stitch = null,
        public array $instructions = [],
    ) {}

    public function stitch(): Stitch
    {
        return $this->stitch ?? throw new \LogicException('The phrase names no stitch.');
    }

    /** One where the phrase does not count. */
    public function number(string $name): int
    {
        return $this->numbers[$name] ?? 1;
    }
}
