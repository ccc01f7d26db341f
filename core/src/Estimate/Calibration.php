<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\BagSpec;
use Fescue\Core\Bag\HandGauge;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Bag\WeighIn;
use Fescue\Core\Document\Refused;
use Fescue\Core\Gauge\DrawnHand;
use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Statistics\Chance;
use Fescue\Core\Stitch\Stitch;

/**
 * Makers, materials and bags drawn from the stated prior, and whether the estimates are as sure of them as they say:
 * how often the 90 % interval holds, and how often "enough" was enough.
 */
final class Calibration
{
    /** Stocks asked after for each bag, spread from scarcely to surely enough. */
    private const STOCKS = 5;

    /** @var array<string, array{int, int}> held and drawn, by stage and origin */
    public array $held = [];

    /**
     * @var array<string, array<int, array{float, int, int}>> sum of chances, times enough, and drawn, by stage and
     *         tenth
     */
    public array $tenths = ['before' => [], 'after' => []];

    /** Shares by which bags are drawn off their swatches, and bags that were finished before. */
    public const DIFFER = [0.03, 0.05, 0.075];

    private const FINISHED = [0, 6, 20];

    /** @var array<string, array{int, int}> held and drawn, by how far bags differ and how many were finished before */
    public array $differing = [];

    public function __construct(private readonly Chance $chance) {}

    /** Of makers whose bags are so far off their swatches, whatever is supposed: held before any weigh-in. */
    public function differ(int $makers): void
    {
        foreach (self::DIFFER as $off) {
            foreach (self::FINISHED as $many) {
                $key = sprintf('%.1f %%, %d finished', 100 * $off, $many);
                $this->differing[$key] = [0, 0];
                while ($this->differing[$key][1] < $makers) {
                    try {
                        $held = $this->holds($off, $many);
                    } catch (Refused) {
                        continue;
                    }
                    $this->differing[$key][0] += (int) $held;
                    $this->differing[$key][1]++;
                }
            }
        }
    }

    private function holds(float $off, int $many): bool
    {
        [$spec, $truth] = $this->spec(new DrawnHand($this->chance), 'swatch');
        $outcomes = [];
        for ($bag = 0; $bag < $many; $bag++) {
            $came = exp($off * $this->chance->normal() + TrackRecord::BESIDES * $this->chance->normal());
            $outcomes[] = new ActualUse($came, 0.0, 1.0, 2.0);
        }
        $plan = Planner::plan($spec->given($spec->facts->differing((new TrackRecord($outcomes))->differs())));
        $takes = Consumption::of($plan);
        $true = $this->trueRows($takes, $plan, $truth, $off);
        $took = $this->worked($plan, $takes, $true, [null, ...array_map(
            fn(Material $other): ?float => $other->onHand?->grams,
            $spec->facts->strands->others,
        )])[0][0];
        $said = MaterialEstimate::of($plan)->grams;

        return $took >= $said->low() && $took <= $said->high();
    }

    public function draw(int $makers): void
    {
        for ($drawn = 0; $drawn < $makers;) {
            try {
                $this->one();
                $drawn++;
            } catch (Refused) {
                // No such bag can be made: another is drawn.
                continue;
            }
        }
    }

