<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Material\Make;
use Fescue\Core\Material\Need;
use Fescue\Core\Saying\Saying;

final readonly class Snap extends OnTheMiddle
{
    protected const WIDE = 12.0;

    private const MINUTES = 20.0;

    public static function key(): string
    {
        return 'snap';
    }

    public static function called(): array
    {
        return ['Snap', 'a pair, pressed or sewn'];
    }

    public function fit(Shell $shell): Fitted
    {
        $this->checked($shell);

        return new Fitted(
            $this->stands($shell),
            [
                new Saying(
                    'Put the ball half inside the back, the socket half inside the front, each on a patch of cloth.',
                ),
                new Saying('Rub chalk on the ball, press the sides together, and set the socket where it marks.'),
            ],
            self::those([
                $this->beforehand($shell, 'snap', 'The snap goes here.'),
                $this->moved($shell),
                self::small(),
            ]),
            [Need::piece(Make::Snap, 'Snap, a pair', size: $this->wide())],
            fixtures: [$this->fixture($shell, Shape::Disc)],
            minutes: self::MINUTES,
            settled: $this->settled($shell),
            tools: [Tool::Thread, Tool::Patch, Tool::Chalk],
        );
    }
}
