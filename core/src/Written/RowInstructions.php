<?php

declare(strict_types=1);

namespace Fescue\Core\Written;

use Fescue\Core\Instruction\Between;
use Fescue\Core\Instruction\Chains;
use Fescue\Core\Instruction\Count;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\InOne;
use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Join;
use Fescue\Core\Instruction\Marker;
use Fescue\Core\Instruction\PassedChains;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Instruction\Skip;
use Fescue\Core\Instruction\SlipOn;
use Fescue\Core\Instruction\StartingChain;
use Fescue\Core\Instruction\Together;
use Fescue\Core\Instruction\Turn;
use Fescue\Core\Instruction\Under;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Text\Chain;
use Fescue\Core\Text\PlacesTaken;
use Fescue\Core\Text\RowReading;
use Fescue\Core\Text\RowWalk;
use Fescue\Core\Text\Sign;
use Fescue\Core\Text\SkippedPlaces;
use Fescue\Core\Text\Step;
use Fescue\Core\Text\Target;
use Fescue\Core\Text\Worked;

/** A row of a text as instructions, stitch by stitch as it was proven over what is there. */
final class RowInstructions
{
    /** More of them are not searched for what repeats. */
    private const SEARCHED = 300;

    private const STITCH = 'stitch';

    private const SPACE = 'space';

    private const PASSED = 'passed';

    /** @var list<Instruction> on the edge that is worked on now */
    private array $made = [];

    /** @var list<array{EdgeKind, list<Instruction>}> edges that were worked on before */
    private array $edges = [];

    /** @var list<array{bool, int, int}> what is there, as Tops has it */
    private array $runs;

    private int $run = 0;

    /** Places of that run that are taken. */
    private int $in = 0;

    private bool $isBegun = false;

    /** Chains of a space beside the one that the chain at the beginning stands on. */
    private int $rest = 0;

    private bool $isInRing = false;

    /** A place that the chain at the beginning stood on, and that is told to be skipped besides. */
    private bool $isApart = false;

    private readonly Loop $loop;

    /**
     * @param EdgeKind $kind of the edge that it begins on
     * @param bool $turned whether the work is turned before it
     */
    private function __construct(
        private readonly RowReading $reading,
        private EdgeKind $kind,
        private readonly bool $turned,
    ) {
        $this->runs = $reading->below?->runs()
            ?? array_map(fn(array $one): array => [$one[0], 1, $one[1]], $reading->places);
        $this->loop = match (true) {
            Sign::isAmong($reading->steps, Sign::BACK_LOOPS) => Loop::Back,
            Sign::isAmong($reading->steps, Sign::FRONT_LOOPS) => Loop::Front,
            default => Loop::Both,
        };
    }

    /**
     * @param bool $marks whether it begins rounds that run on
     *
     * @return non-empty-list<array{EdgeKind, non-empty-list<Instruction>}> what is worked on each edge, in their order
     *
     * @throws NotWorkable
     */
    public static function of(RowReading $reading, EdgeKind $kind, bool $turned, bool $marks = false): array
    {
        $row = new self($reading, $kind, $turned);
        foreach (RowWalk::done($reading) as [$step, $places]) {
            $row->step($step, $places);
        }
        $row->begin();
        $row->passRest();

        return $row->all($marks);
    }

    /** @return non-empty-list<array{EdgeKind, non-empty-list<Instruction>}> */
    private function all(bool $marks): array
    {
        $closes = match (true) {
            Sign::isAmong($this->reading->steps, Sign::JOIN) => [new Join($this->counts())],
            $marks => [new Marker()],
            default => [],
        };
        $this->edges[] = [$this->kind, $this->made];
        $all = [];
        foreach ($this->edges as $nth => [$kind, $made]) {
            if ($made === []) {
                throw new NotWorkable();
            }
            $told = count($made) > self::SEARCHED ? $made : Repeat::found($made);
            $all[] = [$kind, $nth === count($this->edges) - 1 ? [...$told, ...$closes] : $told];
        }

        return $all;
    }

