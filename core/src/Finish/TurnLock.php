<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Material\Make;
use Fescue\Core\Material\Need;
use Fescue\Core\Measure\Length;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Saying\Saying;

/** A turning bolt through a hole that is worked: chains over as many skipped stitches. Handbook 10 G. */
final readonly class TurnLock extends OnTheMiddle
{
    protected const WIDE = 30.0;

    protected const TALL = 0.7;

    private const MINUTES = 25.0;

    /** The bolt's hole is so much of its frame, and the frame covers so much at the most. From memory. */
    private const HOLE = 0.6;

    private const COVERED = 0.95;

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
        $over = $level === null ? 0 : $this->hole($level);
        $first = $level === null ? 0 : (int) round($level->front - $over / 2 + 1e-6);

        return new Fitted(
            $level === null ? $this->stands($shell) : $this->figures($shell, $level, $over, $first),
            [
                new Saying(
                    'Set the frame round the hole from the front, its prongs bent over on a patch of leather.',
                ),
                new Saying(
                    'Close the bag, put the bolt through, and mark its foot on the back; sew or press it there.',
                ),
            ],
            self::those([
                $level === null ? null : new Remark(
                    'lock-hole',
                    Tone::Better,
                    $level->place,
                    'Leave the lock’s hole: work {first}, chain {over}, skip {over}, and go on.',
                    'In the next round work one into {over, plural, one {the chain} other {each of the # chains}}: '
                        .'the count stays.',
                    ['first' => $first, 'over' => $over],
                ),
                $this->moved($shell),
                self::small(),
            ]),
            [Need::piece(Make::TurnLock, 'Turn lock, frame and bolt', size: $this->wide())],
            fixtures: [$this->fixture($shell, Shape::Plate)],
            minutes: self::MINUTES,
            settled: $this->settled($shell),
            holes: $level === null ? [] : [$level->place => [$first, $over]],
            tools: [Tool::Thread, Tool::Patch],
        );
    }

    /** Stitches that the hole takes: as many as put it in the middle on whole ones, where the frame covers them. */
    private function hole(Level $level): int
    {
        $plain = $level->covers(Length::mm(self::HOLE * $this->wide()->mm));
        $begins = $level->front - $plain / 2;

        return match (true) {
            abs($begins - round($begins)) < 0.25 => $plain,
            ($plain + 1) * $level->stitch->mm <= self::COVERED * $this->wide()->mm => $plain + 1,
            $plain > 1 => $plain - 1,
            default => $plain,
        };
    }

    /** Frame and hole are one: it stands where its hole is. */
    private function figures(Shell $shell, Level $level, int $over, int $first): Saying
    {
        $side = $level->around / 2;
        $before = $first - ($level->front - $side / 2);
        $behind = $side - $over - $before;
        $middle = ($shell->opening->mm - $this->wide()->mm) / 2;
        $off = ($before - $behind) / 2 * $level->stitch->mm;
        $rows = $shell->rowsAbove($level);
        $of = [
            'side' => Length::mm($middle),
            'before' => Length::mm($middle + $off),
            'behind' => Length::mm($middle - $off),
            'under' => $level->under,
            'row' => $level->row,
            'rows' => $rows,
            'over' => $over,
            'all' => self::half($side),
            'free' => self::half($before),
            'rest' => self::half($behind),
        ];

        return new Saying(match (true) {
            abs($off) < 1e-6 && $rows === 0 => 'It stands in the middle: {side} from either fold, {under} below the '
                .'edge; in {row}, the last of the wall. The hole takes {over} of the side’s {all} stitches, {free} '
                .'free '
                .'at either side.',
            abs($off) < 1e-6 => 'It stands in the middle: {side} from either fold, {under} below the edge; in {row}, '
                .'{rows} below the last of the wall. The hole takes {over} of the side’s {all} stitches, {free} free '
                .'at '
                .'either side.',
            $rows === 0 => 'It stands {before} from the fold before it and {behind} from the one behind it, {under} '
                .'below the edge; in {row}, the last of the wall. The hole takes {over} of the side’s {all} stitches, '
                .'{free} free before it and {rest} behind it.',
            default => 'It stands {before} from the fold before it and {behind} from the one behind it, {under} below '
                .'the edge; in {row}, {rows} below the last of the wall. The hole takes {over} of the side’s {all} '
                .'stitches, {free} free before it and {rest} behind it.',
        }, $of);
    }
}
