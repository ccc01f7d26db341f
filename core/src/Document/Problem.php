<?php

declare(strict_types=1);

namespace Fescue\Core\Document;

use Fescue\Core\Saying\Saying;

/** What is wrong with a bag's document and where: a path like /base/chain, a message that says how to mend it. */
final readonly class Problem
{
    /** In English, for programs. */
    public string $message;

    /** @param list<array{path: string, value: int|string|bool, said: Saying}> $ways to mend it by one field */
    public function __construct(public string $path, public Saying $said, public array $ways = [])
    {
        $this->message = $said->english();
    }
}
