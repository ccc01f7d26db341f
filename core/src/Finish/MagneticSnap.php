<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Material\Make;
use Fescue\Core\Material\Need;
use Fescue\Core\Saying\Saying;

final readonly class MagneticSnap extends OnTheMiddle
{
    protected const WIDE = 18.0;

    private const MINUTES = 20.0;

    public static function key(): string
    {
        return 'magnet';
    }

    public static function called(): array
    {
        return ['Magnetic snap', 'two halves, sewn or pronged'];
    }

    public function fit(Shell $shell): Fitted
    {
        $this->checked($shell);

        return new Fitted(
            $this->stands($shell),
            [
                new Saying(
                    'Sew each half through a scrap of cloth or leather on the wrong side, so that the pull is not on '
                        .'two stitches alone. Prongs go between stitches: never cut one.',
                ),
                new Saying(
                    'Close it, lay the bag flat, and look whether the folds meet before you sew the second half.',
                ),
            ],
            self::those([
                $this->beforehand($shell, 'magnet', 'The magnetic snap goes here.'),
                $this->moved($shell),
                self::small(),
            ]),
            [Need::piece(Make::Magnet, 'Magnetic snap, two halves', size: $this->wide())],
            fixtures: [$this->fixture($shell, Shape::Disc)],
            minutes: self::MINUTES,
            settled: $this->settled($shell),
            tools: [Tool::Thread, Tool::Patch],
        );
    }
}
