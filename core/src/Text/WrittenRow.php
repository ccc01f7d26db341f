<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** One row as it is written; a range is unrolled. */
final readonly class WrittenRow
{
    /** "Round 3" */
    public string $name;

    /**
     * @param bool $isRound whether it goes round
     * @param list<Step> $steps
     * @param ?Stated $stated null where no count is told
     * @param ?int $chain chains that it stands on, where it is the first of a piece; null where that is another row
     * @param bool $isFirst of its piece
     * @param list<Token> $tokens that it is written in
     * @param int $pieces how many of its piece are made, where it is the first
     * @param ?Token $chained the number of the chains that it stands on, where one tells it
     * @param ?int $to the last row of the line that it is written in
     */
    public function __construct(
        public bool $isRound,
        public int $number,
        public Token $at,
        public array $steps,
        public ?Stated $stated = null,
        public ?int $chain = null,
        public bool $isFirst = false,
        public array $tokens = [],
        public int $pieces = 1,
        public ?Token $chained = null,
        public ?int $to = null,
    ) {
        $this->name = self::called($isRound, $number);
    }

    public static function called(bool $isRound, int $number): string
    {
        return ($isRound ? 'Round' : 'Row')." {$number}";
    }

    /** The same once more, with a number of its own. */
    public function numbered(int $number): self
    {
        return new self(
            $this->isRound,
            $number,
            $this->at,
            $this->steps,
            $this->stated,
            tokens: $this->tokens,
            to: $this->to,
        );
    }

    /**
     * The same without a count, of other words, on another chain.
     *
     * @param list<Token> $tokens
     * @param list<Step> $steps
     */
    public function resized(array $tokens, array $steps, ?int $chain): self
    {
        return new self($this->isRound, $this->number, $this->at, $steps, null, $chain, $this->isFirst, $tokens);
    }

    /** @param list<Step> $steps */
    public function saying(array $steps): self
    {
        return $this->with($steps, $this->stated);
    }

    /** The same with a count. */
    public function stating(int $leaves): self
    {
        return $this->with($this->steps, new Stated($this->at, $leaves));
    }

    /** @param list<Step> $steps */
    private function with(array $steps, ?Stated $stated): self
    {
        return new self(
            $this->isRound,
            $this->number,
            $this->at,
            $steps,
            $stated,
            $this->chain,
            $this->isFirst,
            $this->tokens,
            $this->pieces,
            $this->chained,
            $this->to,
        );
    }
}