    private function counts(): bool
    {
        return str_starts_with($this->reading->start, 'counts') || $this->reading->leads;
    }

    private function step(Step $step, int $places): void
    {
        match (true) {
            $step instanceof Chain => $this->chain($step),
            $step instanceof Worked => $this->worked($step, $places),
            $step instanceof SkippedPlaces => $this->skip($step, $places),
            $step instanceof Sign && $step->what === Sign::OTHER_SIDE => $this->goOnAlong(EdgeKind::OtherSide),
            default => null,
        };
    }

    private function goOnAlong(EdgeKind $kind): void
    {
        $this->begin();
        if (Count::of($this->made)->takes === 0) {
            // Of a strip both long edges, one after the other.
            $isBoth = $kind === EdgeKind::OtherSide && $this->kind === EdgeKind::Tops;
            $this->kind = $isBoth ? EdgeKind::LongEdges : $kind;

            return;
        }
        $this->passRest();
        $this->edges[] = [$this->kind, $this->made];
        [$this->kind, $this->made, $this->runs] = [$kind, [], []];
    }

    /** How the row is lifted, where nothing did so yet. */
    private function begin(?Chain $by = null): void
    {
        if ($this->isBegun) {
            return;
        }
        $this->isBegun = true;
        $start = $this->reading->start;
        $stitch = Stitch::tryFrom($by->counts ?? '') ?? $this->first();
        if ($this->kind === EdgeKind::Chain) {
            // What lifts a first row belongs to its chain; in a ring it may stand for a stitch, and so may what is
            // passed on a chain.
            $this->made = match (true) {
                ! $this->reading->leads => [],
                $this->reading->isChain || $by === null => [new PassedChains($stitch->startingChains(), $stitch)],
                default => [new StartingChain($by->many, $stitch)],
            };
            $this->isInRing = $this->reading->leads;

            return;
        }
        // Of rows that are turned, what lifts them may be left unsaid.
        $lifts = $start === '' ? $by->many ?? ($this->turned ? $stitch->startingChains() : 0) : 0;
        $this->made = match (true) {
            $this->turned => [new Turn($lifts)],
            $lifts > 0 => [new StartingChain($lifts, alone: true)],
            default => [],
        };
        if ($by === null || $start === '') {
            return;
        }
        if ($start === 'space') {
            $this->made[] = new Chains($by->many);

            return;
        }
        $this->isApart = $start === 'counts-apart';
        // The chain that counts stands on what is there first.
        foreach ($this->take(1) as [$kind, $chains]) {
            if ($kind === self::PASSED) {
                $this->made[] = new SlipOn($chains);
            } else {
                $this->rest = $kind === self::SPACE ? $chains - 1 : 0;
            }
        }
        $more = $start === 'counts-more' ? max(0, $by->many - 3) : $by->more;
        $this->made[] = new StartingChain($by->many - $more, $stitch);
        if ($more > 0) {
            $this->add(new Chains($more));
        }
    }

    private function chain(Chain $chain): void
    {
        if (! $this->isBegun && $this->isLifted()) {
            $this->begin($chain);

            return;
        }
        $this->begin();
        $this->add(new Chains($chain->many));
    }

    /** Whether it begins with a chain: one that a repeat begins with is worked as often as that. */
    private function isLifted(): bool
    {
        $does = array_values(array_filter($this->reading->steps, fn(Step $one): bool => ! $one instanceof Sign));

        return ($does[0] ?? null) instanceof Chain;
    }

    private function first(): Stitch
    {
        foreach ($this->reading->steps as $step) {
            if ($step instanceof Worked) {
                return Stitch::tryFrom($step->in[0][0]) ?? Stitch::Single;
            }
        }

        return Stitch::Single;
    }

