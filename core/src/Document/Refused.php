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

    public static function at(string $path, string $message): self
    {
        return new self([new Problem($path, $message)]);
    }
}
