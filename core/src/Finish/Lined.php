<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Make;
use Fescue\Core\Material\Need;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Whole;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\ByChoices;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Flag;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Sized;
use Fescue\Core\Piece\SizedPair;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Saying\Saying;

/** A cloth lining, cut from the plan or from what the tape says. */
final readonly class Lined extends ByChoices implements Finishing
{
    public const TAPED = ['lies', 'stands'];

    /** Cloth as it is mostly sold, mm. From memory. */
    private const CLOTH = 1400.0;

    /** In hundredths. */
    private const MOST_EASE = 15;

    private const MINUTES = 75.0;

    public static function key(): string
    {
        return 'lining';
    }

    public static function called(): array
    {
        return ['Lining', 'of cloth, with or without a pocket'];
    }

    public function settings(?Ground $ground = null): array
    {
        $ease = (int) round(100 * Lining::EASE);

        return [
            new Choice('as', 'How it is made', $this->choice('as', Lining::FIT), [
                Lining::FIT => ['as the base asks', 'flat, boxed, or with a bottom'],
                'flat' => ['flat', 'folded at the foot'],
                'boxed' => ['boxed corners', 'one strip, its corners sewn across'],
                'gussets' => ['strip and gussets', 'front, bottom and back in one'],
                'bottom' => ['bottom and wall', 'as the base is'],
            ]),
            new Flag('drawn', 'At the top', $this->flag('drawn'), ['caught to the edge', 'as the bag is open'], [
                'a drawn top',
                'a sack inside, drawn shut by a string',
            ]),
            new Sized('seam', 'Seam', 'A seam', $this->length('seam'), Length::mm(0), Length::mm(40)),
            new Setting(
                'ease',
                'Smaller by, in a hundred',
                new Counted('hundredth'),
                $this->given('ease', $ease),
                new Bounds(0, self::MOST_EASE),
                Unsaid::is($ease),
            ),
            new SizedPair(
                'pocket',
                'Pocket, wide × high',
                SizedPair::pair($this->pair('pocket')),
                Length::mm(30),
                Length::mm(600),
                unit: LengthUnit::Centimetre,
            ),
            new Sized(
                'cloth',
                'The cloth is wide',
                'The width of cloth',
                $this->length('cloth'),
                Length::mm(100),
                Length::mm(5000),
            ),
            new Sized(
                'lies',
                'By the tape: it lies wide',
                'How wide it lies',
                $this->length('lies'),
                Length::mm(30),
                Length::mm(3000),
            ),
            new Sized(
                'stands',
                'By the tape: it stands high',
                'How high it stands',
                $this->length('stands'),
                Length::mm(30),
                Length::mm(3000),
            ),
        ];
    }

    public function cloth(): Length
    {
        return $this->length('cloth') ?? Length::mm(self::CLOTH);
    }

    /** @throws Unmakeable */
    public function lining(Shell $shell): Lining
    {
        $seam = $this->length('seam')->mm ?? Lining::SEAM;
        $lining = Lining::of(
            $shell,
            $seam,
            $this->given('ease', (int) round(100 * Lining::EASE)) / 100,
            $this->length('lies'),
            $this->length('stands'),
            $this->choice('as', Lining::FIT),
        );
        $lining = $this->flag('drawn') ? $lining->asSack($seam) : $lining;
        $pocket = SizedPair::pair($this->pair('pocket'));
        if ($pocket === null) {
            return $lining;
        }
        $wide = Length::mm($lining->back);
        if ($pocket[0]->mm > $wide->mm || $pocket[1]->mm > $lining->high) {
            throw new Unmakeable('pocket', new Saying(
                'The lining’s back is {wide} wide and {high} high; the pocket goes beyond it.',
                ['wide' => $wide, 'high' => Length::mm($lining->high)],
            ));
        }

        return $lining->withPocket($pocket[0]->mm, $pocket[1]->mm, $seam);
    }

    public function fit(Shell $shell): Fitted
    {
        $lining = $this->lining($shell);
        $lay = $lining->lay($this->cloth()->mm);
        if ($lay === null) {
            $widest = max(array_map(fn(ClothPiece $one): float => $one->width(), $lining->pieces));
            // Whole centimetres up: never as wide as the cloth that it does not go on.
            $wants = Length::mm(10 * Whole::up($widest / 10));
            throw new Unmakeable('cloth', new Saying(
                'A piece is up to {wants} wide and does not go on cloth of {cloth}. Take wider cloth, or a lining '
                    .'of other pieces.',
                ['wants' => $wants, 'cloth' => $this->cloth()],
            ));
        }

        return new Fitted(
            new Saying(
                abs($lining->around - $lining->foot) < 1.0
                    ? '{as}: {around} around, {high} high; {long} of cloth {cloth} wide.'
                    : '{as}: {around} around at the opening and {foot} at the foot, {high} high; {long} of cloth '
                        .'{cloth} wide.',
                [
                    'as' => $lining->as,
                    'around' => Length::mm($lining->around),
                    'foot' => Length::mm($lining->foot),
                    'high' => Length::mm($lining->high),
                    'long' => Length::mm($lay[1]),
                    'cloth' => $this->cloth(),
                ],
            ),
            [
                ...$lining->order,
                ...($shell->holes === null ? [] : [new Saying(
                    'It ends {holes} under the edge, below the hand holes: catch it along the round under them.',
                    ['holes' => $shell->holes],
                )]),
            ],
            [new Remark(
                'cloth-cutting',
                Tone::Care,
                null,
                'Scissors, rotary cutters, pins.',
                'Cut away from you, on a mat, with the guard on; count the pins before and after.',
            )],
            [
                new Need(Kind::Cloth, 'Lining cloth', ceil($lay[1] / 10), size: $this->cloth()),
                ...($lining->string === null
                    ? []
                    : [Need::piece(Make::Drawn, 'String for the lining’s drawn top', size: $lining->string)]),
            ],
            minutes: self::MINUTES,
            settled: [
                'seam' => Length::mm($this->length('seam')->mm ?? Lining::SEAM),
                'cloth' => $this->cloth(),
                'lies' => $shell->wide,
                'stands' => $shell->high,
            ],
            lining: $lining,
            tools: [Tool::Thread, Tool::Pins, Tool::Iron],
        );
    }
}
