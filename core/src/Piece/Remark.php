<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Saying\Sayable;
use Fescue\Core\Saying\Saying;

/**
 * What a maker has to say of what it made: messages, as of sayings, and the values in both; {row} is the row's own.
 */
final readonly class Remark
{
    /**
     * @param string $code names the kind of remark, for programs
     * @param ?int $row place among the rows that the maker made; null where it is of no one row
     * @param string $lead the remark in a few words, a message
     * @param string $rest its figure and what to do, a message
     * @param array<string, Sayable|int|float> $of by their names in the messages
     * @param bool $works whether whoever works by the pattern needs it, before that row; else it is the planner's
     */
    public function __construct(
        public string $code,
        public Tone $tone,
        public ?int $row,
        public string $lead,
        public string $rest,
        public array $of = [],
        public bool $works = false,
    ) {}

    /** @param array<string, Sayable> $with beside its own values */
    public function lead(array $with = []): Saying
    {
        return new Saying($this->lead, $this->of + $with);
    }

    /** @param array<string, Sayable> $with beside its own values */
    public function rest(array $with = []): Saying
    {
        return new Saying($this->rest, $this->of + $with);
    }

    /** Of every handle that carries. */
    public static function hangTest(): self
    {
        return new self(
            'hang-test',
            Tone::Care,
            null,
            'A home-made handle is untested.',
            'Hang the full bag from a hook for an hour first; never lift a person or anything over people with it.',
        );
    }
}
