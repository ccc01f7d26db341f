<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

use Fescue\Core\Saying\Saying;

/** What is wrong in a pattern, where, and what would mend it. */
final readonly class TextProblem
{
    public const TAKES_TOO_FEW = 'takes-too-few';

    public const TAKES_TOO_MANY = 'takes-too-many';

    /** A repeat that what is there cannot be divided by. */
    public const DOES_NOT_DIVIDE = 'does-not-divide';

    public const STATED_OTHERWISE = 'stated-otherwise';

    /** A space, a post where none is. */
    public const NOT_THERE = 'not-there';

    public const NOT_UNDERSTOOD = 'not-understood';

    public const NOT_A_PATTERN = 'not-a-pattern';

    public const TOO_LONG = 'too-long';

    /** @param list<Correction> $mends */
    public function __construct(
        public int $line,
        public int $column,
        public string $row,
        public string $code,
        public Saying $said,
        public array $mends = [],
    ) {}

    /** Of one of several sizes; what mends one of them may be a number of all. */
    public function inSize(int $size): self
    {
        return new self($this->line, $this->column, $this->row, $this->code, new Saying(
            'In size {size}: {what}',
            ['size' => $size, 'what' => $this->said],
        ));
    }

    /** @param list<Correction> $mends */
    public static function at(Token $at, string $row, string $code, Saying $said, array $mends = []): self
    {
        return new self($at->line, $at->column, $row, $code, $said, $mends);
    }
}
