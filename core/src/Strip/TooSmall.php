<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

/** A piece that gives no strip: which measure to change ("strip", "spine", "handles"), and how. */
final class TooSmall extends \DomainException
{
    public function __construct(public readonly string $measure, string $message)
    {
        parent::__construct($message);
    }
}
