<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

/** What gives under a full bag, as Hanging has it: by how much is learned from those that hung. */
interface Hangs {}
