<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** The count that a row tells at its end. */
final readonly class Stated
{
    /**
     * @param ?int $spaces that are told apart; null where one number says it all
     * @param list<Token> $numbers
     */
    public function __construct(
        public Token $at,
        public int $stitches,
        public ?int $spaces = null,
        public array $numbers = [],
    ) {}

    public function tells(Token $number): bool
    {
        return in_array($number, $this->numbers, true);
    }

    public function all(): int
    {
        return $this->stitches + ($this->spaces ?? 0);
    }
}
