<?php

declare(strict_types=1);

namespace Fescue\Core\Document;

use Fescue\Core\Saying\Saying;

/** What cannot be read or planned, with every reason found. */
final class Refused extends \DomainException
{
    /** @param non-empty-list<Problem> $problems */
    public function __construct(public readonly array $problems)
    {
        parent::__construct($problems[0]->path.': '.$problems[0]->message);
    }

    /** @param list<array{path: string, value: int|string|bool, said: Saying}> $ways to mend it by one field */
    public static function at(string $path, Saying $said, array $ways = []): self
    {
        return new self([new Problem($path, $said, $ways)]);
    }
}
