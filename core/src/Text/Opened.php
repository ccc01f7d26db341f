<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** A row that is being read, line by line. */
final class Opened
{
    /** What stands in the bracket of a count. */
    private const COUNTED = [
        Word::Close, Word::Number, Word::Stitches, Word::Stitch, Word::Part, Word::Dash, Word::Space, Word::And,
    ];

    /** @param list<Token> $tokens */
    public function __construct(
        public readonly bool $isRound,
        public readonly int $from,
        public readonly int $to,
        public readonly Token $head,
        public array $tokens,
    ) {}

    /** @param list<Token> $tokens */
    public function goOn(array $tokens): void
    {
        array_push($this->tokens, ...$tokens);
    }

    /** Whether a count or a full stop ends it. */
    public function ends(): bool
    {
        for ($at = count($this->tokens) - 1; $at >= 0; $at--) {
            $token = $this->tokens[$at];
            if ($token->is(Word::Stop)) {
                return true;
            }
            if ($token->is(Word::Open)) {
                return ($this->tokens[$at + 1] ?? null)?->is(Word::Number) === true;
            }
            if (! $token->is(...self::COUNTED)) {
                return false;
            }
        }

        return false;
    }
}
