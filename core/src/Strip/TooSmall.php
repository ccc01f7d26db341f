<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

/** A piece that gives no strip; the message says which measure to change. */
final class TooSmall extends \DomainException {}
