<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

use Fescue\Core\Saying\Saying;

/** What would mend a row: one word of it written otherwise. */
final readonly class Correction
{
    /** A number by so much, the least first. */
    private const BY = [1, -1, 2, -2, 3, -3, 4, -4, 5, -5, 6, -6];

    private function __construct(public Saying $said, public Token $at, public string $to) {}

    /** A count that is told otherwise. */
    public static function say(Token $number, int $count): self
    {
        return new self(new Saying('Say {n}.', ['n' => (string) $count]), $number, (string) $count);
    }

    public static function write(Token $word, string $near): self
    {
        return new self(new Saying('Write “{word}”.', ['word' => $near]), $word, $near);
    }

    /**
     * Rows with one number of a row changed, its count left as it is.
     *
     * @return \Generator<array{WrittenRow, self}>
     */
    public static function of(WrittenRow $line, int $size): \Generator
    {
        foreach (self::BY as $by) {
            foreach ($line->tokens as $nth => $token) {
                $number = $token->number($size) + $by;
                $isNumber = $token->is(Word::Number) && ! $token->isOrdinal && count($token->numbers) === 1;
                if (! $isNumber || $number < 1 || $line->stated?->tells($token) === true) {
                    continue;
                }
                $tokens = $line->tokens;
                $tokens[$nth] = $token->counting($number);
                yield [
                    $line->saying((new Parser(array_values($tokens), $size))->row()),
                    new self(
                        new Saying('Write {number} for {word} (line {line}, letter {letter}).', [
                            'number' => (string) $number,
                            'word' => $token->text,
                            'line' => (string) $token->line,
                            'letter' => (string) $token->column,
                        ]),
                        $token,
                        (string) $number,
                    ),
                ];
            }
        }
    }
}
