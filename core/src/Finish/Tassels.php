<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\ByChoices;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Sized;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Saying\Saying;

/**
 * Tassels wound on a card of 5 to 6 cm, about as thick as a finger (50 wraps of a thin yarn), a tie of 15 cm, a binding
 * of 30 cm, the first on the third stitch and one on every sixth. Common practice, no source.
 */
final readonly class Tassels extends ByChoices implements Finishing
{
    /** mm through a tassel's neck, and how much of it is strand; from memory. */
    private const THICK = 20.0;

    private const PACKED = 0.75;

    private const FEWEST = 4;

    private const MOST = 400;

    private const CARD = 55.0;

    private const EVERY = 6;

    private const TIE = 150.0;

    private const BINDING = 300.0;

    private const MINUTES = 6.0;

    private const AROUND = 'around';

    public static function key(): string
    {
        return 'tassels';
    }

    public static function called(): array
    {
        return ['Tassels', 'round the edge, or one at each fold'];
    }

    public function settings(?Ground $ground = null): array
    {
        return [
            new Choice('where', 'Where', $this->choice('where', self::AROUND), [
                self::AROUND => ['round the edge', 'one on every so many stitches'],
                'folds' => ['at the folds', 'one at each'],
                'one' => ['one', 'from the front’s middle'],
            ]),
            new Setting(
                'every',
                'On every so many stitches',
                new Counted('stitch', 'stitches'),
                $this->given('every', self::EVERY),
                new Bounds(1, 60),
                Unsaid::is(self::EVERY),
            ),
            new Setting(
                'wraps',
                'Wraps',
                new Counted('wrap'),
                $this->count('wraps'),
                new Bounds(self::FEWEST, self::MOST),
                Unsaid::settled(),
            ),
            new Sized('card', 'The card is long', 'A card', $this->length('card'), Length::mm(15), Length::mm(400)),
        ];
    }

    /** What one takes: once round the card is its length there and back. */
    private function each(Shell $shell): Length
    {
        return Length::mm(2 * $this->card()->mm * $this->wraps($shell) + self::TIE + self::BINDING);
    }

    /** Two strands a wrap fill the neck. */
    private function wraps(Shell $shell): int
    {
        $fill = self::PACKED * (self::THICK / $shell->strand->mm) ** 2 / 2;

        return $this->count('wraps') ?? max(self::FEWEST, min(self::MOST, (int) round($fill)));
    }

    private function card(): Length
    {
        return $this->length('card') ?? Length::mm(self::CARD);
    }

    public function fit(Shell $shell): Fitted
    {
        $around = $shell->around();
        $every = $this->given('every', self::EVERY);
        $where = $this->choice('where', self::AROUND);
        if ($where === self::AROUND && $every > $around) {
            throw new Unmakeable(
                'every',
                new Saying(
                    'The edge has {around} stitches: no tassel on every {every}. Take fewer.',
                    ['around' => $around, 'every' => Decimal::ordinal($every)],
                ),
            );
        }
        $many = match ($where) {
            self::AROUND => intdiv($around, $every),
            'folds' => 2,
            default => 1,
        };
        $left = $around - $many * $every;
        $first = max(1, intdiv($every, 2));
        $wide = $shell->opening->mm;
        $fixtures = [];
        foreach (match ($where) {
            self::AROUND => range(0, max(0, intdiv($many, 2) - 1)),
            'folds' => [-1, -2],
            default => [-3],
        } as $nth) {
            $x = match ($nth) {
                -1 => -$wide / 2,
                -2 => $wide / 2,
                -3 => 0.0,
                default => $wide * (($nth + 0.5) / max(1, intdiv($many, 2)) - 0.5),
            };
            $fixtures[] = new Fixture(Shape::Tassel, $x, 0.0, $this->card()->mm / 3, $this->card()->mm);
        }

        return new Fitted(
            new Saying(
                '{n} of {card}, {each} of strand each.',
                ['card' => $this->card(), 'each' => $this->each($shell), 'n' => $many],
            ),
            [
                new Saying(
                    $this->count('wraps') === null
                        ? 'Wind about {n} times round a card of {card}, until it is as thick as a finger; tie through '
                            .'the top with {tie}, bind the neck with {binding}, cut the foot open away from you.'
                        : 'Wind {n} times round a card of {card}; tie through the top with {tie}, bind the neck with '
                            .'{binding}, cut the foot open away from you.',
                    [
                        'n' => $this->wraps($shell),
                        'card' => $this->card(),
                        'tie' => Length::mm(self::TIE),
                        'binding' => Length::mm(self::BINDING),
                    ],
                ),
                new Saying(match (true) {
                    $where === 'folds' => 'One on the stitch at each fold.',
                    $where !== self::AROUND => 'From the front’s middle.',
                    $left === 0 => 'The first on stitch {first}, then {every, plural, one {one on every stitch} other '
                        .'{one every # stitches}}: {many} in all.',
                    default => 'The first on stitch {first}, then {every, plural, one {one on every stitch} other {one '
                        .'every # stitches}}: {many} in all; {left, plural, one {# stitch} other {# stitches}} left '
                        .'over: move the last ones to even it out.',
                }, ['first' => $first, 'every' => $every, 'many' => $many, 'left' => $left]),
            ],
            strand: $this->each($shell)->times($many),
            fixtures: $fixtures,
            minutes: self::MINUTES * $many,
            settled: ['card' => $this->card(), 'wraps' => $this->wraps($shell)],
            tools: [Tool::Card],
        );
    }
}
