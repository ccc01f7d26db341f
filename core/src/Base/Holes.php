<?php

declare(strict_types=1);

namespace Fescue\Core\Base;

use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Start;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\MadeByChoices;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Series;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Sized;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Shape\Outline;
use Fescue\Core\Shape\Places;
use Fescue\Core\Shape\Rectangle;
use Fescue\Core\Shape\Stadium;
use Fescue\Core\Stitch\Stitch;

/**
 * A ready-made base with holes: one or two stitches in each, two in each corner, so many in all as lie nearest to the
 * outline and the wall's fabric divides; alike on opposite sides. The first hook enters the middle of a long side, and
 * the round stands. Common practice, no source.
 */
final readonly class Holes extends MadeByChoices
{
    private const MOST_HOLES = 400;

    /** Most stitches that a hole takes, and the most where nothing is said. */
    private const MOST_IN_ONE = 3;

    private const USUAL_IN_ONE = 2;

    private const IN_CORNER = 2;

    /** Millimetres from the edge of a plate to its holes. From memory. */
    private const INSIDE = 4.0;

    /** Share by which the round may be longer or shorter than the outline before it shows. From memory. */
    private const SHOWS = 0.06;

    public static function key(): string
    {
        return 'holes';
    }

    public static function called(): array
    {
        return ['Ready-made', 'a bought base with holes'];
    }

    public function settings(?Ground $ground = null): array
    {
        return [
            new Setting(
                'holes',
                'Holes',
                new Counted('hole', short: '{n} holes'),
                $this->count('holes'),
                new Bounds(8, self::MOST_HOLES),
                Unsaid::refused(),
            ),
            new Sized(
                'length',
                'Its length',
                'The length of the base',
                $this->length('length'),
                Length::mm(20),
                Length::mm(2000),
                true,
            ),
            new Sized(
                'width',
                'Its width',
                'The width of the base',
                $this->length('width'),
                Length::mm(20),
                Length::mm(2000),
                true,
            ),
            new Choice(
                'corners',
                'Its corners',
                $this->choice('corners', '4'),
                ['4' => ['Four', 'a hole in each, two stitches there'], '0' => ['None', 'an oval or a round']],
            ),
            new Series(
                'per_hole',
                'Stitches in following holes',
                'stitches of a hole',
                $this->series('per_hole'),
                1,
                self::MOST_IN_ONE,
                12,
                '2, 1',
            ),
            new Setting(
                'count',
                'Stitches in all',
                new Counted('stitch around', 'stitches around', '{n} around'),
                $this->count('count'),
                new Bounds(8, self::MOST_IN_ONE * self::MOST_HOLES),
                Unsaid::settled(),
            ),
            new Sized(
                'first_hook',
                'Hook for the holes',
                'The hook for the holes',
                $this->length('first_hook'),
                Length::mm(1),
                Length::mm(25),
                unit: LengthUnit::Millimetre,
            ),
            new Sized(
                'hole',
                'Width of a hole',
                'The width of a hole',
                $this->length('hole'),
                Length::mm(1),
                Length::mm(30),
                unit: LengthUnit::Millimetre,
            ),
        ];
    }

    public function height(Ground $ground): Length
    {
        return $ground->gauge->singleHeight();
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        [$holes, $corners] = [$this->given('holes'), $this->corners()];
        if ($holes % 2 !== 0) {
            throw new Unmakeable(
                'holes',
                new Saying(
                    'Opposite sides have as many holes, so there is an even number; {holes} is odd. Count them '
                        .'once more.',
                    ['holes' => $holes],
                ),
            );
        }
        [$least, $most] = [$holes + $corners, self::MOST_IN_ONE * ($holes - $corners) + self::IN_CORNER * $corners];
        $told = $this->series('per_hole') === null ? null : 2 * array_sum($this->half());
        $count = $this->count('count');
        if ($told !== null && $count !== null && $told !== $count) {
            throw new Unmakeable(
                'count',
                new Saying(
                    'These stitches a hole make {told} around, not {n}; leave one of the two open.',
                    ['told' => $told, 'n' => $count],
                ),
            );
        }
        if ($count !== null && ($count < $least || $count > $most || $count % 2 !== 0)) {
            throw new Unmakeable(
                'count',
                new Saying(
                    $corners > 0
                        ? 'One to three in a hole, two in a corner, make an even number from {least} to {most}; '
                            .'{count} is none.'
                        : 'One to three in a hole make an even number from {least} to {most}; {count} is none.',
                    ['least' => $least, 'most' => $most, 'count' => $count],
                ),
            );
        }

        return $this->with(['count' => $told ?? $count ?? $this->solved($ground)]);
    }

    /** The number nearest to the outline that the wall's fabric divides, of one or two in a hole. @throws Unmakeable */
    private function solved(Ground $ground): int
    {
        $flat = $this->outline()->perimeter() / $ground->gauge->singleWidth()->mm;
        $wall = $ground->wall();
        $usual = self::USUAL_IN_ONE * $this->given('holes');
        $best = null;
        for ($count = $this->given('holes') + $this->corners(); $count <= $usual; $count++) {
            if (
                $count % 2 === 0
                // Where it takes an odd number the wall itself asks for a plain round first.
                && ($count % $wall->multiple === 0 || $wall->beside($ground->school->runsOn()) > 0)
                && ($best === null || abs($count - $flat) < abs($best - $flat))
            ) {
                $best = $count;
            }
        }

        return $best ?? throw new Unmakeable(
            'count',
            new Saying(
                'No number of one or two stitches a hole divides by the wall’s {multiple}; say how many, or give '
                    .'the wall another stitch.',
                ['multiple' => $wall->multiple],
            ),
        );
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        [$holes, $fabric] = [$this->given('holes'), Motif::single()];
        $half = $this->half();
        $work = $this->worked($half);
        $high = $ground->gauge->heightOf($fabric)->mm;
        $around = 2 * array_sum($half);
        // A hole in the middle of the side is the first; where the middle lies between two, the next to it.
        $inMiddle = $this->beforeCorner() === null || $this->alongSide() % 2 === 1;
        $places = $this->places();
        $row = new Row(
            Part::Base,
            $fabric,
            $ground->school->close($work),
            [new Edge(EdgeKind::Holes, $holes)],
            path: $places->several([...$half, ...$half], $high / 2, $ground->gauge->singleWidth()->mm * 0.9),
        );

        return new Made(
            [$row],
            Edge::around($around, $inMiddle ? $half[0] / 2 : 0.0, $fabric),
            new Start(
                $holes,
                0,
                $places->several([], -min(self::INSIDE, $this->outline()->width() / 8), 0.0),
                EdgeKind::Holes,
                $this->length('first_hook'),
            ),
            $this->outline(),
            $this->remarks($ground, $around),
        );
    }

    /** @return list<Remark> */
    private function remarks(Ground $ground, int $around): array
    {
        $flat = $this->outline()->perimeter() / $ground->gauge->singleWidth()->mm;
        $remarks = [];
        if (abs($around / $flat - 1) > self::SHOWS) {
            $more = $around > $flat;
            $remarks[] = new Remark(
                $more ? 'holes-ruffle' : 'holes-draw-in',
                Tone::Trouble,
                0,
                $more ? 'The round on the base will ruffle.' : 'The round on the base will draw in.',
                $more
                    ? 'It has {around} stitches where {flat} go around. Work fewer in a hole, or a thinner strand.'
                    : 'It has {around} stitches where {flat} go around. Work two in more holes; in the next round two '
                        .'more in the middle of each long side let it out.',
                ['around' => $around, 'flat' => (int) round($flat)],
            );
        }
        $hole = $this->length('hole');
        if ($hole !== null && $ground->strand !== null && $ground->strand->mm > $hole->mm) {
            $remarks[] = new Remark(
                'holes-tight',
                Tone::Trouble,
                0,
                'The strand is thicker than a hole of {hole}.',
                'Halve it lengthwise for this round, or take a thinner one, and a thin hook.',
                ['hole' => $hole],
                works: true,
            );
        }

        return $remarks;
    }

    private function corners(): int
    {
        return (int) $this->choice('corners', '4');
    }

    private function outline(): Outline
    {
        [$length, $width] = [$this->length('length')->mm ?? 0.0, $this->length('width')->mm ?? 0.0];
        [$long, $short] = [max($length, $width), min($length, $width)];

        return $this->corners() > 0 ? new Rectangle($long, $short) : new Stadium($long - $short, $short / 2);
    }

    /** Holes of a long side between its corners; of half the plate where it has none. */
    private function alongSide(): int
    {
        $half = intdiv($this->given('holes') - $this->corners(), 2);
        $outline = $this->outline();

        return $this->corners() === 0 ? $half : (int) round(
            $half * $outline->length() / ($outline->length() + $outline->width()),
        );
    }

    /** Holes from the middle of a long side to its corner; null where it has none. */
    private function beforeCorner(): ?int
    {
        return $this->corners() === 0 ? null : intdiv($this->alongSide() + 1, 2);
    }

    /** @return non-empty-list<int> stitches a hole of half the plate, from the middle of a long side to the next */
    private function half(): array
    {
        $many = intdiv($this->given('holes'), 2);
        $before = $this->beforeCorner();
        $corners = $before === null ? [] : [$before, $before + 1 + ($many - 2 - $this->alongSide())];
        $plain = $many - count($corners);
        $pattern = $this->series('per_hole');
        $wanted = intdiv($this->given('count'), 2) - self::IN_CORNER * count($corners);
        $each = [];
        for ($hole = 0, $nth = 0; $hole < $many; $hole++) {
            if (in_array($hole, $corners, true)) {
                $each[] = self::IN_CORNER;

                continue;
            }
            $each[] = $pattern === null
                ? intdiv(($nth + 1) * $wanted, $plain) - intdiv($nth * $wanted, $plain)
                : $pattern[$nth % count($pattern)];
            $nth++;
        }

        return $each === [] ? [1] : $each;
    }

    /**
     * @param list<int> $half stitches a hole of half the plate
     *
     * @return non-empty-list<Instruction>
     */
    private function worked(array $half): array
    {
        $runs = Several::inRuns(Stitch::Single, $half, Into::Hole);

        return Repeat::found([...$runs, ...$runs]);
    }

    /** Where the holes are on the outline, from the middle of a long side to the left; a corner's face both ways. */
    private function places(): Places
    {
        $outline = $this->outline();
        $many = $this->given('holes');
        $corner = $this->beforeCorner();
        if ($corner === null) {
            $ring = (new Stadium($outline->length() - $outline->width(), $outline->width() / 2))->around(0.0);
            // The first lies in the middle of the side.
            $way = $ring->from(-0.5 / $many);

            return Places::along($way, $many);
        }
        $long = $this->alongSide();

        return (new Rectangle($outline->length(), $outline->width()))->places(
            $long,
            intdiv($many - $this->corners(), 2) - $long,
            $long - $corner,
        );
    }
}
