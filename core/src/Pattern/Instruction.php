<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

/**
 * One thing to do in a row. What a row takes, leaves, says and eats is derived from its
 * instructions by one pass each: Counter, Writer, StitchCount, Placement.
 */
interface Instruction {}
