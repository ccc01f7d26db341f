<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

use Fescue\Core\Saying\Saying;

/** Row by row: whether each takes what is there, and leaves what it says. */
final class Prover
{
    /** A repeat takes no more than so many. */
    private const TRIED = 60;

    /** Off by more than so many, one number changed mends nothing. */
    private const FAR = 120;

    /** Rows of a piece that is tried over more. */
    private const FEW = 40;

    /** Ways that a row may be meant. */
    private const VERSIONS = 6;

    /** Of a row of more steps none is looked for. */
    private const MENDED = 60;

    /** A step is told in so many words and signs at most, where it is to be mended. */
    private const WORDS = 20;

    /** Mends that are offered of one row. */
    private const MENDS = 3;

    /** Ways to mend a row that are tried in one text. */
    private int $tries = 150;

    /** @var list<ProvenRow> */
    private array $rows = [];

    /** @var list<TextProblem> */
    private array $problems = [];

    /** @var array<string, RowResult> of rows that repeat on the same, by which they are */
    private array $known = [];

    /**
     * @param list<WrittenRow> $lines
     * @param ?int $on how many stitches the first is tried over, where it does not tell that; null: as many as it takes
     */
    private function __construct(
        private readonly array $lines,
        private readonly int $size,
        private readonly ?int $on = null,
    ) {}

    /**
     * @param list<WrittenRow> $lines
     *
     * @return array{list<ProvenRow>, list<TextProblem>}
     */
    public static function of(array $lines, int $size = 0): array
    {
        $prover = new self($lines, $size);
        $prover->prove();
        $one = ($prover->rows[0] ?? null)?->outcome;
        if ($prover->problems !== [] && $one !== null && $one->code === null && $one->there > 0
            && self::isUntold($lines)) {
            // One repeat of the first may be too few for the next: over so many that all of them come out.
            for ($on = 2 * $one->there; $on <= self::TRIED; $on += $one->there) {
                $more = new self($lines, $size, $on);
                if ($more->prove()) {
                    return [$more->rows, []];
                }
            }
        }

        return [$prover->rows, $prover->problems];
    }

    /**
     * Whether they are one piece of a few, and nothing tells what it stands on.
     *
     * @param list<WrittenRow> $lines
     */
    private static function isUntold(array $lines): bool
    {
        $begin = array_filter($lines, fn(WrittenRow $one): bool => $one->isFirst);

        return count($begin) === 1 && count($lines) <= self::FEW && $lines[0]->chain === null
            && $lines[0]->stated === null;
    }

    /** Whether all of them come out; tried over so many, they are gone through as far as they do. */
    private function prove(): bool
    {
        $below = [];
        foreach ($this->lines as $nth => $line) {
            $best = $this->on !== null && $line->isFirst
                ? self::over($line, $this->on)
                : $this->likeliest($line, $below);
            $below = [$best->tops];
            if ($best->isRight()) {
                // Written again, it says what was meant.
                $told = self::asMeant($line->steps, $best->reading->steps);
                $this->rows[] = new ProvenRow(
                    $told === $line->steps ? $line : $line->saying($told),
                    $best,
                    self::meant($line->steps, $best->reading->steps),
                );

                continue;
            }
            if ($this->on !== null) {
                return false;
            }
            $this->rows[] = new ProvenRow($line, $best);
            if ($line->stated !== null) {
                // Where the count and the words say two things, the next row shows which is meant.
                $below[] = Tops::stitches($line->stated->all());
            }
            $this->problems[] = $this->problem($line, $best, $nth);
        }

        return $this->problems === [];
    }

    /** @param list<Tops> $below what the row before it may leave, the likeliest first */
    private function likeliest(WrittenRow $line, array $below): RowResult
    {
        $best = null;
        foreach ($line->isFirst || self::isAlongEdges($line) ? [null] : $below as $tops) {
            $outcome = $this->outcome($line, $tops);
            if ($best === null || $outcome->worth() < $best->worth()) {
                $best = $outcome;
            }
            if ($best->isRight()) {
                break;
            }
        }

        return $best ?? $this->outcome($line, null);
    }

    /** A row by itself, on what another leaves, or on nothing but its chain. */
    public static function row(WrittenRow $line, ?Tops $below): RowResult
    {
        return self::best($line, fn(array $steps): array => self::readings($line, $steps, $below));
    }

