<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Saying\Saying;

/** How a mend takes a count down. */
final readonly class Fewer
{
    /**
     * @param string $said a message of {n}, not {was}, {many} fewer
     * @param string $none so of none at all
     * @param bool $rows whether each of them is a row, so that those in hand stay
     */
    public function __construct(public string $said, public string $none = '', public bool $rows = false) {}

    /** Of rows: "Work 2 body rounds fewer". */
    public static function rows(string $none = ''): self
    {
        return new self('Work {many} fewer', $none, true);
    }

    /** "Start with 20 chains, not 22", "Leave the edge out" */
    public function told(int $was, int $by, Counted $counted): Saying
    {
        return $was === $by && $this->none !== '' ? new Saying($this->none) : new Saying(
            $this->said,
            ['n' => $was - $by, 'was' => $was, 'many' => $counted->many($by)],
        );
    }
}
