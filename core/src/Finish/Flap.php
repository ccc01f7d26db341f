<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\ByChoices;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Sized;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Saying\Saying;

/** A flap of sc worked on the middle of the back's edge, to and fro, folded over to the front. */
final readonly class Flap extends ByChoices implements Finishing
{
    public const OF_SIZE = ['across', 'long'];

    /** Of the back's stitches that it takes, and of the height that it covers, where nothing is said. From memory. */
    private const SHARE = 0.7;

    private const COVERS = 0.45;

    private const SECONDS_A_STITCH = 12.0;

    private const TAILS = 350.0;

    public static function key(): string
    {
        return 'flap';
    }

    public static function called(): array
    {
        return ['Flap', 'worked on the back’s edge, folded over'];
    }

    public function settings(?Ground $ground = null): array
    {
        return [
            new Setting(
                'across',
                'Stitches across',
                new Counted('stitch across', 'stitches across'),
                $this->count('across'),
                new Bounds(2, 400),
                Unsaid::settled(),
            ),
            new Sized(
                'long',
                'How far it comes down',
                'How far a flap comes down',
                $this->length('long'),
                Length::mm(20),
                Length::mm(1000),
            ),
        ];
    }

    public function fit(Shell $shell): Fitted
    {
        $side = intdiv($shell->levels[0]->around ?? $shell->around(), 2);
        // As many as leave the same at both folds.
        $across = $this->count('across') ?? max(
            2,
            (int) round(self::SHARE * $side) - ((int) round(self::SHARE * $side) - $side) % 2,
        );
        if ($across > $side) {
            throw new Unmakeable(
                'across',
                new Saying(
                    'The back has {side} stitches at its edge; a flap takes at most that many.',
                    ['side' => $side],
                ),
            );
        }
        $long = $this->length('long') ?? $shell->high->times(self::COVERS);
        if ($long->mm > $shell->high->mm) {
            throw new Unmakeable('long', new Saying(
                '{long} is longer than the bag is high, {high}.',
                ['long' => $long, 'high' => $shell->high],
            ));
        }
        $rows = max(1, (int) round($long->plus($shell->depth->times(0.5))->mm / $shell->row->mm));
        $free = $side - $across;
        $isEven = $free % 2 === 0;
        $loop = Motif::single()->loopLength($shell->stitch, $shell->row, $shell->strand);

        return new Fitted(
            new Saying(
                '{n, plural, one {# stitch} other {# stitches}}, {wide}, {rows, plural, one {# row} other {# rows}}.',
                ['wide' => $shell->stitch->times($across), 'n' => $across, 'rows' => $rows],
            ),
            [
                new Saying(
                    $isEven
                        ? 'Lay the bag flat, back up. Leave {free, plural, one {# stitch} other {# stitches}} from the '
                            .'right fold, join, and work {n} {stitch} to and fro for {rows, plural, one {# row} other '
                            .'{# rows}}: {long} over the front and half the depth.'
                        : 'Lay the bag flat, back up. Leave {free} stitches from the right fold (a whole number leaves '
                            .'one side half a stitch wider), join, and work {n} {stitch} to and fro for {rows, plural, '
                            .'one {# row} other {# rows}}: {long} over the front and half the depth.',
                    [
                        'long' => $long, 'stitch' => Motif::single(), 'n' => $across, 'rows' => $rows,
                        'free' => $isEven ? intdiv($free, 2) : $free / 2,
                    ],
                ),
                new Saying('Fold it over before the last two rows: it should end where the closure will stand.'),
            ],
            strand: Length::mm($across * $rows * $loop->mm + self::TAILS),
            fixtures: [new Fixture(Shape::Cloth, 0.0, $long->mm / 2, $shell->stitch->times($across)->mm, $long->mm)],
            minutes: $across * $rows * self::SECONDS_A_STITCH / 60,
            settled: ['long' => $long],
        );
    }
}
