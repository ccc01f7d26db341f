<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Material\Make;
use Fescue\Core\Material\Need;
use Fescue\Core\Measure\Length;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Tone;

/** A turning bolt through a hole that is worked: chains over as many skipped stitches. Handbook 10 G. */
final readonly class TurnLock extends OnTheMiddle
{
    protected const WIDE = 30.0;

    protected const TALL = 0.7;

    private const MINUTES = 25.0;

    /** The bolt's hole is so much of its plate. From memory. */
    private const HOLE = 0.6;

    public static function key(): string
    {
        return 'turn-lock';
    }

    public static function called(): array
    {
        return ['Turn lock', 'a bolt on the back, a hole worked in the front'];
    }

    public function fit(Shell $shell): Fitted
    {
        $this->checked($shell);
        $level = $shell->level($this->under($shell));
        $hole = null;
        if ($level !== null) {
            $over = $level->covers(Length::mm(self::HOLE * $this->wide()->mm));
            $first = (int) round($level->front - $over / 2 + 1e-6);
            $hole = new Remark(
                'lock-hole',
                Tone::Better,
                $level->place,
                "Leave the lock’s hole: work {$first}, chain {$over}, skip {$over}, and go on.",
                'That is the front’s middle'.($level->off($over) > 0 ? ', half a stitch off' : '')
                    .'. In the next round work one into '
                    .($over === 1 ? 'the chain' : "each of the {$over} chains").': the count stays.',
            );
        }

        return new Fitted(
            $this->stands($shell, 'It stands'),
            [
                new Step('Set the frame round the hole from the front, its prongs bent over on a patch of leather.'),
                new Step('Close the bag, put the bolt through, and mark its foot on the back; sew or press it there.'),
            ],
            self::those([$hole, self::small()]),
            [Need::piece(Make::TurnLock, 'Turn lock, frame and bolt', size: $this->wide())],
            fixtures: [$this->fixture($shell, Shape::Plate)],
            minutes: self::MINUTES,
            settled: $this->settled($shell),
        );
    }
}
