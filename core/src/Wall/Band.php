<?php

declare(strict_types=1);

namespace Fescue\Core\Wall;

use Fescue\Core\Instruction\Anchor;
use Fescue\Core\Instruction\Chains;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\FullName;
use Fescue\Core\Instruction\InOne;
use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Instruction\Skip;
use Fescue\Core\Instruction\Together;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\DoesNotDivide;
use Fescue\Core\Piece\Fewer;
use Fescue\Core\Piece\Flag;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\MadeByChoices;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Serves;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Side;
use Fescue\Core\Piece\Sized;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\WantsPlain;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/** So many rounds of a straight wall worked alike. */
final readonly class Band extends MadeByChoices
{
    private const MOST_ROUNDS = 400;

    /** Stitches that a round takes away where it tapers. */
    private const A_STEP = 4;

    /** Share by which a stitch of a band may be wider than single crochet before the wall shows it. From memory. */
    private const FLARES = 0.06;

    public static function key(): string
    {
        return 'band';
    }

    public static function called(): array
    {
        return ['Band', 'rounds worked alike'];
    }

    public function settings(?Ground $ground = null): array
    {
        $loops = [
            'both' => ['both loops', ''],
            'back' => ['back loop', 'ribs outside'],
            'front' => ['front loop', 'ribs inside'],
        ];

        return [
            new Choice('stitch', 'Stitch', $this->choice('stitch', 'sc'), short: '{motif}', asked: true, motif: true),
            new Choice(
                'loop',
                'Worked through',
                $this->choice('loop', 'both'),
                $loops,
                short: $this->choice('loop', 'both') === 'both' ? '' : '{choice}',
            ),
            new Setting(
                'rounds',
                'Rounds of body',
                new Counted('body round', short: '{n, plural, one {# round} other {# rounds}}'),
                $this->count('rounds'),
                new Bounds(1, self::MOST_ROUNDS),
                Unsaid::settled(),
                new Serves(Side::Height, $ground?->gauge->heightOf($this->motif('stitch'))),
                Fewer::rows(),
            ),
            new Sized(
                'top_width',
                'Tapers to a flat width of',
                'The width that a wall tapers to',
                $this->length('top_width'),
                Length::mm(10),
                Length::mm(2000),
            ),
            new Flag(
                'even',
                'Before it',
                $this->flag('even'),
                ['Nothing', 'its repeat divides the round'],
                ['A plain round', 'that evens the count to its repeat'],
            ),
            new Flag(
                'corners',
                'At the base’s corners',
                $this->flag('corners'),
                ['As it comes', 'the same all around'],
                ['One increase in each', 'in its first round: corners stay square'],
            ),
        ];
    }

    public function height(Ground $ground): ?Length
    {
        $rounds = $this->count('rounds');

        return $rounds === null ? null : $ground->gauge->heightOf($this->motif('stitch'))->times($rounds)->plus(
            $this->plain($ground),
        );
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        $motif = $this->motif('stitch');
        $on = $this->on($on);
        $around = $on->anchors;
        $this->cornered($motif, $on);
        if ($motif->goesRoundPosts() && ! $this->flag('even') && array_diff_key(
            array_flip(array_column($on->are(), 'value')),
            [Anchor::Stitch->value => true],
        ) !== []) {
            throw new WantsPlain(
                'stitch',
                new Saying(
                    '{motif} go round posts, and what is below has chains, which have none. Have a plain round '
                        .'worked first.',
                    ['motif' => new FullName($motif)],
                ),
            );
        }
        if ($motif->oneSided && $ground->school->working === Working::JoinedTurned) {
            throw new Unmakeable(
                'stitch',
                new Saying(
                    '{motif} shows on one side, and rounds that turn show both in turn. Work in a spiral, or join '
                        .'without turning.',
                    ['motif' => new FullName($motif)],
                ),
            );
        }
        $more = $motif->lacks($around, $ground->school->runsOn());
        if ($more > 0 && ! $this->flag('even') && ! $this->flag('corners')) {
            $beside = $motif->beside($ground->school->runsOn());
            throw new DoesNotDivide(
                'stitch',
                new Saying(
                    $beside === 0
                        ? '{Motif} repeats over {multiple} stitches, and a round has {around}. Have a plain round '
                            .'worked first, with two in one {more, plural, one {once} other {# times}}.'
                        : '{Motif} repeats over {multiple} stitches and in a spiral takes {beside} more, and a round '
                            .'has {around}. Have a plain round worked first, with two in one {more, plural, one '
                            .'{once} other {# times}}.',
                    [
                        'motif' => new FullName($motif), 'multiple' => $motif->multiple, 'beside' => $beside,
                        'around' => $around, 'more' => $more,
                    ],
                ),
                $motif->multiple,
            );
        }

        $band = $this->count('rounds') === null ? $this->with(
            ['rounds' => $this->rounds($wish, $ground, $motif)],
        ) : $this;
        $band->taper($ground, $around, $motif);

        return $band;
    }

    /** How high the plain round before it stands. */
    private function plain(Ground $ground): Length
    {
        return $ground->gauge->singleHeight()->times($this->flag('even') ? 1 : 0);
    }

    private function rounds(Wish $wish, Ground $ground, Motif $motif): int
    {
        $left = $wish->heightLeft();
        $height = $left === null ? null : $left - $this->plain($ground)->mm;
        $height ??= throw new Unmakeable(
            '/size/height',
            new Saying('Give a height, or the number of body rounds.'),
        );
        $round = $ground->gauge->heightOf($motif);
        $rounds = (int) round($height / $round->mm);
        if ($rounds < 1) {
            $least = $round->plus($wish->besides ?? Length::mm(0));
            throw new Unmakeable(
                '/size/height',
                new Saying(
                    'One round of the open band with all else of the body is already {least} high; ask for at '
                        .'least that.',
                    ['least' => $least],
                ),
            );
        }
        if ($rounds > self::MOST_ROUNDS) {
            throw new Unmakeable(
                '/size/height',
                new Saying(
                    'That needs {rounds} body rounds; Fescue plans up to {most}. Check the height and the gauge.',
                    ['rounds' => $rounds, 'most' => self::MOST_ROUNDS],
                ),
            );
        }

        return $rounds;
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        $on = $this->on($on);
        $motif = $this->motif('stitch');
        $loop = Loop::from($this->choice('loop', 'both'));
        $rows = [];
        if ($this->flag('even')) {
            $rows[] = $plain = $this->evened($ground, $on, $motif->lacks($on->anchors, $ground->school->runsOn()));
            $on = $ground->school->after($plain);
        }
        $climb = $ground->school->working === Working::Spiral
            ? $motif->postIn(0)->climbing(($on->fabric ?? $motif)->post())
            : [];
        $made = [];
        $steps = $this->taper($ground, $on->anchors, $motif);
        $last = $this->given('rounds') - 1;
        if ($this->flag('corners')) {
            $rows[] = $first = $this->atCorners($ground, $on, $loop);
            $on = $ground->school->after($first)->rounded();
        }
        for ($round = $this->flag('corners') ? 1 : 0; $round <= $last; $round++) {
            // Steps are spread evenly, none in the first round.
            $due = fn(int $after): int => intdiv(2 * $after * abs($steps) + $last, 2 * max(1, $last));
            if ($round > 0 && $due($round) > $due($round - 1)) {
                $rows[] = $step = $this->stepped($ground, $on, $motif, $loop, $steps > 0);
                $on = $ground->school->after($step);
                $made = [];

                continue;
            }
            // Rounds of the same row of the motif are the same instructions.
            $like = $round === 0 && ($climb !== [] || $on->kind !== EdgeKind::Tops) ? 'first' : $motif->place($round);
            $before = $made[$like] ?? null;
            if ($before !== null && $before->into[0] === $on) {
                // What leaves the edge that it met is followed once.
                $rows[] = $before;

                continue;
            }
            $rows[] = $made[$like] = $before !== null ? $before->again($on) : new Row(
                Part::Body,
                $motif,
                $ground->school->on(
                    $on->kind,
                    $motif->over($round, $on->anchors, $loop, $round === 0 ? $climb : []),
                    $motif->postIn($round),
                ),
                [$on],
            );
            $on = $ground->school->after($made[$like]);
        }

        return new Made($rows, $on, remarks: [
            ...$this->turns($motif, $rows[0]->into[0]),
            ...$this->gives($motif),
            ...$this->flares($motif, $ground),
            ...$this->tapers($ground, $on, $motif, $steps),
        ]);
    }

    /** A plain round of so many more, two in one spread evenly. */
    private function evened(Ground $ground, Edge $on, int $more): Row
    {
        $each = array_fill(0, $on->anchors, 1);
        for ($nth = 0; $nth < $more; $nth++) {
            $each[(int) floor(($nth + 0.5) * $on->anchors / $more)]++;
        }

        return new Row(
            Part::Body,
            Motif::single(),
            $ground->school->on(
                $on->kind,
                Repeat::found(Several::inRuns(Stitch::Single, array_values($each))),
                Stitch::Single,
            ),
            [$on],
        );
    }

    /** @throws Unmakeable where corners are asked for that are not there, or that the fabric cannot turn */
    private function cornered(Motif $motif, Edge $on): void
    {
        if ($this->flag('corners') && ($motif->windowed() === null || $on->corners === [])) {
            throw new Unmakeable('corners', $on->corners === []
                ? new Saying('What this band stands on has no corners; leave it as it comes.')
                : new Saying(
                    '{Motif} has no windows to turn a corner with; leave it as it comes.',
                    ['motif' => new FullName($motif)],
                ));
        }
    }

    /**
     * The first round of a mesh on corners: stitch, chain and stitch in each of their stitches, and one more skipped
     * where an even number lies between two, so that the count stays even. Common practice, no source.
     */
    private function atCorners(Ground $ground, Edge $on, Loop $loop): Row
    {
        $stitch = $this->motif('stitch')->windowed() ?? throw new \LogicException('A mesh has windows.');
        // From the last corner on every other stitch bears a post: where that is not the first, it is begun on the
        // next; where a corner is, on that.
        $corners = self::corners($on);
        $on = $on->begun(match ($corners[0]) {
            0, 1 => $corners[0],
            default => ($on->anchors - $corners[count($corners) - 1]) % 2,
        });
        $corners = self::corners($on);
        $post = new Each($stitch, 1, $loop);
        $corner = new InOne([$post, new Chains(1), $post]);
        $work = [$corners[0] === 0 ? $corner : $post];
        $at = 1;
        foreach (array_diff($corners, [0]) as $next) {
            array_push($work, ...self::windows($post, $next - $at), ...[$corner]);
            $at = $next + 1;
        }
        array_push($work, ...self::windows($post, $on->anchors - $at));

        return new Row(
            Part::Body,
            $this->motif('stitch'),
            $ground->school->ledTo($on, $ground->school->on($on->kind, $work, $stitch)),
            [$on],
        );
    }

    /** @return list<int> stitches on corners, in the order in which they are met */
    private static function corners(Edge $on): array
    {
        $corners = array_map(fn(float $corner): int => (int) floor($corner + 1e-9), $on->corners);
        sort($corners);

        return $corners;
    }

    /**
     * Windows over so many stitches between two posts.
     *
     * @return list<Instruction>
     */
    private static function windows(Each $post, int $between): array
    {
        $window = [new Chains(1), new Skip(1), $post];
        $times = intdiv(max(0, $between - 1), 2);

        return [
            ...match ($times) {
                0 => [],
                1 => $window,
                default => [new Repeat($window, $times)],
            },
            new Chains(1),
            ...($between < 1 ? [] : [new Skip(2 - $between % 2)]),
        ];
    }

    /** @return list<Remark> what is offered where a mesh begins on corners */
    private function turns(Motif $motif, Edge $on): array
    {
        return $motif->windowed() === null || count($on->corners) !== 4 || $this->flag('corners') ? [] : [
            new Remark(
                'mesh-corners',
                Tone::Better,
                0,
                'A mesh draws in at the base’s corners.',
                'One increase in each corner keeps them square: choose it at this band.',
            ),
        ];
    }

    /** @return list<Remark> */
    private function gives(Motif $motif): array
    {
        return $motif->isOpen() ? [
            new Remark(
                'mesh-open',
                Tone::Better,
                null,
                'A mesh gives, and lets small things through.',
                'Line the bag or keep large things in it; it hangs longer than it lies.',
            ),
        ] : [];
    }

    /** @return list<Remark> */
    private function flares(Motif $motif, Ground $ground): array
    {
        $wider = $ground->gauge->widthOf($motif)->mm / $ground->gauge->singleWidth()->mm - 1;
        if (abs($wider) <= self::FLARES) {
            return [];
        }
        $percent = (int) round(100 * abs($wider));

        return [
            new Remark(
                'band-width',
                Tone::Better,
                0,
                $wider > 0
                    ? 'From {row} the {motif} is {percent} % wider.'
                    : 'From {row} the {motif} is {percent} % narrower.',
                $wider > 0
                    ? 'The wall flares there; a smaller hook for that band holds it straight.'
                    : 'The wall draws in there; a larger hook for that band lets it out.',
                ['motif' => $motif, 'percent' => $percent],
            ),
        ];
    }

    /**
     * Rounds in which four stitches go, one beside each side of both folds, or come where it widens; below zero of
     * those that come.
     *
     * @throws Unmakeable
     */
    private function taper(Ground $ground, int $around, Motif $motif): int
    {
        $top = $this->length('top_width');
        if ($top === null) {
            return 0;
        }
        if ($motif->multiple !== 1) {
            throw new Unmakeable(
                'top_width',
                new Saying(
                    '{motif} repeats over {multiple} stitches and stays as wide as it is; taper a band of plain '
                        .'stitches.',
                    ['motif' => new FullName($motif), 'multiple' => $motif->multiple],
                ),
            );
        }
        $steps = (int) round(($around - 2 * $top->mm / $ground->gauge->widthOf($motif)->mm) / self::A_STEP);
        $least = $ground->gauge->widthOf($motif)->times(
            max(0, $around - self::A_STEP * ($this->given('rounds') - 1)) / 2,
        );
        if (abs($steps) > $this->given('rounds') - 1) {
            throw new Unmakeable(
                'top_width',
                new Saying(
                    $steps > 0
                        ? 'That is too steep for {n, plural, one {# round} other {# rounds}}: {step, plural, one '
                            .'{# stitch} other {# stitches}} a round bring it to {least} at the least.'
                        : 'That is too steep for {n, plural, one {# round} other {# rounds}}: {step, plural, one '
                            .'{# stitch} other {# stitches}} a round is the most that widens it.',
                    ['n' => $this->given('rounds'), 'step' => self::A_STEP, 'least' => $least],
                ),
            );
        }

        return $steps;
    }

    /** @return list<Remark> */
    private function tapers(Ground $ground, Edge $top, Motif $motif, int $steps): array
    {
        return $steps === 0 ? [] : [
            new Remark(
                'tapers',
                Tone::Better,
                null,
                $steps > 0 ? 'The wall tapers to {wide}.' : 'The wall widens to {wide}.',
                $steps > 0
                    ? '{n} stitches go in {rounds} of its rounds, one on either side of both folds.'
                    : '{n} stitches come in {rounds} of its rounds, one on either side of both folds.',
                [
                    'wide' => $ground->gauge->widthOf($motif)->times($top->anchors / 2),
                    'n' => self::A_STEP,
                    'rounds' => abs($steps),
                ],
            ),
        ];
    }

    /** A round with four stitches fewer, or more: two together, or two in one, on either side of both folds. */
    private function stepped(Ground $ground, Edge $on, Motif $motif, Loop $loop, bool $fewer): Row
    {
        $many = $on->anchors;
        $wide = $fewer ? 2 : 1;
        // Beside each fold, no pair across the beginning of the round; a stitch that lies on a fold is left alone.
        $each = array_fill(0, $many, 1);
        foreach ($on->front() as $fold) {
            $fold = round($fold, 6);
            $before = ((int) floor($fold) - $wide + $many) % $many;
            $after = ((int) ceil($fold) + $many) % $many;
            $each[min($many - $wide, $before)] = $fewer ? 0 : 2;
            $each[$after > $many - $wide ? 0 : $after] = $fewer ? 0 : 2;
        }
        $work = [];
        for ($place = 0, $plain = 0; $place <= $many; $place++) {
            $is = $each[$place] ?? null;
            if ($is === 1) {
                $plain++;

                continue;
            }
            if ($plain > 0) {
                $work[] = new Each($motif->post(), $plain, $loop);
                $plain = 0;
            }
            // Two side by side are told as one.
            $last = array_key_last($work);
            $before = $last === null ? null : $work[$last];
            if ($is === 0) {
                $beside = $before instanceof Together ? $before->count : 0;
                array_splice($work, count($work) - (int) ($beside > 0), 1, [
                    new Together($motif->post(), 2, $beside + 1, $loop),
                ]);
                $place++;
            } elseif ($is === 2) {
                $beside = $before instanceof Several ? $before->anchors : 0;
                array_splice($work, count($work) - (int) ($beside > 0), 1, [
                    new Several($motif->post(), 2, $beside + 1, $loop),
                ]);
            }
        }

        return new Row(
            Part::Body,
            $motif,
            $ground->school->around($work === [] ? [new Each($motif->post(), $many)] : $work, $motif->post()),
            [$on],
        );
    }

    private function on(?Edge $on): Edge
    {
        return $on ?? throw new Unmakeable('stitch', new Saying('A wall stands on something.'));
    }
}
