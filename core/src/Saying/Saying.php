<?php

declare(strict_types=1);

namespace Fescue\Core\Saying;

/**
 * Something told to a maker: a message in English, in ICU's message format, and the values in it. The message is the
 * key of its translations; a tongue prints it.
 */
final readonly class Saying implements Sayable
{
    /** @param array<string, Sayable|int|float|string> $with by their names in the message */
    public function __construct(public string $message, public array $with = []) {}
}
