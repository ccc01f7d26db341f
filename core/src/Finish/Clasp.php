<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Material\Make;
use Fescue\Core\Material\Need;
use Fescue\Core\Saying\Saying;

final readonly class Clasp extends OnTheMiddle
{
    protected const WIDE = 50.0;

    protected const TALL = 0.6;

    private const MINUTES = 20.0;

    public static function key(): string
    {
        return 'clasp';
    }

    public static function called(): array
    {
        return ['Clasp', 'a plate on the front, its other half on a flap or the back'];
    }

    public function fit(Shell $shell): Fitted
    {
        $this->checked($shell);

        return new Fitted(
            $this->stands($shell),
            [
                new Saying(
                    'Fold the flap down, or the sides together, as the bag will close, and mark the lower half where '
                        .'the upper one lies.',
                ),
                new Saying(
                    'Sew through every hole twice, the upper half first; close it, and only then the lower.',
                ),
            ],
            self::those([$this->beforehand($shell, 'clasp', 'The clasp goes here.'), self::small()]),
            [Need::piece(Make::Clasp, 'Clasp, two halves', size: $this->wide())],
            fixtures: [$this->fixture($shell, Shape::Plate)],
            minutes: self::MINUTES,
            settled: $this->settled($shell),
            tools: [Tool::Thread],
        );
    }
}
