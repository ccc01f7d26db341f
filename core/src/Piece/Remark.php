<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;

/**
 * What a maker has to say of what it made, in words that leave lengths and fabrics to the reader's unit and tongue:
 * {wide}.
 */
final readonly class Remark
{
    /**
     * @param string $code names the kind of remark, for programs
     * @param ?int $row place among the rows that the maker made; null where it is of no one row
     * @param string $lead the remark in a few words
     * @param string $rest its figure and what to do
     * @param array<string, Length|Motif> $of by their names in the words
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
