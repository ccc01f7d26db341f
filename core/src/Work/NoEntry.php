<?php

declare(strict_types=1);

namespace Fescue\Core\Work;

use Fescue\Core\Saying\Saying;

/** What was sent is no line of a log. */
final class NoEntry extends \DomainException
{
    public function __construct(public readonly Saying $said)
    {
        parent::__construct($said->english());
    }
}
