<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

/** A fabric that cannot be worked into what is there: a plain round before it mends that. */
final class WantsPlain extends Unmakeable {}