    private function one(): void
    {
        $hand = new DrawnHand($this->chance);
        $how = $this->chance->of(['guessed', 'swatch', 'swatch and hand', 'learned']);
        [$spec, $truth] = $this->spec($hand, $how);
        $plan = Planner::plan($spec);
        $takes = Consumption::of($plan);
        $true = $this->trueRows($takes, $plan, $truth);
        $stock = fn(?float $own): array => [
            $own,
            ...array_map(fn(Material $other): ?float => $other->onHand?->grams, $spec->facts->strands->others),
        ];
        $totals = fn(?float $own): array => $this->worked($plan, $takes, $true, $stock($own))[0];
        $this->count(
            'before',
            $how,
            MaterialEstimate::of($plan),
            $totals,
            fn(float $onHand): MaterialEstimate => MaterialEstimate::of($plan->weighed(Mass::grams($onHand), [])),
        );

        $onHand = $totals(null)[0] * $this->chance->between(1.02, 1.4);
        $weighIns = $this->weighIns($plan, $takes, $this->worked($plan, $takes, $true, $stock($onHand))[1]);
        $after = MaterialEstimate::of($plan->weighed(Mass::grams($onHand), $weighIns));
        // Whether it is enough is asked of the same bag as if it had begun with more or less, by whole balls where it
        // has some.
        $this->count('after', $how, $after, $totals, function (float $asked) use (
            $plan,
            $takes,
            $weighIns,
            $onHand,
        ): MaterialEstimate {
            $shift = fn(WeighIn $one): float => $takes->materials[(int) $plan->work->place($one->after)] === 0
                ? $asked - $onHand
                : 0.0;
            $shifted = array_map(
                fn(WeighIn $one): WeighIn => new WeighIn(
                    $one->after,
                    Mass::grams(max(0.0, $one->left->grams + $shift($one))),
                ),
                $weighIns,
            );

            return MaterialEstimate::of($plan->weighed(Mass::grams(max(0.0, $asked)), $shifted));
        }, $onHand, $plan->spec->facts->strands->own->unit?->grams);
    }

    /**
     * The bag as it is really worked, each material from its own balls: a ball that ends leaves a tail, and so does the
     * next.
     *
     * @param list<float> $true grams of each row, as if it were of the bag's own
     * @param list<?float> $stock of each material at the start
     *
     * @return array{list<float>, list<float>} grams of each material that go, and what is left of a row's after it
     */
    private function worked(BagPlan $plan, Consumption $takes, array $true, array $stock): array
    {
        $gone = $ball = [];
        foreach (array_keys($stock) as $which) {
            $unit = $plan->spec->facts->strands->of($which)->unit?->grams;
            $begun = $unit === null ? 0.0 : fmod($stock[$which] ?? 0.0, $unit);
            $gone[$which] = 0.0;
            $ball[$which] = $unit === null ? INF : ($begun > 0 ? $begun : $unit);
        }
        $left = [];
        foreach ($true as $place => $grams) {
            $which = $takes->materials[$place];
            $ratio = self::ratio($plan->spec, $which);
            $tail = $ratio * $takes->tail;
            $use = function (float $some) use (&$gone, &$ball, $which, $tail, $plan): void {
                while ($some > $ball[$which] - $tail) {
                    $some -= $ball[$which] - $tail;
                    $gone[$which] += $ball[$which] + $tail;
                    $ball[$which] = ($plan->spec->facts->strands->of($which)->unit->grams ?? INF) - $tail;
                }
                $ball[$which] -= $some;
                $gone[$which] += $some;
            };
            $use($ratio * $takes->before($place));
            $use($ratio * $grams);
            $left[] = ($stock[$which] ?? 0.0) - $gone[$which];
            // Its last tail is cut from the ball in hand.
            $gone[$which] += $ratio * $takes->after($place);
            $ball[$which] -= $ratio * $takes->after($place);
        }

        return [array_values($gone), $left];
    }

    private static function ratio(BagSpec $spec, int $which): float
    {
        $strands = $spec->facts->strands;

        return $strands->of($which)->density->gramsPerMetre / $strands->own->density->gramsPerMetre;
    }

