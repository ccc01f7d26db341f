<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Measure\Length;

/** Something to do, in words that leave lengths to the reader's unit: {wide}. */
final readonly class Step
{
    /** @param array<string, Length> $of by their names in the words */
    public function __construct(public string $words, public array $of = []) {}

    /** @param callable(Length): string $print */
    public function said(callable $print): string
    {
        $said = [];
        foreach ($this->of as $name => $length) {
            $said['{'.$name.'}'] = $print($length);
        }

        return strtr($this->words, $said);
    }
}
