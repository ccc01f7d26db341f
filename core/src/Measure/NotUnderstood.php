<?php

declare(strict_types=1);

namespace Fescue\Core\Measure;

use Fescue\Core\Saying\Saying;

/**
 * What was written cannot be read as the quantity asked for.
 * It is said to the maker: what was not understood and how to write it.
 */
final class NotUnderstood extends \DomainException
{
    public readonly Saying $said;

    public function __construct(Saying $said, ?\Throwable $before = null)
    {
        $this->said = $said;
        parent::__construct($said->english(), 0, $before);
    }
}
