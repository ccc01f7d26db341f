<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** One row, worked over what is there, stitch by stitch, read in one way. */
final class RowWalk
{
    /** Times that a repeat is gone through at most; what is more takes more than any row has. */
    private const MOST = 100_000;

    private const BEYOND = 10_000_000;

    /** Steps that one row is worked in at most. */
    private int $left = 12_000;

    private int $taken = 0;

    /** Taken on the first side of a chain. */
    private ?int $side = null;

    private Tops $tops;

    private ?string $code = null;

    private ?Token $where = null;

    private int $run = 0;

    private int $inRun = 0;

    /** @var ?list<array{Step, int}> steps as they are worked, and places each takes them in; null where nobody asks */
    private ?array $done = null;

    /** @param list<array{bool, int}> $places */
    private function __construct(private array $places, private int $avail) {}

    /**
     * What the chain at its beginning is: '' nothing, 'counts' a stitch on the first that is there, 'counts-apart' one
     * beside it, 'counts-more' one and chains, 'space' a space.
     */
    public static function over(RowReading $reading, ?Stated $stated): RowResult
    {
        [$walk, $there] = [self::walk($reading), array_sum(array_column($reading->places, 1))];
        $takes = $walk->side ?? $walk->taken;
        if ($walk->code === null && $walk->side === null && $takes !== $there) {
            $walk->wrong($takes < $there ? TextProblem::TAKES_TOO_FEW : TextProblem::TAKES_TOO_MANY, null);
        }
        if ($walk->side !== null && $walk->code === null && ! in_array($walk->taken, [$there - 1, $there - 2], true)) {
            $walk->wrong($walk->taken < $there - 2 ? TextProblem::TAKES_TOO_FEW : TextProblem::TAKES_TOO_MANY, null);
            $takes = $there + ($walk->taken < $there - 2 ? $walk->taken - $there + 2 : $walk->taken - $there + 1);
        }
        [$leaves, $isAsStated] = $walk->counted($stated);

        return new RowResult($there, $takes, $walk->tops, $leaves, $isAsStated, $reading, $walk->code, $walk->where);
    }

    /**
     * What is done, step by step, repeats as often as they are worked; of each the places that it works in, or passes.
     *
     * @return list<array{Step, int}>
     */
    public static function done(RowReading $reading): array
    {
        return self::walk($reading, true)->done ?? [];
    }

    private static function walk(RowReading $reading, bool $keeps = false): self
    {
        $walk = new self($reading->places, array_sum(array_column($reading->places, 1)));
        $walk->tops = new Tops();
        $walk->done = $keeps ? [] : null;
        if ($reading->leads) {
            $walk->tops->add(false, 0, 1);
        }
        $walk->begin($reading->steps, $reading->start);
        $walk->all($reading->steps, $reading->isChain && Sign::isAmong($reading->steps, Sign::OTHER_SIDE));

        return $walk;
    }

    /** @return array{int, bool} what it leaves, as it is told where it is told, and whether that is so */
    private function counted(?Stated $stated): array
    {
        $stitches = $this->tops->count(false);
        $chains = $stitches + $this->tops->chains();
        $spaces = $this->tops->count(true);
        if ($stated === null) {
            return [$chains, true];
        }
        if ($stated->spaces !== null && $stated->stitches === 0) {
            // Loops alone are told, not what holds them.
            return [$spaces, $stated->spaces === $spaces];
        }
        if ($stated->spaces !== null) {
            return [$stitches + $spaces, $stated->stitches === $stitches && $stated->spaces === $spaces];
        }
        $like = array_values(array_filter(
            [$chains, $stitches, $stitches + $spaces],
            fn(int $one): bool => $one === $stated->stitches,
        ));

        return $like === [] ? [$chains, false] : [$like[0], true];
    }

    private function wrong(string $code, ?Token $where): void
    {
        if ($this->code === null) {
            [$this->code, $this->where] = [$code, $where];
        }
    }

    /** @param list<Step> $steps */
    private function begin(array $steps, string $start): void
    {
        foreach ($steps as $step) {
            if ($step instanceof Sign) {
                continue;
            }
            if ($step instanceof Chain && $start !== '') {
                if ($start === 'space') {
                    $this->tops->add(true, $step->many, 1);
                } else {
                    $this->tops->add(false, 0, 1);
                    $more = $start === 'counts-more' ? max(0, $step->many - 3) : $step->more;
                    $this->tops->add(true, $more, $more > 0 ? 1 : 0);
                    // Skipped besides, the stitch it stands on is told.
                    $this->take($start === 'counts-apart' ? 0 : 1, Target::Stitch, $step->at());
                }
            }

            break;
        }
    }

    /** @param list<Step> $steps */
    private function all(array $steps, bool $both): void
    {
        $begun = false;
        $behind = self::behind($steps);
        $again = array_filter($steps, fn(Step $one): bool => $one instanceof Worked && $one->takes === 0) !== [];
        foreach ($steps as $nth => $step) {
            if ($step instanceof Chain && ! $begun) {
                // The chain that it begins with is told apart.
                $begun = true;
                $this->keep($step, 0);

                continue;
            }
            $begun = $begun || ! $step instanceof Sign;
            if ($step instanceof Sign) {
                $this->keep($step, 0);
                if ($step->what === Sign::OTHER_SIDE && $both && $this->side === null) {
                    $this->turnRound($step, $again);
                }

                continue;
            }
            $this->step($step, $this->room($step, $behind[$nth]));
        }
    }

