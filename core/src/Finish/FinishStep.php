<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;

/** Something to do, in words that leave lengths and stitches to the reader's unit and tongue: {wide}. */
final readonly class FinishStep
{
    /** @param array<string, Length|Motif> $of by their names in the words */
    public function __construct(public string $words, public array $of = []) {}

    /** @param callable(Length|Motif): string $print */
    public function said(callable $print): string
    {
        $said = [];
        foreach ($this->of as $name => $one) {
            $said['{'.$name.'}'] = $print($one);
        }

        return strtr($this->words, $said);
    }
}
