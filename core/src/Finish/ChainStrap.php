<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Material\Make;
use Fescue\Core\Material\Need;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Piece\ByChoices;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Sized;
use Fescue\Core\Saying\Saying;

/** A bought chain on two snap hooks, strand woven through its links; halved where the links are too small. */
final readonly class ChainStrap extends ByChoices implements Finishing
{
    /** Worn across, mm. From memory. */
    private const LONG = 1100.0;

    /** Inside of a link, mm. From memory. */
    private const LINK = 8.0;

    /** Strand woven through a length of chain, and what is left to fasten, mm. From memory. */
    private const WEAVES = 1.3;

    private const TAILS = 300.0;

    /** Two layers of it lie in a link side by side. */
    private const LAYERS = 1.0;

    private const MINUTES = 45.0;

    public static function key(): string
    {
        return 'chain-strap';
    }

    public static function called(): array
    {
        return ['Chain strap', 'on two snap hooks, woven with strand'];
    }

    public function settings(?Ground $ground = null): array
    {
        return [
            new Sized(
                'length',
                'Length as worn',
                'The length of a strap',
                $this->length('length'),
                Length::mm(200),
                Length::mm(2500),
            ),
            new Sized(
                'link',
                'A link is wide inside',
                'A link',
                $this->length('link'),
                Length::mm(1),
                Length::mm(60),
                unit: LengthUnit::Millimetre,
            ),
            new Choice('woven', 'Strand through it', $this->choice('woven', 'yes'), [
                'yes' => ['woven', 'in and out of every link'],
                'no' => ['bare', 'the chain alone'],
            ]),
        ];
    }

    public function fit(Shell $shell): Fitted
    {
        $long = $this->length('length') ?? Length::mm(self::LONG);
        $link = $this->length('link') ?? Length::mm(self::LINK);
        $woven = $this->choice('woven', 'yes') === 'yes';
        $halved = $shell->strand->mm * self::LAYERS > $link->mm;
        $weaves = Length::mm(self::WEAVES * $long->mm + self::TAILS);
        $strand = $woven ? $weaves->times($halved ? 0.5 : 1.0) : null;

        return new Fitted(
            new Saying(
                match (true) {
                    $strand === null => '{long} as worn; a chain does not stretch.',
                    $halved => '{long} as worn; a chain does not stretch. {weaves} of strand through it, halved '
                        .'lengthwise: the whole is thicker than a link is wide.',
                    default => '{long} as worn; a chain does not stretch. {weaves} of strand through it.',
                },
                ['long' => $long, 'weaves' => $weaves],
            ),
            [
                new Saying(
                    'Hang the empty bag by a cord of that length first, and cut nothing before it hangs right.',
                ),
                ...($strand === null ? [] : [new Saying(
                    $halved
                        ? 'Halve {strand} lengthwise, then weave it in and out of the links from the middle outward, '
                            .'and sew each end to itself.'
                        : 'Weave it in and out of the links from the middle outward, and sew each end to itself.',
                    ['strand' => $strand],
                )]),
                new Saying('A snap hook in each end; a ring sewn in at each fold takes it.'),
            ],
            [Remark::hangTest()],
            [
                Need::piece(Make::Chain, 'Chain', size: $long),
                Need::piece(Make::SnapHook, 'Snap hook', 2),
                Need::piece(Make::Ring, 'Ring', 2),
            ],
            $strand,
            [new Fixture(Shape::Chain, 0.0, 0.0, $shell->opening->mm, min($long->mm / 2, 0.6 * $shell->high->mm))],
            self::MINUTES,
            ['length' => $long, 'link' => $link],
        );
    }
}
