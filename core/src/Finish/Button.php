<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Material\Make;
use Fescue\Core\Material\Need;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Whole;
use Fescue\Core\Saying\Saying;

/** A button on the front and a loop of chains on the back's edge, just long enough to pass over it. */
final readonly class Button extends OnTheMiddle
{
    protected const WIDE = 30.0;

    /** A button is so thick, as a share of its width. From memory. */
    private const THICK = 0.2;

    private const MINUTES = 15.0;

    public static function key(): string
    {
        return 'button';
    }

    public static function called(): array
    {
        return ['Button and loop', 'a button on the front, a chain from the back'];
    }

    /** Chains of the loop: it passes where half its circumference is the button's width and thickness. */
    public function chains(Shell $shell): int
    {
        return Whole::up(
            ($this->reach($shell) + 2 * (1 + self::THICK) * $this->wide()->mm) / $shell->stitch->mm,
        );
    }

    /** From the back's edge over to the button and back, mm. */
    private function reach(Shell $shell): float
    {
        return 2 * $this->under($shell)->mm;
    }

    public function fit(Shell $shell): Fitted
    {
        $this->checked($shell);
        $chains = $this->chains($shell);
        $loop = $shell->stitch->times($chains);

        return new Fitted(
            $this->stands($shell),
            [
                new Saying(
                    'The loop: from the middle of the back’s edge chain {n}, {loop}, and slip-stitch into the same '
                        .'stitch. Try it over the button before you fasten off: it should pass with a little pull.',
                    ['loop' => $loop, 'n' => $chains],
                ),
                new Saying('Sew the button on with a shank as long as the edge is thick, a small one behind it.'),
            ],
            self::those([
                $this->beforehand($shell, 'button', 'The button goes here.'),
                $this->moved($shell),
                self::small(),
            ]),
            [Need::piece(Make::Button, 'Button', size: $this->wide())],
            // A chain takes 3.2 times its length, as in Stitch; a tail at each end.
            Length::mm(3.2 * $loop->mm + 350),
            [$this->fixture($shell, Shape::Disc)],
            self::MINUTES,
            $this->settled($shell),
            tools: [Tool::Thread],
        );
    }
}