    private function skip(SkippedPlaces $skip, int $places): void
    {
        $this->begin();
        $this->leave();
        if ($skip->into === Target::RowEnd && $this->kind !== EdgeKind::RowEnds) {
            $this->goOnAlong(EdgeKind::RowEnds);
        }
        $places -= (int) $this->isApart;
        $this->isApart = false;
        if ($places > 0) {
            foreach ($this->take($places) as [, $chains, $count]) {
                $this->add(new Skip($chains * $count));
            }
        }
    }

    private function worked(Worked $work, int $places): void
    {
        $this->begin();
        if ($this->isApart) {
            throw new NotWorkable();
        }
        if ($work->takes === 0 || ($work->into === Target::Ring && $this->isInRing)) {
            $this->again($work);

            return;
        }
        $this->isInRing = $work->into === Target::Ring;
        $this->leave();
        $isAlongEnds = $work->into === Target::RowEnd;
        if ($isAlongEnds !== ($this->kind === EdgeKind::RowEnds)) {
            $this->goOnAlong($isAlongEnds ? EdgeKind::RowEnds : EdgeKind::OtherSide);
        }
        if ($places < 1) {
            return;
        }
        $stitches = $this->leaves($work);
        $only = count($stitches) === 1 && $work->in[0][0] !== 'ch' ? Stitch::from($work->in[0][0]) : null;
        if ($work->takes > 1) {
            $this->decreased($work, $only ?? throw new NotWorkable(), $places);

            return;
        }
        foreach ($this->take($places) as [$kind, $chains, $count]) {
            $into = $this->into($work, $kind);
            if ($kind === self::PASSED) {
                $this->add(new Skip($chains));
            } elseif ($only === null) {
                $one = new InOne($stitches, $kind === self::SPACE ? Into::Space : Into::Stitch, $chains);
                array_push($this->made, ...array_fill(0, $count, $one));
            } elseif ($kind === self::SPACE && $chains > 1) {
                array_push($this->made, ...array_fill(0, $count, new Under($only, $work->in[0][1], $chains)));
            } else {
                $this->plain($only, $work->in[0][1], $count, $into, $work->loop);
            }
        }
    }

    /** @return list<Instruction> what stands in one place */
    private function leaves(Worked $work): array
    {
        return array_map(
            fn(array $one): Instruction => $one[0] === 'ch'
                ? new Chains($one[1])
                : new Each(Stitch::from($one[0]), $one[1]),
            $work->in,
        );
    }

    private function plain(Stitch $stitch, int $many, int $count, Into $into, string $loop): void
    {
        $loop = $into->through($this->loop, Loop::tryFrom($loop) ?? Loop::Both);
        foreach ($into === Into::FirstChain && $count > 1 ? [[1, $into], [$count - 1, Into::NextChain]] : [
            [$count, $into],
        ] as [$of, $where]) {
            $this->add($many === 1
                ? new Each($stitch, $of, $loop, $where)
                : new Several($stitch, $many, $of, $loop, $where));
        }
    }

    private function into(Worked $work, string $kind): Into
    {
        $isFirst = array_filter($this->made, fn(Instruction $one): bool => ! $one instanceof PassedChains) === [];

        return match (true) {
            $kind === self::SPACE => Into::Space,
            $work->into === Target::FrontPost => Into::FrontPost,
            $work->into === Target::BackPost => Into::BackPost,
            $this->kind === EdgeKind::RowEnds => Into::RowEnd,
            $this->kind === EdgeKind::OtherSide => Into::NextChain,
            $this->kind !== EdgeKind::Chain => Into::Stitch,
            $work->from !== null && $isFirst, $work->into === Target::Ring => Into::FirstChain,
            $work->isLast => Into::LastChain,
            default => Into::NextChain,
        };
    }

