<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

/** The first stitch of a spiral's round is marked, and the round not joined: takes 0, leaves 0. */
final readonly class Marker implements Instruction {}
