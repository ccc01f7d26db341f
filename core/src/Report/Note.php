<?php

declare(strict_types=1);

namespace Fescue\Core\Report;

use Fescue\Core\Pattern\RowId;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Saying\Saying;

/** Something to watch out for, with its figure and what to do, tied to the row that causes it where one does. */
final readonly class Note
{
    /**
     * @param string $code names the kind of note, for programs
     * @param Saying $lead the note in a few words
     * @param Saying $rest its figure and what to do
     * @param bool $works whether whoever works by the pattern needs it, before that row; else it is the planner's
     */
    public function __construct(
        public string $code,
        public Tone $tone,
        public ?RowId $row,
        public Saying $lead,
        public Saying $rest,
        public bool $works = false,
    ) {}

    public function text(): Saying
    {
        return new Saying('{lead} {rest}', ['lead' => $this->lead, 'rest' => $this->rest]);
    }
}