    private function decreased(Worked $work, Stitch $stitch, int $places): void
    {
        $segments = $this->take($places * $work->takes);
        if ($this->kind === EdgeKind::RowEnds) {
            // So many evenly over so many ends.
            [$many, $ends] = [$work->in[0][1], $work->takes];
            $by = fn(int $end): int => (int) round($end * $many / $ends);
            $each = array_map(fn(int $end): int => $by($end) - $by($end - 1), range(1, max(1, $ends)));
            array_push($this->made, ...Several::inRuns($stitch, $each, Into::RowEnd));

            return;
        }
        if (array_filter($segments, fn(array $one): bool => $one[0] !== self::STITCH && $one[1] > 1) !== []) {
            throw new NotWorkable();
        }
        $loop = Into::Stitch->through($this->loop, Loop::tryFrom($work->loop) ?? Loop::Both);
        $this->add(new Together($stitch, $work->takes, $places, $loop));
    }

    /** More in the place that was worked in last. */
    private function again(Worked $work): void
    {
        $stitches = $this->leaves($work);
        $last = array_pop($this->made);
        [$space, $this->rest] = [1 + $this->rest, 0];
        $only = count($stitches) === 1 && $stitches[0] instanceof Each ? $stitches[0] : null;
        $many = $only->count ?? 0;
        if ($this->kind === EdgeKind::OtherSide && $only !== null) {
            array_push($this->made, ...($last === null ? [] : [$last]), ...($many === 1
                ? [new Each($only->stitch, 1, into: Into::FirstChainAgain)]
                : [new Several($only->stitch, $many, into: Into::FirstChainAgain)]));

            return;
        }
        array_push($this->made, ...match (true) {
            $last instanceof StartingChain && $last->as !== null && $last->as === $only?->stitch
                => [
                    new StartingChain($last->count, $last->as, $last->more + $many),
                    ...($space > 1 ? [new Skip($space - 1)] : []),
                ],
            $last instanceof StartingChain && $last->as !== null => [
                new InOne([$last, ...$stitches], $this->inOne(), $space),
            ],
            $last instanceof Each && $last->stitch === $only?->stitch => [
                ...($last->count > 1 ? [new Each($last->stitch, $last->count - 1, $last->loop, $last->into)] : []),
                new Several($last->stitch, 1 + $many, 1, $last->loop, $last->into),
            ],
            $last instanceof Each => [
                ...($last->count > 1 ? [new Each($last->stitch, $last->count - 1, $last->loop, $last->into)] : []),
                new InOne([new Each($last->stitch, 1), ...$stitches], $last->into),
            ],
            $last instanceof Several => [
                ...($last->anchors > 1
                    ? [new Several($last->stitch, $last->inOne, $last->anchors - 1, $last->loop, $last->into)]
                    : []),
                $last->stitch === $only?->stitch
                    ? new Several($last->stitch, $last->inOne + $many, 1, $last->loop, $last->into)
                    : new InOne([new Each($last->stitch, $last->inOne), ...$stitches], $last->into),
            ],
            $last instanceof InOne => [new InOne(
                [...$last->instructions, ...$stitches],
                $last->into,
                $last->anchors,
            )],
            $last instanceof Under && $last->stitch === $only?->stitch
                => [new Under($last->stitch, $last->count + $many, $last->chains)],
            // In a ring, chains lie between what stands in it.
            $last instanceof Chains && $work->into === Target::Ring => $this->inRing($last, $stitches),
            $only !== null => [...($last === null ? [] : [$last]), new Between($only->stitch, $many)],
            default => throw new NotWorkable(),
        });
    }

    /**
     * @param list<Instruction> $stitches
     *
     * @return list<Instruction>
     */
    private function inRing(Chains $chains, array $stitches): array
    {
        $before = array_pop($this->made);

        return match (true) {
            $before instanceof InOne => [new InOne([...$before->instructions, $chains, ...$stitches], $before->into)],
            $before instanceof StartingChain => [new InOne(
                [
                    new StartingChain($before->count, $before->as),
                    ...($before->more > 0 && $before->as !== null ? [new Each($before->as, $before->more)] : []),
                    $chains,
                    ...$stitches,
                ],
                Into::FirstChain,
            )],
            $before instanceof Several => [new InOne(
                [new Each($before->stitch, $before->inOne), $chains, ...$stitches],
                $before->into,
            )],
            $before instanceof Each => [new InOne(
                [new Each($before->stitch, $before->count), $chains, ...$stitches],
                $before->into,
            )],
            default => throw new NotWorkable(),
        };
    }

