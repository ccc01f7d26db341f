<?php

declare(strict_types=1);

namespace Fescue\Core\Stock;

/** More was asked for than may be taken. */
final class NotEnough extends \DomainException
{
    /** @param float $free what could be taken */
    public function __construct(public readonly float $free, string $message)
    {
        parent::__construct($message);
    }
}
