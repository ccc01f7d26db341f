<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Material\Make;
use Fescue\Core\Material\Need;
use Fescue\Core\Saying\Saying;

/** A sewn label in the middle of the front. */
final readonly class Label extends OnTheMiddle
{
    protected const WIDE = 40.0;

    protected const TALL = 0.5;

    protected const UNDER = 60.0;

    private const MINUTES = 10.0;

    public static function key(): string
    {
        return 'label';
    }

    public static function called(): array
    {
        return ['Label', 'sewn on the front'];
    }

    public function fit(Shell $shell): Fitted
    {
        $this->checked($shell);

        return new Fitted(
            $this->stands($shell),
            [new Saying('Sew it along a row, with the corners first, so that it does not climb.')],
            self::those([$this->moved($shell)]),
            [Need::piece(Make::Label, 'Label', size: $this->wide())],
            fixtures: [$this->fixture($shell, Shape::Plate)],
            minutes: self::MINUTES,
            settled: $this->settled($shell),
            tools: [Tool::Thread],
        );
    }
}
