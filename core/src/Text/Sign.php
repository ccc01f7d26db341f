<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** What is done between the stitches, and takes and leaves none. */
final readonly class Sign implements Step
{
    public const TURN = 'turn';

    public const JOIN = 'join';

    public const MARK = 'mark';

    public const FASTEN_OFF = 'fasten-off';

    /** From here on along the other side of the chain. */
    public const OTHER_SIDE = 'other-side';

    /** On both sides of a chain, from the nth from the hook. */
    public const BOTH_SIDES = 'both-sides';

    /** All stitches of the row are worked in that loop. */
    public const BACK_LOOPS = 'back';

    public const FRONT_LOOPS = 'front';

    /** @param int $from of a chain from the hook, where that is told */
    public function __construct(private Token $at, public string $what, public int $from = 0) {}

    /** @param array<Step> $steps */
    public static function isAmong(array $steps, string $what): bool
    {
        return array_filter($steps, fn(Step $one): bool => $one instanceof self && $one->what === $what) !== [];
    }

    public function at(): Token
    {
        return $this->at;
    }

    public function takes(): int
    {
        return 0;
    }
}
