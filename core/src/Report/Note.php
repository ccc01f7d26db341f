<?php

declare(strict_types=1);

namespace Fescue\Core\Report;

use Fescue\Core\Pattern\RowId;
use Fescue\Core\Piece\Tone;

/** Something to watch out for, with its figure and what to do, tied to the row that causes it where one does. */
final readonly class Note
{
    /**
     * @param string $code names the kind of note, for programs
     * @param string $lead the note in a few words
     * @param string $rest its figure and what to do
     * @param bool $works whether whoever works by the pattern needs it, before that row; else it is the planner's
     */
    public function __construct(
        public string $code,
        public Tone $tone,
        public ?RowId $row,
        public string $lead,
        public string $rest,
        public bool $works = false,
    ) {}

    public function text(): string
    {
        return "{$this->lead} {$this->rest}";
    }
}
