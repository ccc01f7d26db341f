<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Saying\Saying;

/** A piece that gives no strip: which measure to change ("strip", "spine", "handles"), and how. */
final class TooSmall extends \DomainException
{
    public function __construct(public readonly string $measure, public readonly Saying $said)
    {
        parent::__construct($said->english());
    }
}
