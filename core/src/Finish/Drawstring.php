<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Material\Make;
use Fescue\Core\Material\Need;
use Fescue\Core\Measure\Length;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\ByChoices;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Sized;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Saying\Saying;

/**
 * A drawstring through a round near the edge: at least twice the opening and ties, over one stitch and under the next.
 * Common practice, no source.
 */
final readonly class Drawstring extends ByChoices implements Finishing
{
    /** What hangs out at each end, mm. From memory. */
    private const TIE = 110.0;

    /** From the middle of the front to where each end comes out, mm. Common practice, no source. */
    private const OUT = 30.0;

    private const CHAIN = 'chain';

    private const BOUGHT = 'bought';

    /** Strand that a length of it takes. Chains as Stitch has them; the others from memory. */
    private const TAKES = [self::CHAIN => 3.2, 'double' => 6.4, 'twist' => 3.0];

    /** Two tails, mm. */
    private const TAILS = 350.0;

    private const MINUTES = 30.0;

    public static function key(): string
    {
        return 'drawstring';
    }

    public static function called(): array
    {
        return ['Drawstring', 'in and out below the edge'];
    }

    public function settings(?Ground $ground = null): array
    {
        return [
            new Choice('as', 'Made as', $this->choice('as', self::CHAIN), [
                self::CHAIN => ['chain', 'of one strand'],
                'double' => ['chain of two', 'of the strand laid double'],
                'twist' => ['twist', 'one strand turned until it kinks, folded'],
                self::BOUGHT => ['bought', 'cord or ribbon from the stash'],
            ]),
            new Setting(
                'under',
                'Rounds below the last',
                new Counted('round below the last', 'rounds below the last'),
                $this->given('under', 1),
                new Bounds(0, 40),
                Unsaid::is(1),
            ),
            new Sized('tie', 'Each tie', 'A tie', $this->length('tie'), Length::mm(20), Length::mm(1000)),
        ];
    }

    /**
     * Over one, under one: an even number of stitches leaves both ends outside, of an odd number two are passed as one.
     *
     * @param int $passed stitches from where one end comes out, away from the middle, to where the other does
     * @param Length $opening lying flat
     *
     * @return array{Length, int, ?int} how long, how often it goes under, the stitch after which two are passed as one
     */
    public function led(int $passed, Length $opening): array
    {
        $under = intdiv($passed, 2);

        return [
            Length::mm(2 * $opening->mm + 2 * ($this->length('tie')->mm ?? self::TIE)),
            $under,
            $passed === 2 * $under ? null : $under,
        ];
    }

    public function fit(Shell $shell): Fitted
    {
        $under = min($this->given('under', 1), max(0, count($shell->levels) - 1));
        $level = $shell->levels[$under] ?? null;
        $stitches = $level->around ?? $shell->around();
        // On a stitch, that one stands between the ends too.
        $onStitch = $level !== null && abs($level->front - round($level->front)) > 0.25;
        $out = max(1, min((int) round(self::OUT / $shell->stitch->mm), intdiv($stitches - 3, 2)));
        $passed = $stitches - 2 * $out - (int) $onStitch;
        [$long, $gaps, $doubled] = $this->led($passed, $shell->opening);
        $as = $this->choice('as', self::CHAIN);
        $takes = self::TAKES[$as] ?? null;
        $strand = $takes === null ? null : Length::mm($takes * $long->mm + self::TAILS);
        $remarks = [new Remark(
            'cords-strangle',
            Tone::Care,
            null,
            'Drawstrings and long straps can strangle.',
            'Not for small children; goods that are sold fall under local safety rules.',
        )];
        if ($level !== null) {
            array_unshift($remarks, new Remark(
                'drawstring-round',
                Tone::Better,
                $level->place,
                'The drawstring goes through here.',
                'Work it as loosely as the needle with the string will need.',
                works: true,
            ));
        }

        return new Fitted(
            new Saying(
                $onStitch
                    ? '{long} over one and under one, {gaps} times under in {passed} stitches, both ends out on the '
                        .'front, {out, plural, one {# stitch} other {# stitches}} either side of its middle stitch.'
                    : '{long} over one and under one, {gaps} times under in {passed} stitches, both ends out on the '
                        .'front, {out, plural, one {# stitch} other {# stitches}} either side of its middle.',
                ['long' => $long, 'gaps' => $gaps, 'passed' => $passed, 'out' => $out],
            ),
            [
                $strand === null
                    ? new Saying('Cut {long}, and see to its ends.', ['long' => $long])
                    : new Saying(match ($as) {
                        'twist' => 'Cut {strand}, turn it the way it is laid until it kinks, fold it in half and '
                            .'let it twist: {long}.',
                        'double' => 'Chain {long} with the strand laid double, from {strand}.',
                        default => 'Chain {long} from {strand}.',
                    }, ['long' => $long, 'strand' => $strand]),
                new Saying(
                    $onStitch
                        ? 'Begin {n, plural, one {# stitch} other {# stitches}} beside the front’s middle stitch and '
                            .'go '
                            .'away from it: over one, under one.'
                        : 'Begin {n, plural, one {# stitch} other {# stitches}} beside the front’s middle and go away '
                            .'from it: over one, under one.',
                    ['n' => $out],
                ),
                ...($level === null ? [] : [new Saying('It goes through {row}.', ['row' => $level->row])]),
                ...($doubled === null ? [] : [new Saying(
                    'Pass two as one after {n}, at the back, so that both ends lie outside.',
                    ['n' => $doubled],
                )]),
                new Saying('Draw it shut and open twice, then knot both ends.'),
            ],
            $remarks,
            $as === self::BOUGHT ? [Need::piece(Make::Drawn, 'Cord or ribbon to draw', size: $long)] : [],
            $strand,
            [
                new Fixture(Shape::Cord, 0.0, $level->under->mm ?? $shell->row->mm, $shell->opening->mm, $gaps),
            ],
            self::MINUTES,
            ['tie' => Length::mm(self::TIE)],
        );
    }
}
