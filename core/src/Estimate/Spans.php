<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;

/**
 * Rows by the weigh-ins between which they lie: how far they may be off each by itself, and by a tension that drifts
 * from row to row as a random walk. Over m rows the drift's end is told apart from the way there: the row at place j of
 * them has j/m of the end on average, and with G the grams from a row on the rest has a variance of d²(ΣG² − (ΣG)²/m)
 * (the random walk's bridge).
 */
final readonly class Spans
{
    /**
     * @param list<Span> $all one a weigh-in, in their order
     * @param array<int, array{int, float}> $own by place, for rows weighed since: the span at whose end they were, and
     *         their share of what was weighed
     */
    private function __construct(public array $all, private array $own) {}

    public static function none(): self
    {
        return new self([], []);
    }

    public static function of(BagPlan $plan, Consumption $takes): self
    {
        $grams = $takes->grams;
        $spans = $own = $last = [];
        $from = 0;
        foreach ($plan->spec->facts->weighIns as $span => $weighIn) {
            $to = 1 + (int) $plan->work->place($weighIn->after);
            $which = $takes->materials[$to - 1];
            $weighed = array_intersect_key($grams, array_flip($takes->places($which, $last[$which] ?? 0, $to)));
            $sum = array_sum($weighed);
            foreach ($weighed as $place => $one) {
                $own[$place] = [$span, $sum > 0 ? $one / $sum : 0.0];
            }
            $variance = self::uneven($weighed);
            foreach ([...$spans, new Span($from, $to, 0.0)] as $part) {
                [$squares, $all] = self::onward($weighed, $part->from, $part->to);
                $variance += Factors::DRIFT ** 2 * max(0.0, $squares - $all ** 2 / ($part->to - $part->from));
            }
            $spans[] = new Span($from, $to, sqrt($variance));
            $from = $last[$which] = $to;
        }

        return new self($spans, $own);
    }

    /** @return list<float> of the drift over each span, and of its rows by themselves, in turns */
    public function deviations(): array
    {
        $deviations = [];
        foreach ($this->all as $span) {
            array_push($deviations, Factors::DRIFT * sqrt($span->to - $span->from), $span->deviation);
        }

        return $deviations;
    }

    /** @return array{int, float} spans that are over when a row is worked, and how far it lies into the next, 0 to 1 */
    public function at(int $place): array
    {
        foreach ($this->all as $span => $one) {
            if ($place < $one->to) {
                return [$span, ($place + 1 - $one->from) / ($one->to - $one->from)];
            }
        }

        return [count($this->all), 0.0];
    }

    /**
     * @return ?array{int, float} the span at whose end a row was weighed, and its share of what was; null where it was
     *         not
     */
    public function own(int $place): ?array
    {
        return $this->own[$place] ?? null;
    }

    /**
     * Grams by which rows that were not weighed may be off by themselves and by the drift still to come.
     *
     * @param list<int> $places
     */
    public function ahead(Consumption $takes, array $places): float
    {
        $grams = [];
        foreach ($places as $place) {
            if (! isset($this->own[$place])) {
                $grams[$place] = $takes->grams[$place];
            }
        }
        $from = $this->all === [] ? 0 : $this->all[count($this->all) - 1]->to;

        return sqrt(self::uneven($grams) + Factors::DRIFT ** 2 * self::onward($grams, $from, count($takes->rows))[0]);
    }

    /** @param array<int, float> $grams by place */
    private static function uneven(array $grams): float
    {
        return Factors::ROW ** 2 * array_sum(array_map(fn(float $one): float => $one ** 2, $grams));
    }

    /**
     * @param array<int, float> $grams by place
     *
     * @return array{float, float} sums of the squares of what goes from each row on to the last, and of that itself
     */
    private static function onward(array $grams, int $from, int $to): array
    {
        $onward = $squares = $all = 0.0;
        for ($place = $to - 1; $place >= $from; $place--) {
            $onward += $grams[$place] ?? 0.0;
            $squares += $onward ** 2;
            $all += $onward;
        }

        return [$squares, $all];
    }
}
