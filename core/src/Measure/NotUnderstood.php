<?php

declare(strict_types=1);

namespace Fescue\Core\Measure;

/**
 * What was written cannot be read as the quantity asked for.
 * The message is for the maker: what was not understood and how to write it.
 */
final class NotUnderstood extends \DomainException {}
