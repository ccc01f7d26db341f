<?php

declare(strict_types=1);

namespace Fescue\Core\Base;

use Fescue\Core\Instruction\Along;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Start;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Flag;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Growing;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Shape\Flatness;
use Fescue\Core\Shape\Polyline;
use Fescue\Core\Shape\Stadium;
use Fescue\Core\Stitch\Stitch;

/**
 * An oval base worked round both sides of a chain.
 *
 * Every round is two like halves, so front and back always hold the same. The first round is 2(m − 2) + 2k of k in each
 * end; each further round grows as it is told, or by the whole steps that keep the sum nearest to flat growth, 2π·h/w a
 * round (geometry). Growth is spread evenly over the end, and off that of the round below, so that the end is round and
 * no corners stack up.
 */
final readonly class Oval extends GrownFromChain
{
    use Growing;

    private const TWO_AND_TWO = 'two-and-two';

    private const IN_EACH_END = [self::TWO_AND_TWO => 4, 'three' => 3, 'six' => 6];

    private const FEWEST_IN_END = 2;

    private const MOST_IN_END = 12;

    /** Places of a share in which its increase may stand, the first where nothing is below. */
    private const IN_SHARE = [0.25, 0.75, 0.5, 0.375, 0.625, 0.125, 0.875];

    public static function key(): string
    {
        return 'oval';
    }

    public static function called(): array
    {
        return ['Oval', 'round both sides of a chain'];
    }

    public function settings(?Ground $ground = null): array
    {
        $numbers = range(self::FEWEST_IN_END, self::MOST_IN_END);

        return [
            new Choice(
                'ends',
                'Around the ends',
                $this->choice('ends', self::TWO_AND_TWO),
                [
                    self::TWO_AND_TWO => ['Two and two', 'in each end'],
                    'three' => ['Three', 'in each end'],
                    'six' => ['Six', 'in each end'],
                ] + array_combine(
                    $numbers,
                    array_map(fn(int $one): array => ["{$one} stitches", 'in each end'], $numbers),
                ),
                asked: true,
            ),
            ...$this->grown($ground),
            $this->growing('round', self::MOST_ROUNDS - 1, '8, 8'),
            new Flag(
                'rise',
                'Its last round',
                $this->flag('rise'),
                ['Lies flat', 'the wall stands on its edge'],
                ['Rises', 'half the growth: a rounded foot'],
            ),
        ];
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        [$chain, $rounds, $fabric] = [$this->given('chain'), $this->given('rounds'), $this->motif('stitch')];
        [$wide, $high] = [$ground->gauge->widthOf($fabric)->mm, $ground->gauge->heightOf($fabric)->mm];
        $end = $this->inEachEnd();
        $straight = ($chain - 1) * $wide;
        $ring = fn(int $number, int $head, int $side, int $tail): OvalRing => new OvalRing(
            $head,
            $side,
            $tail,
            new Stadium($straight, ($number - 0.5) * $high),
            $wide,
        );
        $round = $ring(1, intdiv($end, 2), $chain - 2, $end - intdiv($end, 2));
        $rows = [
            new Row(
                Part::Base,
                $fabric,
                $ground->school->close(self::first($round, $fabric->post())),
                [new Edge(EdgeKind::Chain, $chain), new Edge(EdgeKind::OtherSide, $chain - 1)],
                false,
                $round,
            ),
        ];
        $flatness = $below = [];
        $flat = $ground->gauge->flatGrowth($fabric);
        $excess = 0.0;
        $number = 1;
        foreach ($this->grows($flat) as $added) {
            $number++;
            $excess += $added - $flat;
            $flatness[] = new Flatness($added, $flat, $excess);
            [$more, $below] = self::spread($round->tail + $round->head, intdiv($added, 2), $below);
            $tail = $round->tail + array_sum(array_slice($more, 0, $round->tail));
            $head = $round->head + array_sum(array_slice($more, $round->tail));
            $next = $ring($number, $head, $round->straight, $tail);
            $rows[] = new Row(
                Part::Base,
                $fabric,
                $ground->school->flat()->around(self::further($round, $more, $fabric->post()), $fabric->post()),
                [Edge::tops($round->stitches(), $fabric)],
                false,
                $next,
            );
            $round = $next;
        }
        $half = $chain * $wide / 2;

        return new Made(
            $rows,
            Edge::around($round->stitches(), $round->centreOfSide(), $fabric),
            new Start($chain, $fabric->post()->startingChains(), new Polyline([[-$half, 0.0], [$half, 0.0]], 0.0)),
            new Stadium($straight, $rounds * $high),
            $this->flag('rise') ? self::rises($flatness) : LieOfRounds::remarks($flatness),
        );
    }

    private function inEachEnd(): int
    {
        $ends = $this->choice('ends', self::TWO_AND_TWO);

        return self::IN_EACH_END[$ends] ?? (int) $ends;
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        $settled = parent::settle($wish, $ground, $on);
        $growth = $settled->grows($ground->gauge->flatGrowth($this->motif('stitch')));

        return $settled->with(['growth' => $growth === [] ? null : $growth]);
    }

    /** Of other rounds those that are left grow as they did; where their number is open, or the last rises, anew. */
    public function with(array $values): static
    {
        $following = $this->following($values, 'rounds');

        return parent::with(
            $this->flag('rise') && $following !== $values ? ['growth' => null] + $following : $following,
        );
    }

    /**
     * What each round from the second on adds: as it is told, else by whole steps that keep the sum nearest to flat.
     *
     * @param float $flat stitches of a round that lies flat
     *
     * @return list<int>
     *
     * @throws Unmakeable
     */
    private function grows(float $flat): array
    {
        $rounds = $this->given('rounds');
        $grows = $this->growth($rounds);
        // What was told is left as it is: rounds after it lie flat on it, and make up for nothing.
        $since = 0.0;
        // Each end grows by whole steps of this many, so that what two-and-two does left of the fold it does right of
        // it.
        $step = $this->choice('ends', self::TWO_AND_TWO) === self::TWO_AND_TWO ? 2 : 1;
        for ($number = count($grows) + 2; $number <= $rounds; $number++) {
            $share = $number === $rounds && $this->flag('rise') ? 4 : 2;
            $grows[] = $added = 2 * $step * (int) max(0.0, round(($flat - $since) / ($share * $step)));
            $since += $added - $flat;
        }

        return $grows;
    }

    /** @return list<int> what each round from the second on adds, as far as it is given @throws Unmakeable */
    private function growth(int $rounds): array
    {
        foreach ($this->series('growth') ?? [] as $one) {
            if ($one % 2 !== 0) {
                throw new Unmakeable(
                    'growth',
                    new Saying(
                        'Both ends grow alike, so a round adds an even number: {one} or {one2}, not {one3}.',
                        ['one' => $one - 1, 'one2' => $one + 1, 'one3' => $one],
                    ),
                );
            }
        }

        return $this->told($rounds, 'base rounds');
    }

    /**
     * @param list<Flatness> $rounds
     *
     * @return list<Remark>
     *
     * @throws Unmakeable
     */
    private static function rises(array $rounds): array
    {
        $last = array_pop($rounds) ?? throw new Unmakeable(
            'rise',
            new Saying('A base of one round has none that could grow less; work two or more, or let it lie flat.'),
        );

        return [
            ...LieOfRounds::remarks($rounds),
            new Remark(
                'rises',
                Tone::Better,
                count($rounds) + 1,
                'From {row} the base rises.',
                'It adds {added} where {flat} would lie flat: the wall begins there.',
                ['added' => $last->added, 'flat' => $last->flat],
            ),
        ];
    }

    /** @return non-empty-list<Instruction> */
    private static function first(OvalRing $round, Stitch $stitch): array
    {
        $into = fn(int $many, Into $where): Instruction => $many === 1
            ? new Each($stitch, 1, into: $where)
            : new Several($stitch, $many, into: $where);
        $along = new Each($stitch, $round->straight, into: Into::NextChain);

        return [
            $into($round->head, Into::FirstChain),
            $along,
            new Several($stitch, $round->tail + $round->head, into: Into::LastChain),
            new Along(
                1,
                EdgeKind::OtherSide->value,
                [$along, $into($round->tail, Into::FirstChainAgain)],
            ),
        ];
    }

    /**
     * @param OvalRing $below the round worked into
     * @param list<int> $more extra stitches for each stitch of the end group, tail before head
     *
     * @return non-empty-list<Instruction>
     */
    private static function further(OvalRing $below, array $more, Stitch $stitch): array
    {
        $each = array_merge(
            array_slice($more, $below->tail),
            array_fill(0, $below->straight, 0),
            array_slice($more, 0, $below->tail),
        );

        return array_sum($each) === 0
            ? [new Each($stitch, $below->stitches())]
            : [new Repeat(Several::inRuns($stitch, array_map(fn(int $extra): int => 1 + $extra, $each)), 2)];
    }

    /**
     * So many extra stitches over an end group. The group is shared out evenly and each share has one at the same place
     * of it, in the place that lies farthest from those of the round below. An even number is shared out from the tip
     * to either side, so that it mirrors.
     *
     * @param list<float> $below where those of the round below stand in the group, between the two stitches that each
     *         left
     *
     * @return array{list<int>, list<float>} one for each stitch of the group; and where they stand in the next
     */
    private static function spread(int $group, int $extra, array $below): array
    {
        $left = $extra % $group;
        $best = [];
        $farthest = -1.0;
        foreach (self::IN_SHARE as $in) {
            $places = self::places($group, $left, $in);
            $apart = (float) $group;
            foreach ($places as $place) {
                foreach ($below as $other) {
                    $apart = min($apart, abs($place + 0.5 - $other));
                }
            }
            if ($apart > $farthest + 1e-9) {
                [$farthest, $best] = [$apart, $places];
            }
        }
        $more = array_fill(0, $group, intdiv($extra, $group));
        sort($best);
        $stand = [];
        foreach ($best as $before => $place) {
            $more[$place]++;
            $stand[] = $place * (1.0 + intdiv($extra, $group)) + $before + 1.0;
        }

        return [array_values($more), $stand];
    }

    /** @return list<int> stitches of an end group, one in each even share of it */
    private static function places(int $group, int $many, float $in): array
    {
        $mirrored = $many % 2 === 0;
        [$shares, $wide] = $mirrored ? [intdiv($many, 2), $group / 2] : [$many, $group];
        $places = [];
        for ($share = 0; $share < $shares; $share++) {
            $places[] = $place = (int) floor(($share + $in) * $wide / $shares);
            if ($mirrored) {
                $places[] = $group - 1 - $place;
            }
        }

        return $places;
    }
}
