<?php

declare(strict_types=1);

namespace Fescue\Core\Saying;

/** What was printed of a number or a measure, with a point: a tongue sets its numbers as her language does. */
final readonly class Figure implements Sayable
{
    public function __construct(public string $printed) {}

    public function english(): string
    {
        return $this->printed;
    }
}