    /** A row by itself, on so many stitches of which no row is told. */
    public static function over(WrittenRow $line, int $there): RowResult
    {
        return self::best($line, fn(array $steps): array => array_map(
            fn(string $start): RowReading => new RowReading($steps, [[false, $there]], $start),
            self::starts($steps),
        ));
    }

    /** @param \Closure(list<Step>): list<RowReading> $readings ways in which a version of its steps may be meant */
    private static function best(WrittenRow $line, \Closure $readings): RowResult
    {
        $best = null;
        foreach (self::versions($line->steps) as $steps) {
            foreach ($readings($steps) as $reading) {
                $one = RowWalk::over($reading, $line->stated);
                if ($best === null || $one->worth() < $best->worth()) {
                    $best = $one;
                }
                if ($best->isRight()) {
                    return $best;
                }
            }
        }

        return $best ?? new RowResult(
            0,
            0,
            new Tops(),
            0,
            $line->stated === null,
            new RowReading([], [], ''),
            TextProblem::TAKES_TOO_FEW,
        );
    }

    private function outcome(WrittenRow $line, ?Tops $below): RowResult
    {
        $key = spl_object_id($line->at).' '.spl_object_id($line->steps[0] ?? $line)
            .' '.($line->stated?->all() ?? '').' '
            .($below === null ? "first {$line->chain}" : $below->key());
        // A row like the one before it, on the same: worked out once. What is told apart by its place is not kept.
        return $this->known[$key] ??= self::row($line, $below);
    }

    /**
     * In which of two meanings words were taken; null where they have one.
     *
     * @param array<Step> $steps as they are written
     * @param array<Step> $taken as they prove
     */
    private static function meant(array $steps, array $taken): ?Saying
    {
        foreach ($steps as $step) {
            if (! self::mayMean($step)) {
                continue;
            }
            $as = self::same($step, $taken);
            $said = match (true) {
                $step instanceof Again && $step->or !== null && $as instanceof Again => new Saying(
                    '“{n} times” is {all} in all here: so the row comes out.',
                    ['n' => min($step->or, $step->times ?? $step->or), 'all' => $as->times ?? 0],
                ),
                $step instanceof Again && $as instanceof Again => self::meant($step->steps, $as->steps),
                $step instanceof Worked && $step->or !== null && $as instanceof Worked => new Saying(
                    '“{n} in next {places}” is {each, plural, one {one} other {#}} in each here: so the row comes out.',
                    ['n' => $step->or, 'places' => $step->places ?? 0, 'each' => $as->in[0][1]],
                ),
                default => null,
            };
            if ($said !== null) {
                return $said;
            }
        }

        return null;
    }

    /** Whether it, or one in it, has two meanings. */
    private static function mayMean(Step $step): bool
    {
        return ($step instanceof Again && ($step->or !== null
                || array_filter($step->steps, self::mayMean(...)) !== []))
            || ($step instanceof Worked && $step->or !== null);
    }

    /**
     * The step that stands at the same place of the text.
     *
     * @param array<Step> $among
     */
    private static function same(Step $step, array $among): ?Step
    {
        foreach ($among as $one) {
            if ($one->at() === $step->at() && $one::class === $step::class) {
                return $one;
            }
        }

        return null;
    }

    /**
     * With its repeats as often, and "2 sc in next 2 sts" in the meaning, as they prove.
     *
     * @param list<Step> $steps
     * @param array<Step> $taken
     *
     * @return list<Step>
     */
    private static function asMeant(array $steps, array $taken): array
    {
        $isOtherwise = array_filter(
            self::flat($taken),
            fn(Step $one): bool => $one instanceof Worked && $one->or !== null,
        ) === [];

        return array_map(function (Step $step) use ($taken): Step {
            $as = $step instanceof Again && $step->or !== null ? self::same($step, $taken) : null;

            return $step instanceof Again && $as instanceof Again ? $step->times($as->times) : $step;
        }, $isOtherwise ? self::otherwise($steps) : $steps);
    }