    /**
     * @return array{BagSpec, array<string, float>} and what each stitch of hers really takes over what the gauge says,
     *         but for this bag's own factors
     */
    private function spec(DrawnHand $hand, string $how): array
    {
        [$hook, $diameter, $kind, $motif] = $hand->occasion();
        $document = [
            'format' => BagDocument::FORMAT,
            'name' => 'Drawn',
            'working' => $this->chance->of(['spiral', 'joined']),
            'hook' => $hook->exact(),
            'material' => ['kind' => $kind->value, 'diameter' => $diameter->exact(), 'density' => '5 g/m'],
            'gauge' => ['stitch' => 'sc', 'stitches' => 10, 'width' => '12 cm', 'rows' => 10, 'height' => '11.5 cm'],
            'base' => [
                'type' => 'oval',
                'ends' => $this->chance->of(['three', 'two-and-two']),
                'chain' => $this->chance->whole(10, 30),
                'rounds' => $this->chance->whole(1, 7),
            ],
            'body' => ['stitch' => $motif->key, 'rounds' => $this->chance->whole(4, 30)],
        ];
        if ($this->chance->share() < 0.5) {
            $document['material']['unit'] = $this->chance->whole(40, 250).' g';
        }
        if ($this->chance->share() < 0.6) {
            $document['handles'] = ['type' => 'slot', 'edge_rounds' => $this->chance->whole(0, 2)];
        }
        if ($this->chance->share() < 0.3) {
            // Stripes of another cord, of which there is plenty.
            $document['others'] = [
                [
                    'kind' => 'cord',
                    'diameter' => $diameter->exact(),
                    'density' => round($this->chance->between(3, 8), 2).' g/m',
                    'on_hand' => '50 kg',
                ],
            ];
            for (
                $change = 0, $round = $this->chance->whole(2, 6);
                $change < $this->chance->whole(1, 4);
                $change++, $round += $this->chance->whole(1, 3)
            ) {
                $document['changes'][] = ['from' => "Round {$round}", 'to' => 1 - $change % 2];
            }
        }
        $read = BagDocument::read($document);
        $own = $read->facts->strands->own;
        $loops = LearnedHand::of([])->predict($hook, $diameter, $kind, $motif);
        $trials = [];
        for ($swatch = $this->chance->whole(0, 6); $swatch > 0; $swatch--) {
            $trials[] = $hand->trial(...$hand->occasion());
        }
        $learned = LearnedHand::of($trials);
        $really = $hand->makes('strand', $hook, $diameter, $kind, $motif);
        if ($how === 'learned') {
            $predicted = $learned->predictBag($hook, $own, $motif);
            $spec = $read->worked($own, HandGauge::predicted($hook, $predicted, $own));
            $gauge = $predicted->strand->likely;
        } else {
            $mass = $how === 'guessed' ? null : Mass::grams(100 * $own->density->massOf($loops->strand())->grams);
            $swatch = new Swatch($motif, 10, $loops->width()->times(10), 10, $loops->height()->times(10), $mass);
            $spec = $read->worked(
                $own,
                new HandGauge(
                    $hook,
                    $swatch,
                    proportions: $how === 'swatch and hand' ? $learned->proportions($motif) : [],
                ),
            );
            // What she measured is what she takes.
            $gauge = $really;
        }
        $truth = [];
        foreach (Stitch::cases() as $stitch) {
            $other = Motif::plain($stitch);
            $proportion = $other === null ? null : $spec->facts->hands->gauge()->proportion($other);
            $truth[$stitch->value] = match (true) {
                Factors::isMeasured($spec->facts->hands->gauge(), $stitch) => $really / $gauge,
                $other !== null && $proportion !== null => $hand->makes(
                    'strand',
                    $hook,
                    $diameter,
                    $kind,
                    $other,
                ) / $gauge / $proportion->strand->likely,
                default => $really / $gauge + Factors::STITCH * $this->chance->normal(),
            };
        }

        return [$spec, $truth];
    }

    /**
     * @param array<string, float> $truth
     *
     * @return list<float> grams each row really takes
     */
    private function trueRows(Consumption $takes, BagPlan $plan, array $truth, float $off = Factors::SWATCH): array
    {
        $isGuessed = $plan->spec->facts->hands->predicted === null && $plan->gauge->mass === null;
        $common = ($isGuessed ? Factors::GUESSED : $off)
            * $this->chance->normal();
        $parts = [];
        foreach (Part::cases() as $part) {
            $parts[$part->value] = Factors::PART * $this->chance->normal();
        }
        $true = [];
        $drift = 0.0;
        foreach ($takes->rows as $place => $row) {
            // No row is just as the one before: each is off by itself, and the hand tires or settles.
            $drift += Factors::DRIFT * $this->chance->normal();
            $own = $drift + Factors::ROW * $this->chance->normal();
            $grams = 0.0;
            foreach ($row as $stitch => $expected) {
                $grams += $expected * $truth[$stitch] * max(
                    0.05,
                    1 + $common + $parts[$takes->parts[$place]->value] + $own,
                );
            }
            $true[] = $grams;
        }

        return $true;
    }

