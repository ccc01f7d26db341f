<?php

declare(strict_types=1);

namespace Fescue\Core\Stock;

use Fescue\Core\Saying\Saying;

/** More was asked for than may be taken. */
final class NotEnough extends \DomainException
{
    /** @param float $free what could be taken */
    public function __construct(public readonly float $free, public readonly Saying $said)
    {
        parent::__construct($said->english());
    }
}