    /**
     * As its repeats are meant: "rep from * 5 times" is five more, or five in all.
     *
     * @param list<Step> $steps
     *
     * @return non-empty-list<list<Step>>
     */
    private static function versions(array $steps): array
    {
        $versions = [$steps];
        foreach ($steps as $nth => $step) {
            if ($step instanceof Again && $step->or !== null && count($versions) < self::VERSIONS) {
                $versions[] = [
                    ...array_slice($steps, 0, $nth), $step->times($step->or), ...array_slice($steps, $nth + 1),
                ];
            }
        }
        $last = $steps === [] ? null : $steps[count($steps) - 1];
        if ($last instanceof Worked && $last->in[0][0] === 'sl st' && $last->places === 1 && count($steps) > 1) {
            // A slip stitch at the end may close the round.
            $versions[] = array_slice($steps, 0, -1);
        }

        $first = array_values(array_filter($steps, fn(Step $one): bool => $one instanceof Worked))[0] ?? null;
        $lead = array_values(array_filter($steps, fn(Step $one): bool => $one instanceof Chain))[0] ?? null;
        if ($first !== null && $first->takes === 0 && $first === self::begun($steps) && ($lead->many ?? 0) < 2
            && in_array($lead?->counts, [null, ''], true)) {
            // "In same st as join" begins a round in its first stitch, which nothing has taken yet.
            array_unshift($versions, array_map(
                fn(Step $one): Step => $one === $first ? $first->taking(1) : $one,
                $steps,
            ));
        }
        $otherwise = self::otherwise($steps);
        if ($otherwise !== $steps) {
            $versions[] = $otherwise;
        }
        if ($first !== null && $first->in[0][0] === 'sl st' && count($steps) > 1) {
            // Slip stitches may lead on to where the round begins; where it is lifted then, they do.
            $on = array_values(array_filter($steps, fn(Step $one): bool => $one !== $first));
            $next = $steps[1 + (int) array_search($first, $steps, true)] ?? null;
            $versions = $next instanceof Chain && $next->many > 1 ? [$on, ...$versions] : [...$versions, $on];
        }

        return $versions;
    }

