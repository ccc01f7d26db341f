<?php

declare(strict_types=1);

namespace Fescue\Core\Scale;

/** The scale does not answer. */
final class Unplugged extends \RuntimeException
{
    public function __construct()
    {
        parent::__construct('The scale does not answer: plug it in, or read it yourself and type what it shows.');
    }
}
