<?php

declare(strict_types=1);

namespace Fescue\Core\Work;

/** What was sent is no line of a log. */
final class NoEntry extends \DomainException {}