    /**
     * One to three, each as far off as a kitchen scale is.
     *
     * @param list<float> $left of each row's material after it
     *
     * @return list<WeighIn>
     */
    private function weighIns(BagPlan $plan, Consumption $takes, array $left): array
    {
        $places = [];
        for ($many = $this->chance->whole(1, 3); $many > 0; $many--) {
            $places[min($this->chance->whole(1, max(1, count($left) - 2)), count($left) - 1)] = true;
        }
        ksort($places);

        return array_map(
            fn(int $place): WeighIn => new WeighIn(
                $plan->work->rows[$place]->id,
                Mass::grams(max(0.0, $left[$place] + Factors::WEIGH_IN_G * $this->chance->normal())),
            ),
            array_keys($places),
        );
    }

    /**
     * @param \Closure(?float): list<float> $totals of each material, where so much of its own was on hand
     * @param \Closure(float): MaterialEstimate $asking the estimate where so much of its own was on hand
     * @param ?float $ball grams by which the stock that is asked after differs from what was there
     */
    private function count(
        string $stage,
        string $how,
        MaterialEstimate $estimate,
        \Closure $totals,
        \Closure $asking,
        float $there = 0.0,
        ?float $ball = null,
    ): void {
        $took = $totals(null);
        foreach ([$estimate, ...$estimate->others] as $which => $one) {
            $key = "{$stage}, ".($which === 0 ? $how : 'another material');
            $this->held[$key] ??= [0, 0];
            $this->held[$key][0] += (int) ($took[$which] >= $one->grams->low() && $took[$which] <= $one->grams->high());
            $this->held[$key][1]++;
        }
        // Several stocks are asked after for each bag, so that chance alone moves a tenth less.
        for ($stock = 0; $stock < self::STOCKS; $stock++) {
            $asked = $estimate->grams->at(0.01 + 0.98 * ($stock + $this->chance->share()) / self::STOCKS);
            $asked = $ball === null ? $asked : $there + $ball * round(($asked - $there) / $ball);
            $chance = $asking($asked)->enough ?? throw new \LogicException('What is on hand was given.');
            $tenth = min(9, (int) floor(10 * $chance));
            $enough = (int) ($totals($asked)[0] <= $asked);
            [$sum, $were, $drawn] = $this->tenths[$stage][$tenth] ?? [0.0, 0, 0];
            $this->tenths[$stage][$tenth] = [$sum + $chance, $were + $enough, $drawn + 1];
        }
    }

    /** @return list<string> how often intervals held, and how often what was said to be enough was */
    public function told(): array
    {
        $told = ['The 90 % interval holds:'];
        ksort($this->held);
        foreach (['before', 'after'] as $stage) {
            $all = array_filter(
                $this->held,
                fn(string $key): bool => str_starts_with($key, $stage),
                ARRAY_FILTER_USE_KEY,
            );
            $own = array_diff_key($all, ["{$stage}, another material" => 1]);
            $all["{$stage}, all"] = [array_sum(array_column($own, 0)), array_sum(array_column($own, 1))];
            foreach ($all as $name => [$held, $drawn]) {
                $said = str_replace("{$stage},", "{$stage} weigh-ins,", $name);
                $told[] = sprintf('  %-34s %5.1f %%  of %d', $said, 100 * $held / $drawn, $drawn);
            }
        }
        foreach (['before', 'after'] as $stage) {
            $told[] = "The chance of enough, {$stage} weigh-ins:";
            ksort($this->tenths[$stage]);
            foreach ($this->tenths[$stage] as $tenth => [$sum, $enough, $drawn]) {
                $told[] = sprintf(
                    '  said %3d to %3d %%: on average %5.1f, was enough %5.1f  of %d',
                    10 * $tenth,
                    10 * $tenth + 10,
                    100 * $sum / $drawn,
                    100 * $enough / $drawn,
                    $drawn,
                );
            }
        }

        if ($this->differing !== []) {
            $told[] = 'Where bags really differ from their swatches by so much, before weigh-ins it holds:';
        }
        foreach ($this->differing as $name => [$held, $drawn]) {
            $told[] = sprintf('  %-34s %5.1f %%  of %d', $name, 100 * $held / $drawn, $drawn);
        }

        return $told;
    }
}
