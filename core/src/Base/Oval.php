<?php

declare(strict_types=1);

namespace Fescue\Core\Base;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Instruction\Along;
use Fescue\Core\Instruction\Each;
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
use Fescue\Core\Piece\ByChoices;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Side;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Shape\Flatness;
use Fescue\Core\Shape\Polyline;
use Fescue\Core\Shape\Stadium;
use Fescue\Core\Stitch\Stitch;

/**
 * An oval base worked round both sides of a chain in single crochet.
 *
 * Every round is two like halves, so front and back always hold the same. The first round is 2m + 2
 * (three in each end) or 2m + 4 (two and two); each further round grows by the whole steps that keep the sum nearest to
 * flat growth, 2π·h/w a round (geometry). Growth is spread evenly over the end, and off that of the round below, so
 * that
 * the end is round and no corners stack up.
 */
final readonly class Oval extends ByChoices
{
    private const FEWEST_CHAINS = 3;

    private const MOST_CHAINS = 400;

    private const MOST_ROUNDS = 40;

    /** Stitches of the first round in each end chain before the start of the round, or the half of it, is passed. */
    private const FIRST_TAIL = 2;

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
        return [
            new Choice(
                'ends',
                'Around the ends',
                $this->choice('ends', 'two-and-two'),
                ['two-and-two' => ['Two and two', 'in each end'], 'three' => ['Three', 'in each end']],
                asked: true,
            ),
            new Setting(
                'chain',
                'Chains to start',
                'starting chain',
                $this->count('chain'),
                self::FEWEST_CHAINS,
                self::MOST_CHAINS,
                'ch {n}',
                Side::Length,
                $ground?->gauge->singleWidth(),
                fewer: 'Start with {n} chains, not {was}',
            ),
            new Setting(
                'rounds',
                'Rounds of base',
                'base round',
                $this->count('rounds'),
                1,
                self::MOST_ROUNDS,
                '{n} round{s}',
                Side::Width,
                $ground?->gauge->singleHeight()->times(2),
                fewer: 'Work {many} fewer',
                rows: true,
            ),
        ];
    }

    public function height(Ground $ground): Length
    {
        return Length::mm(0);
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        $rounds = $this->count('rounds') ?? $this->rounds($wish, $ground->gauge);

        return $this->with(
            ['rounds' => $rounds, 'chain' => $this->count('chain') ?? $this->chain($wish, $ground->gauge, $rounds)],
        );
    }

    private function rounds(Wish $wish, Gauge $gauge): int
    {
        $width = $wish->width ?? throw new Unmakeable('/size/width', 'Give a width, or the number of base rounds.');
        $round = $gauge->singleHeight()->times(2);
        $rounds = (int) round($width->mm / $round->mm);
        if ($rounds < 1) {
            throw new Unmakeable(
                '/size/width',
                "One round alone makes the base {$round->print(LengthUnit::Centimetre)} wide; ask for at least "
                    .'that, or use thinner material.',
            );
        }
        if ($rounds > self::MOST_ROUNDS) {
            throw new Unmakeable(
                '/size/width',
                "That needs {$rounds} base rounds; Fescue plans up to "
                    .self::MOST_ROUNDS
                    .'. Check the width and the gauge.',
            );
        }

        return $rounds;
    }

    private function chain(Wish $wish, Gauge $gauge, int $rounds): int
    {
        $length = $wish->length ?? throw new Unmakeable(
            '/size/length',
            'Give a length, or the number of chains to start.',
        );
        $ends = $gauge->singleHeight()->times(2 * $rounds);
        $chain = 1 + (int) round(($length->mm - $ends->mm) / $gauge->singleWidth()->mm);
        if ($chain < self::FEWEST_CHAINS) {
            $least = $ends->plus($gauge->singleWidth()->times(self::FEWEST_CHAINS - 1));
            throw new Unmakeable(
                '/size/length',
                "{$rounds} base rounds make the ends {$ends->print(LengthUnit::Centimetre)} long by themselves, "
                    ."so an oval is at least {$least->print(LengthUnit::Centimetre)} long. Ask for more length or "
                    .'less width.',
            );
        }
        if ($chain > self::MOST_CHAINS) {
            throw new Unmakeable(
                '/size/length',
                "That needs a chain of {$chain}; Fescue plans up to "
                    .self::MOST_CHAINS
                    .'. Check the length and the gauge.',
            );
        }

        return $chain;
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        $gauge = $ground->gauge;
        [$chain, $rounds] = [$this->given('chain'), $this->given('rounds')];
        $twoAndTwo = $this->choice('ends', 'two-and-two') === 'two-and-two';
        // Each end grows by whole steps of this many, so that what two-and-two does left of the fold it does right of
        // it.
        $step = $twoAndTwo ? 2 : 1;
        $straight = ($chain - 1) * $gauge->singleWidth()->mm;
        $ring = fn(int $number, int $head, int $side, int $tail): OvalRing => new OvalRing(
            $head,
            $side,
            $tail,
            new Stadium($straight, ($number - 0.5) * $gauge->singleHeight()->mm),
            $gauge->singleWidth()->mm,
        );
        $round = $ring(1, $step, $chain - 2, self::FIRST_TAIL);
        $fabric = Motif::single();
        $rows = [
            new Row(
                Part::Base,
                $fabric,
                $ground->working->close(self::first($round)),
                [new Edge(EdgeKind::Chain, $chain), new Edge(EdgeKind::OtherSide, $chain - 1)],
                false,
                $round,
            ),
        ];
        $flatness = $below = [];
        $flat = $gauge->flatGrowth();
        $excess = 0.0;
        for ($number = 2; $number <= $rounds; $number++) {
            $each = (int) max(0.0, round(($flat - $excess) / (2 * $step))) * $step;
            $excess += 2 * $each - $flat;
            $flatness[] = new Flatness(2 * $each, $flat, $excess);
            [$more, $below] = self::spread($round->tail + $round->head, $each, $below);
            $tail = $round->tail + array_sum(array_slice($more, 0, $round->tail));
            $head = $round->head + array_sum(array_slice($more, $round->tail));
            $next = $ring($number, $head, $round->straight, $tail);
            $rows[] = new Row(
                Part::Base,
                $fabric,
                $ground->working->around(self::further($round, $more)),
                [Edge::tops($round->stitches())],
                false,
                $next,
            );
            $round = $next;
        }
        $half = $chain * $gauge->singleWidth()->mm / 2;

        return new Made(
            $rows,
            Edge::around($round->stitches(), $round->centreOfSide(), $fabric),
            new Start($chain, 1, new Polyline([[-$half, 0.0], [$half, 0.0]], 0.0)),
            new Stadium($straight, $rounds * $gauge->singleHeight()->mm),
            Flat::remarks($flatness),
        );
    }

    /** @return non-empty-list<Instruction> */
    private static function first(OvalRing $round): array
    {
        $stitch = Stitch::Single;
        $along = new Each($stitch, $round->straight, into: Into::NextChain);

        return [
            $round->head === 1 ? new Each($stitch, 1, into: Into::FirstChain) : new Several(
                $stitch,
                $round->head,
                into: Into::FirstChain,
            ),
            $along,
            new Several($stitch, $round->tail + $round->head, into: Into::LastChain),
            new Along(
                1,
                EdgeKind::OtherSide->value,
                [$along, new Several($stitch, $round->tail, into: Into::FirstChainAgain)],
            ),
        ];
    }

    /**
     * @param OvalRing $below the round worked into
     * @param list<int> $more extra stitches for each stitch of the end group, tail before head
     *
     * @return non-empty-list<Instruction>
     */
    private static function further(OvalRing $below, array $more): array
    {
        $each = array_merge(
            array_slice($more, $below->tail),
            array_fill(0, $below->straight, 0),
            array_slice($more, 0, $below->tail),
        );

        return array_sum($each) === 0
            ? [new Each(Stitch::Single, $below->stitches())]
            : [new Repeat(Several::inRuns(Stitch::Single, array_map(fn(int $extra): int => 1 + $extra, $each)), 2)];
    }

    /**
     * So many extra stitches over an end group. The group is shared out evenly and each share has one at the same place
     * of
     * it, in the place that lies farthest from those of the round below. An even number is shared out from the tip to
     * either side, so that it mirrors.
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
