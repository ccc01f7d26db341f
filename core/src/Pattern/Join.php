<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

/** A slip stitch into the first stitch that closes the round: takes 0, leaves 0. */
final readonly class Join implements Instruction {}
