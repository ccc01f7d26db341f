<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

/** A row that does not take exactly what is there. */
final class Miscount extends \DomainException {}
