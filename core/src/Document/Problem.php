<?php

declare(strict_types=1);

namespace Fescue\Core\Document;

/** What is wrong with a bag's document and where: a path like /base/chain, a message that says how to mend it. */
final readonly class Problem
{
    /** @param list<array{path: string, value: int|string|bool, said: string}> $ways to mend it by one field */
    public function __construct(public string $path, public string $message, public array $ways = []) {}
}