    /**
     * With "2 sc in next 2 sts" meant as two in each; the same where nothing is told so.
     *
     * @param array<Step> $steps
     *
     * @return list<Step>
     */
    public static function otherwise(array $steps): array
    {
        $meant = [];
        foreach ($steps as $step) {
            $inner = $step instanceof Again ? self::otherwise($step->steps) : [];
            $meant[] = match (true) {
                $step instanceof Worked => $step->otherwise(),
                $step instanceof Again && $inner !== [] && $inner !== $step->steps => $step->repeating($inner),
                default => $step,
            };
        }

        return $meant;
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<RowReading>
     */
    private static function readings(WrittenRow $line, array $steps, ?Tops $below): array
    {
        $begins = self::starts($steps);
        if ($below === null) {
            return self::first($line, $steps, $begins);
        }
        $isTurned = ! $line->isRound || Sign::isAmong($steps, Sign::TURN);
        $all = [];
        foreach (self::taken($steps, $below) as $as) {
            $turned = $isTurned && $below->isMixed() ? [$below->reversed(), $below->turned()] : [];
            foreach ([$below, ...$turned] as $there) {
                foreach ($begins as $start) {
                    $all[] = RowReading::on($steps, $there, $as, $start);
                }
            }
        }
        // Of spaces unlike each other, long ones may be gone along chain by chain.
        foreach (self::worksIn($steps, Target::Space) ? array_slice($below->spans(), 1) : [] as $from) {
            foreach ($begins as $start) {
                $all[] = RowReading::on($steps, $below->opened($from), PlacesTaken::Spaces, $start);
            }
        }

        return $all;
    }

    /**
     * @param list<Step> $steps
     * @param list<string> $begins
     *
     * @return list<RowReading>
     */
    private static function first(WrittenRow $line, array $steps, array $begins): array
    {
        $both = array_values(array_filter(
            $steps,
            fn(Step $one): bool => $one instanceof Sign && $one->what === Sign::BOTH_SIDES,
        ))[0] ?? null;
        if ($both instanceof Sign && $line->chain !== null) {
            return [new RowReading($steps, [[false, 2 * max(1, $line->chain - $both->from + 1)]], '')];
        }
        $works = array_values(array_filter(self::flat($steps), fn(Step $one): bool => $one instanceof Worked));
        $from = array_values(array_filter($works, fn(Worked $one): bool => $one->from !== null))[0] ?? null;
        if ($line->chain === 0 || self::isOnRing($works)) {
            return array_map(
                fn(string $start): RowReading => new RowReading(
                    $steps,
                    [[false, 1]],
                    '',
                    leads: str_starts_with($start, 'counts'),
                ),
                $begins,
            );
        }
        $lead = $steps[0] ?? null;
        $isAlone = ($works[0] ?? null)?->into->standsAlone() === true;
        $chain = $isAlone ? null : $line->chain ?? ($from !== null && $lead instanceof Chain ? $lead->many : null);
        if ($chain === null) {
            return array_map(
                fn(string $start): RowReading => new RowReading(
                    $steps,
                    [[false, self::untold($line, $steps, $start)]],
                    $start,
                ),
                $begins,
            );
        }
        $on = fn(int $there, bool $leads): RowReading => new RowReading(
            $steps,
            [[false, max(1, $there)]],
            '',
            true,
            $leads,
        );
        if ($from === null) {
            return [$on($chain, false), $on($chain - 1, false), $on($chain - 2, true)];
        }
        $nth = (int) $from->from;
        $there = $chain - $nth + 1;

        return match (true) {
            $nth < 3 => [$on($there, false)],
            $nth === 3 => [$on($there, false), $on($there, true)],
            default => [$on($there, true), $on($there, false)],
        };
    }

    /** @param list<Worked> $works */
    private static function isOnRing(array $works): bool
    {
        return array_filter($works, fn(Worked $one): bool => $one->into === Target::Ring) !== [];
    }

    /**
     * What a row does first, but for what takes and leaves nothing.
     *
     * @param list<Step> $steps
     */
    private static function begun(array $steps): ?Step
    {
        foreach ($steps as $step) {
            if (! $step instanceof Sign && ! $step instanceof Chain) {
                return $step;
            }
        }

        return null;
    }

    /** Whether it goes along row ends, or back along the chain: along what no row below leaves. */
    private static function isAlongEdges(WrittenRow $line): bool
    {
        return array_filter(self::flat($line->steps), fn(Step $one): bool => match (true) {
            $one instanceof Worked => $one->into->standsAlone(),
            $one instanceof Sign => $one->what === Sign::OTHER_SIDE,
            default => false,
        }) !== [];
    }

    /**
     * How long that is which a row stands on, where nothing tells it: what it takes; of one that takes all there is,
     * what would leave the count that it states.
     *
     * @param list<Step> $steps
     */
    private static function untold(WrittenRow $line, array $steps, string $start): int
    {
        $leaves = fn(int $there): RowResult => RowWalk::over(
            new RowReading($steps, [[false, $there]], $start),
            $line->stated,
        );
        if (array_filter($steps, self::takesAll(...)) === []) {
            return $leaves(0)->code === null ? 0 : max(1, $leaves(1)->takes);
        }
        // One after another: a repeat comes out on some of them alone.
        $fits = function (int $from) use ($leaves): ?int {
            for ($there = $from; $there < $from + self::TRIED; $there++) {
                if ($leaves($there)->code === null) {
                    return $there;
                }
            }

            return null;
        };
        $one = $fits(1);
        if ($one === null && $leaves(0)->code === null) {
            return 0;
        }
        $least = max($one ?? 1, $leaves(1)->takes);
        $more = $fits($least + 1) ?? $least;
        $stated = $line->stated?->all();
        [$few, $many] = [$leaves($least), $leaves($more)];
        $grows = $many->leaves - $few->leaves;
        if ($more === $least || $stated === null || $grows <= 0) {
            return $least;
        }

        return max($least, $least + intdiv(($stated - $few->leaves) * ($more - $least), $grows));
    }

    /** Whether it, or one in it, takes more where more is there. */
    private static function takesAll(Step $step): bool
    {
        return RowWalk::isOpen($step)
            || ($step instanceof Again && array_filter($step->steps, self::takesAll(...)) !== []);
    }

    /**
     * What the chain at its beginning may be.
     *
     * @param list<Step> $steps
     *
     * @return non-empty-list<string>
     */
    private static function starts(array $steps): array
    {
        foreach ($steps as $nth => $step) {
            if ($step instanceof Chain) {
                // A turn may stand between.
                $next = self::begun(array_slice($steps, $nth + 1));

                return match (true) {
                    $step->counts === '' => [''],
                    $step->counts !== null => ['counts', 'counts-apart'],
                    $next instanceof SkippedPlaces && $step->many > 5 => ['space', ''],
                    $step->many === 1 => [''],
                    // More in the same place stand beside what it counts as.
                    $step->many < 4 && $next instanceof Worked && $next->takes === 0 => [
                        'counts', 'counts-apart', '',
                    ],
                    $step->many < 4 => ['', 'counts', 'counts-apart'],
                    default => ['', 'counts', 'counts-more', 'counts-apart', 'space'],
                };
            }
            if (! $step instanceof Sign) {
                break;
            }
        }

        return [''];
    }

    /**
     * What a row takes for its places, the likeliest first.
     *
     * @param list<Step> $steps
     *
     * @return non-empty-list<PlacesTaken>
     */
    private static function taken(array $steps, Tops $below): array
    {
        if (! $below->hasSpaces()) {
            return [PlacesTaken::Stitches];
        }
        return match (true) {
            self::worksIn($steps, Target::Space) => [
                PlacesTaken::Spaces,
                PlacesTaken::SpacesAlone,
                PlacesTaken::Chains,
            ],
            self::worksIn($steps, Target::Chain) => [PlacesTaken::Chains, PlacesTaken::Spaces, PlacesTaken::Stitches],
            default => [PlacesTaken::Stitches, PlacesTaken::Chains, PlacesTaken::Spaces],
        };
    }

    /** @param list<Step> $steps */
    private static function worksIn(array $steps, Target $into): bool
    {
        return array_filter(
            self::flat($steps),
            fn(Step $one): bool => ($one instanceof Worked || $one instanceof SkippedPlaces) && $one->into === $into,
        ) !== [];
    }

    /**
     * @param array<Step> $steps
     *
     * @return list<Step> those that are repeated too
     */
    private static function flat(array $steps): array
    {
        $flat = [];
        foreach ($steps as $step) {
            array_push($flat, ...($step instanceof Again ? self::flat($step->steps) : [$step]));
        }

        return $flat;
    }

    private function problem(WrittenRow $line, RowResult $outcome, int $nth): TextProblem
    {
        $at = $outcome->where ?? $line->at;
        $off = abs($outcome->there - $outcome->takes);
        if ($outcome->code === null && $line->stated !== null) {
            $numbers = $line->stated->numbers;
            $says = count($numbers) === 1 ? [Correction::say($numbers[0], $outcome->leaves)] : [];

            return TextProblem::at(
                $line->stated->at,
                $line->name,
                TextProblem::STATED_OTHERWISE,
                new Saying(
                    'It leaves {leaves}, and says {says}.',
                    ['leaves' => (string) $outcome->leaves, 'says' => (string) $line->stated->all()],
                ),
                [...$this->mends($line, $nth), ...$says],
            );
        }

        $with = ['takes' => (string) $outcome->takes, 'there' => (string) $outcome->there, 'n' => $off];

        return TextProblem::at($at, $line->name, (string) $outcome->code, match ($outcome->code) {
            TextProblem::TAKES_TOO_FEW => new Saying(
                'It takes {takes} of {there}: {n, plural, one {# stitch} other {# stitches}} left over.',
                $with,
            ),
            TextProblem::TAKES_TOO_MANY => new Saying(
                'It takes {takes}, and there are {there}: {n, plural, one {# stitch} other {# stitches}} too many.',
                $with,
            ),
            TextProblem::DOES_NOT_DIVIDE => new Saying(
                'The repeat does not come out: {n, plural, one {# stitch} other {# stitches}} of {there} left over.',
                $with,
            ),
            default => new Saying('Here is no space, or no post, to work into.'),
        }, $this->mends($line, $nth));
    }

    /**
     * One number of the row changed, so that it and the row after it prove.
     *
     * @return list<Correction>
     */
    private function mends(WrittenRow $line, int $nth): array
    {
        $below = $nth > 0 && ! $line->isFirst ? $this->rows[$nth - 1]->outcome->tops : null;
        $next = $this->lines[$nth + 1] ?? null;
        $mends = [];
        $off = abs($this->rows[$nth]->outcome->there - $this->rows[$nth]->outcome->takes);
        $isLong = max(count(self::flat($line->steps)), intdiv(count($line->tokens), self::WORDS)) > self::MENDED;
        if ($isLong || $off > self::FAR) {
            return [];
        }
        foreach (Correction::of($line, $this->size) as [$mended, $mend]) {
            if ($this->tries-- < 1) {
                break;
            }
            $outcome = self::row($mended, $below);
            $goesOn = fn(): bool => $next === null || $next->isFirst
                || self::row($next, $outcome->tops)->code === null;
            if ($outcome->isRight() && $goesOn()) {
                $mends[] = $mend;
                if (count($mends) === self::MENDS) {
                    break;
                }
            }
        }

        return $mends;
    }
}
