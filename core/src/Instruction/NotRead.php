<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

/** Pattern text that was not understood: which words. */
final class NotRead extends \DomainException
{
    public function __construct(public readonly string $words)
    {
        parent::__construct("“{$words}” was not understood.");
    }
}