    /** What was worked in last, of which that is not told. */
    private function inOne(): Into
    {
        $run = $this->runs[$this->in === 0 ? $this->run - 1 : $this->run] ?? null;

        return match (true) {
            $this->kind === EdgeKind::Chain => Into::FirstChain,
            $run !== null && $run[0] && $this->reading->as !== PlacesTaken::Chains => Into::Space,
            default => Into::Stitch,
        };
    }

    /** What the chain at the beginning left of its space is passed. */
    private function leave(): void
    {
        [$rest, $this->rest] = [$this->rest, 0];
        if ($rest > 0) {
            $this->made[] = new Skip($rest);
        }
    }

    /**
     * The next places: what they are, of how many anchors each, and how many; and what lies between that is no place.
     *
     * @return list<array{string, int, int}>
     */
    private function take(int $places): array
    {
        $taken = [];
        if ($this->runs === []) {
            return $places > 0 ? [[self::STITCH, 1, $places]] : [];
        }
        while ($places > 0) {
            [$isSpace, $chains, $many] = $this->runs[$this->run] ?? throw new NotWorkable();
            $each = $this->each($isSpace, $chains);
            if ($each === 0) {
                $taken[] = [self::PASSED, $isSpace ? $chains * $many : $many, 1];
                [$this->run, $this->in] = [$this->run + 1, 0];

                continue;
            }
            $here = min($places, $each * $many - $this->in);
            $isWhole = $isSpace && $this->reading->as !== PlacesTaken::Chains;
            $taken[] = [$isWhole ? self::SPACE : self::STITCH, $isWhole ? $chains : 1, $here];
            $this->in += $here;
            $places -= $here;
            if ($this->in >= $each * $many) {
                [$this->run, $this->in] = [$this->run + 1, 0];
            }
        }

        return $taken;
    }

    private function each(bool $isSpace, int $chains): int
    {
        return $this->reading->below === null ? 1 : match ($this->reading->as) {
            PlacesTaken::Stitches => $isSpace ? 0 : 1,
            PlacesTaken::Chains => $isSpace ? $chains : 1,
            PlacesTaken::Spaces => 1,
            PlacesTaken::SpacesAlone => $isSpace ? 1 : 0,
        };
    }

    private function passRest(): void
    {
        $this->leave();
        for (; isset($this->runs[$this->run]); $this->run++) {
            [$isSpace, $chains, $many] = $this->runs[$this->run];
            if ($this->each($isSpace, $chains) === 0) {
                $this->add(new Skip($isSpace ? $chains * $many : $many));
            }
        }
    }

    /** One more, told with the one before it where they are alike. */
    private function add(Instruction $one): void
    {
        $this->leave();
        $last = $this->made[count($this->made) - 1] ?? null;
        $both = match (true) {
            $last instanceof Each && $one instanceof Each && $last->stitch === $one->stitch
                && $last->loop === $one->loop && $last->into === $one->into && $one->into !== Into::LastChain
                => new Each($one->stitch, $last->count + $one->count, $one->loop, $one->into),
            $last instanceof Several && $one instanceof Several && $last->stitch === $one->stitch
                && $last->inOne === $one->inOne && $last->loop === $one->loop && $last->into === $one->into
                => new Several($one->stitch, $one->inOne, $last->anchors + $one->anchors, $one->loop, $one->into),
            $last instanceof Skip && $one instanceof Skip => new Skip($last->count + $one->count),
            default => null,
        };
        if ($both !== null) {
            array_pop($this->made);
        }
        $this->made[] = $both ?? $one;
    }
}
