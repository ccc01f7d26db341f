<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** One word, number or sign of a pattern, where it stands. */
final readonly class Token
{
    /**
     * @param string $of a stitch by its US abbreviation, where it is one
     * @param list<int> $numbers where it is a number: of each size that the text is written for
     * @param int $line from 1
     * @param int $column letters, from 1
     */
    public function __construct(
        public Word $word,
        public string $text,
        public int $line,
        public int $column,
        public string $of = '',
        public array $numbers = [],
        public bool $isOrdinal = false,
    ) {}

    /**
     * The first of tokens that is one of some words; null where none is.
     *
     * @param array<self> $tokens
     */
    public static function among(array $tokens, Word ...$words): ?self
    {
        foreach ($tokens as $one) {
            if ($one->is(...$words)) {
                return $one;
            }
        }

        return null;
    }

    public function is(Word ...$words): bool
    {
        return in_array($this->word, $words, true);
    }

    /** Of a size; of one that is not told, the first. */
    public function number(int $size = 0): int
    {
        return $this->numbers[$size] ?? $this->numbers[0] ?? 0;
    }

    /** The same place with another number. */
    public function counting(int $number): self
    {
        return new self($this->word, $this->text, $this->line, $this->column, $this->of, [$number]);
    }

    /** A stitch that stands on a row, and is no chain. */
    public function isStitch(): bool
    {
        return $this->word === Word::Stitch && $this->of !== 'ch';
    }

    public function isChain(): bool
    {
        return $this->word === Word::Stitch && $this->of === 'ch';
    }
}
