<?php

declare(strict_types=1);

namespace Fescue\Core\Scale;

use Fescue\Core\Saying\Saying;

/** The scale does not answer. */
final class Unplugged extends \RuntimeException
{
    public readonly Saying $said;

    public function __construct()
    {
        $this->said = new Saying('The scale does not answer: plug it in, or read it yourself and type what it shows.');
        parent::__construct($this->said->english());
    }
}
