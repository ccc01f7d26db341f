<?php

declare(strict_types=1);

namespace Fescue\Core\Written;

/** A row that comes out, and of which no row of a bag is made all the same. */
final class NotWorkable extends \DomainException {}