    /** To the other side of a chain: back over all but the last, to the first, which may be taken again. */
    private function turnRound(Sign $step, bool $again): void
    {
        if ($this->taken !== $this->avail) {
            $code = $this->taken < $this->avail ? TextProblem::TAKES_TOO_FEW : TextProblem::TAKES_TOO_MANY;
            $this->wrong($code, $step->at());
        }
        $this->side = $this->taken;
        $this->taken = 0;
        $this->avail -= $again ? 2 : 1;
        [$this->run, $this->inRun, $this->places] = [0, 0, [[false, max(0, $this->avail + 1)]]];
    }

    /** Whether it takes all that there is. */
    public static function isOpen(Step $step): bool
    {
        return ($step instanceof Worked && $step->places === null) || ($step instanceof Again && $step->times === null);
    }

    /** Places that a step which takes all of them has, before others that take so many. */
    private function room(Step $step, int $after): int
    {
        $but = $step instanceof Worked || $step instanceof Again ? $step->but : 0;

        return self::isOpen($step) ? max(0, $this->avail - $this->taken - ($but > 0 ? $but : $after)) : 0;
    }

    /**
     * Places that the steps behind each take, up to the other side.
     *
     * @param list<Step> $steps
     *
     * @return array<int, int>
     */
    private static function behind(array $steps): array
    {
        $behind = [];
        $takes = 0;
        for ($nth = count($steps) - 1; $nth >= 0; $nth--) {
            $behind[$nth] = $takes;
            $step = $steps[$nth];
            $takes = $step instanceof Sign && $step->what === Sign::OTHER_SIDE ? 0 : $takes + $step->takes();
        }

        return $behind;
    }

    private function step(Step $step, int $room): void
    {
        if ($this->left-- < 1) {
            $this->wrong(TextProblem::TAKES_TOO_MANY, $step->at());

            return;
        }
        if ($step instanceof Chain || $step instanceof SkippedPlaces) {
            $this->keep($step, $step instanceof SkippedPlaces ? $step->places : 0);
        }
        match (true) {
            $step instanceof Worked => $this->work($step, $room),
            $step instanceof Chain => $this->tops->add(true, $step->many, 1),
            $step instanceof SkippedPlaces => $this->take(
                $step->places,
                $step->into === Target::Space ? Target::Space : Target::Chain,
                $step->at(),
            ),
            $step instanceof Again => $this->again($step, $room),
            default => null,
        };
    }

    private function work(Worked $work, int $room): void
    {
        $places = $work->places;
        if ($places === null) {
            $places = $work->takes > 0 ? intdiv($room, $work->takes) : 0;
            if ($work->takes > 1 && $room % $work->takes !== 0) {
                $this->wrong(TextProblem::DOES_NOT_DIVIDE, $work->at());
            }
        }
        $this->keep($work, $places);
        $this->take($places * $work->takes, $work->into, $work->at());
        if (count($work->in) === 1 && $work->in[0][0] !== 'ch') {
            $this->tops->add(false, 0, $places * $work->in[0][1]);

            return;
        }
        for ($place = 0; $place < min($places, self::MOST); $place++) {
            foreach ($work->in as [$stitch, $many]) {
                $stitch === 'ch' ? $this->tops->add(true, $many, 1) : $this->tops->add(false, 0, $many);
            }
        }
    }

    private function again(Again $again, int $room): void
    {
        $each = $again->each;
        $times = $again->times;
        if ($times === null) {
            $times = $each > 0 ? intdiv($room, $each) : 1;
            if ($each > 0 && $room % $each !== 0) {
                $this->wrong(TextProblem::DOES_NOT_DIVIDE, $again->at());
            }
        }
        $behind = self::behind($again->steps);
        $time = 0;
        for (; $time < min($times, self::MOST) && ! $this->isOver(); $time++) {
            foreach ($again->steps as $nth => $step) {
                $this->step($step, $this->room($step, $behind[$nth]));
            }
        }
        // What is beyond all that is there is counted, and not gone through.
        $this->taken += min(self::BEYOND, max(0, $times - $time) * min($each, self::BEYOND));
    }

    private function keep(Step $step, int $places): void
    {
        if ($this->done !== null) {
            $this->done[] = [$step, $places];
        }
    }

    private function isOver(): bool
    {
        return $this->left < 1 || $this->code === TextProblem::TAKES_TOO_MANY;
    }

    private function take(int $many, Target $into, Token $at): void
    {
        // A ring is one place, however often it is worked into.
        $many = $into === Target::Ring && $this->taken > 0 ? 0 : $many;
        $this->taken += $many;
        if ($this->taken > $this->avail + ($this->side === null ? 0 : 1)) {
            $this->wrong(TextProblem::TAKES_TOO_MANY, $at);

            return;
        }
        while ($many > 0 && isset($this->places[$this->run])) {
            [$isSpace, $there] = $this->places[$this->run];
            $here = min($many, $there - $this->inRun);
            $isPost = $into === Target::FrontPost || $into === Target::BackPost;
            if (($into === Target::Space && ! $isSpace) || ($isPost && $isSpace)) {
                $this->wrong(TextProblem::NOT_THERE, $at);
            }
            $many -= $here;
            $this->inRun += $here;
            if ($this->inRun >= $there) {
                [$this->run, $this->inRun] = [$this->run + 1, 0];
            }
        }
    }
}
