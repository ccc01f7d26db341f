<?php

declare(strict_types=1);

namespace Fescue\Core\Base;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Pattern\Each;
use Fescue\Core\Pattern\Instruction;
use Fescue\Core\Pattern\Into;
use Fescue\Core\Pattern\OtherSide;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Repeat;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Several;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Shape\Flatness;
use Fescue\Core\Shape\Stadium;
use Fescue\Core\Stitch\Stitch;

/**
 * An oval base worked round both sides of a chain in single crochet.
 *
 * Every round is two like halves, so front and back always hold the same. The first round is 2m + 2
 * (three in each end) or 2m + 4 (two and two); each further round grows by the whole steps that keep the sum nearest to
 * flat growth, 2π·h/w a round (geometry). Growth is spread evenly over the end, and off that of the round below, so that
 * the end is round and no corners stack up.
 */
final readonly class Oval
{
    public const FEWEST_CHAINS = 3;

    /** Places of a share in which its increase may stand, the first where nothing is below. */
    private const IN_SHARE = [0.25, 0.75, 0.5, 0.375, 0.625, 0.125, 0.875];

    /** @var non-empty-list<OvalRound> */
    public array $rounds;

    /** @var non-empty-list<Row> */
    public array $rows;

    /** @var list<Flatness> of the second round and those after */
    public array $flatness;

    /**
     * @param int $chain chains to work into, at least 3; the turning chain is apart
     * @param int $rounds at least 1
     */
    public function __construct(
        public int $chain,
        int $rounds,
        public Ends $ends,
        public Gauge $gauge,
        Working $working,
    ) {
        if ($chain < self::FEWEST_CHAINS || $rounds < 1) {
            throw new \InvalidArgumentException('An oval starts on at least three chains and has a round.');
        }
        $round = new OvalRound($ends->firstHead(), $chain - 2, $ends->firstTail(), 0);
        $made = [$round];
        $rows = [new Row('Round 1', Part::Base, $working->close(self::first($round)))];
        $flatness = [];
        $flat = $gauge->flatGrowth();
        $excess = 0.0;
        $below = [];
        for ($number = 2; $number <= $rounds; $number++) {
            $steps = max(0.0, round(($flat - $excess) / (2 * $ends->step())));
            $each = (int) $steps * $ends->step();
            $excess += 2 * $each - $flat;
            $flatness[] = new Flatness(2 * $each, $flat, $excess);
            [$more, $below] = self::spread($round->tail + $round->head, $each, $below);
            $rows[] = new Row("Round {$number}", Part::Base, $working->around(self::further($round, $more)));
            $tail = $round->tail + array_sum(array_slice($more, 0, $round->tail));
            $head = $round->head + array_sum(array_slice($more, $round->tail));
            $made[] = $round = new OvalRound($head, $round->straight, $tail, 2 * $each);
        }
        $this->rounds = $made;
        $this->rows = $rows;
        $this->flatness = $flatness;
    }

    public function last(): OvalRound
    {
        return $this->rounds[count($this->rounds) - 1];
    }

    /** The outline after so many rounds; the chain is a line as long as from its first stitch's middle to its last's. */
    public function outline(int $rounds): Stadium
    {
        return new Stadium(($this->chain - 1) * $this->gauge->singleWidth()->mm, $rounds * $this->gauge->singleHeight()->mm);
    }

    public function finished(): Stadium
    {
        return $this->outline(count($this->rounds));
    }

    /** @return list<Instruction> */
    private static function first(OvalRound $round): array
    {
        $stitch = Stitch::Single;
        $along = new Each($stitch, $round->straight, into: Into::NextChain);

        return [
            $round->head === 1
                ? new Each($stitch, 1, into: Into::FirstChain)
                : new Several($stitch, $round->head, into: Into::FirstChain),
            $along,
            new Several($stitch, $round->tail + $round->head, into: Into::LastChain),
            new OtherSide([$along, new Several($stitch, $round->tail, into: Into::FirstChainAgain)]),
        ];
    }

    /**
     * @param OvalRound $below the round worked into
     * @param list<int> $more extra stitches for each stitch of the end group, tail before head
     *
     * @return list<Instruction>
     */
    private static function further(OvalRound $below, array $more): array
    {
        $each = array_merge(
            array_slice($more, $below->tail),
            array_fill(0, $below->straight, 0),
            array_slice($more, 0, $below->tail),
        );
        if (array_sum($each) === 0) {
            return [new Each(Stitch::Single, $below->stitches())];
        }

        return [new Repeat(self::inRuns($each), 2)];
    }

    /**
     * @param list<int> $more extra stitches, anchor by anchor
     *
     * @return list<Instruction>
     */
    private static function inRuns(array $more): array
    {
        $runs = [];
        $length = 0;
        foreach ($more as $place => $extra) {
            $length++;
            if (($more[$place + 1] ?? null) !== $extra) {
                $runs[] = $extra === 0
                    ? new Each(Stitch::Single, $length)
                    : new Several(Stitch::Single, 1 + $extra, $length);
                $length = 0;
            }
        }

        return $runs;
    }

    /**
     * So many extra stitches over an end group. The group is shared out evenly and each share has one at the same place of
     * it, in the place that lies farthest from those of the round below. An even number is shared out from the tip to
     * either side, so that it mirrors.
     *
     * @param list<float> $below where those of the round below stand in the group, between the two stitches that each left
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
                $apart = min([$apart, ...array_map(fn(float $other): float => abs($place + 0.5 - $other), $below)]);
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
