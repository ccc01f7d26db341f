<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

/** A maker whose part is worked or sewn on when every round is done, the rim too. */
interface AfterRounds extends Maker {}
