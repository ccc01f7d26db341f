<?php

declare(strict_types=1);

namespace Fescue\Core\Document;

/** What cannot be read or planned, with every reason found. */
final class Refused extends \DomainException
{
    /** @param non-empty-list<Problem> $problems */
    public function __construct(public readonly array $problems)
    {
        parent::__construct($problems[0]->path.': '.$problems[0]->message);
    }

    /** @param list<array{path: string, value: int|string|bool, said: string}> $ways to mend it by one field */
    public static function at(string $path, string $message, array $ways = []): self
    {
        return new self([new Problem($path, $message, $ways)]);
    }
}
