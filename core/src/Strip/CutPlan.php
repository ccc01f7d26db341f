<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Spread;

/** Which pieces to cut, and in which order, for so much strand; surer than not. */
final readonly class CutPlan
{
    /** How sure to be that it is enough. */
    public const SURE = 0.9;

    private const TRIES = 6;

    /**
     * @param list<int|string> $order keys of the candidates, piece by piece, as they are cut
     * @param Spread $metres what is cut already and what these will give
     * @param float $chance that this is enough
     */
    private function __construct(
        public Choice $choice,
        public array $order,
        public Spread $metres,
        public float $chance,
    ) {}

    /**
     * @param list<Candidate> $candidates what is not cut yet, by what was expected before any was
     * @param float $need metres in all
     * @param list<array{float, float}> $cut metres expected and given, of each piece cut so far
     *
     * @return ?self null where all of them do not give it
     */
    public static function of(array $candidates, float $need, array $cut = []): ?self
    {
        $outcome = Outcome::after($cut);
        $have = array_sum(array_column($cut, 1));
        $left = max(1e-6, $need - $have);
        $metres = array_column(array_map(fn(Candidate $one): array => [$one->key, $one->metres], $candidates), 1, 0);
        $target = $left / $outcome->factor;
        $best = null;
        for ($try = 0; $try < self::TRIES; $try++) {
            $choice = Choice::of($candidates, $target);
            if ($choice === null) {
                break;
            }
            $expected = [];
            foreach ($choice->picked as $key => $count) {
                array_push($expected, ...array_fill(0, $count, $metres[$key]));
            }
            $spread = $outcome->of($expected);
            $chance = 1 - $spread->chanceWithin($left);
            $best = new self(
                $choice,
                self::order($choice, $metres),
                new Spread($have + $spread->likely, $spread->likely * $spread->relative / ($have + $spread->likely)),
                $chance,
            );
            if ($chance >= self::SURE) {
                break;
            }
            // Aim higher by what it falls short of being sure.
            $target += max(0.002 * $left, $left - $spread->at(1 - self::SURE)) / $outcome->factor;
        }

        return $best;
    }

    /**
     * First one of the kind there are most of, since it tells most about the rest; then from the longest down, so that
     * the last, a small one, can be left whole when the others gave more.
     *
     * @param array<int|string, float> $metres
     *
     * @return list<int|string>
     */
    private static function order(Choice $choice, array $metres): array
    {
        $left = $choice->picked;
        arsort($left);
        $first = array_key_first($left);
        if ($first === null) {
            return [];
        }
        $order = [$first];
        $left[$first]--;
        uksort($left, fn(int|string $a, int|string $b): int => $metres[$b] <=> $metres[$a]);
        foreach ($left as $key => $count) {
            array_push($order, ...array_fill(0, $count, $key));
        }

        return $order;
    }
}
