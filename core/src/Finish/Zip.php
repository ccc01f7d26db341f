<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Material\Make;
use Fescue\Core\Material\Need;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Whole;
use Fescue\Core\Piece\ByChoices;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Sized;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Saying\Saying;

/** A zip along the opening, a stitch short of each fold. Common practice, no source. */
final readonly class Zip extends ByChoices implements Finishing
{
    public const OF_SIZE = ['length'];

    private const MINUTES_A_CM = 2.0;

    public static function key(): string
    {
        return 'zip';
    }

    public static function called(): array
    {
        return ['Zip', 'along the whole opening'];
    }

    public function settings(?Ground $ground = null): array
    {
        return [
            new Sized(
                'length',
                'Its length',
                'The length of a zip',
                $this->length('length'),
                Length::mm(30),
                Length::mm(2000),
            ),
        ];
    }

    public function fit(Shell $shell): Fitted
    {
        $room = Length::mm(max($shell->stitch->mm, $shell->opening->mm - 2 * $shell->stitch->mm));
        $long = $this->length('length') ?? Length::mm(max(30.0, 10.0 * Whole::down($room->mm / 10)));
        if ($long->mm > $shell->opening->mm) {
            throw new Unmakeable('length', new Saying(
                'A zip of {long} is longer than the opening, {opening} lying flat. A longer one can be shortened: '
                    .'sew over its teeth there, cut a finger’s breadth behind, and write the length that is left.',
                ['long' => $long, 'opening' => $shell->opening],
            ));
        }
        $short = Length::mm(($shell->opening->mm - $long->mm) / 2);

        return new Fitted(
            new Saying('{long} for an opening of {opening}: its ends {short} from the folds.', [
                'long' => $long,
                'opening' => $shell->opening,
                'short' => $short,
            ]),
            [
                new Saying('Turn both ends of the tape under, or sew a scrap of cloth over them.'),
                new Saying(
                    'Pin the closed zip along one edge from the middle outward, half a stitch below it; open it and '
                        .'backstitch it on with thread, easing nothing: the crochet gives, the tape does not.',
                ),
                new Saying(
                    'Close it, mark every fifth stitch across on both tapes, and sew the other side mark to mark.',
                ),
            ],
            needs: [Need::piece(Make::Zip, 'Zip', size: $long)],
            fixtures: [new Fixture(Shape::Line, 0.0, $shell->row->mm / 2, $long->mm, 5.0)],
            minutes: self::MINUTES_A_CM * $long->mm / 10,
            settled: ['length' => $long],
            tools: [Tool::Thread, Tool::Pins, Tool::Patch],
        );
    }
}
