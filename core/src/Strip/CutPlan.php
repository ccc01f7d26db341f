<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Spread;

/**
 * Which pieces to cut, and in which order, for so much strand: the least that is surely enough, or where none is, all
 * of
 * them, which is as sure as they can be.
 */
final readonly class CutPlan
{
    /** How sure to be that it is enough. */
    public const SURE = 0.9;

    /** Targets that are tried where pieces are too many to weigh every choice. */
    private const TRIES = 40;

    /**
     * @param list<int|string> $order keys of the candidates, piece by piece, as they are cut
     * @param Spread $metres what is cut already and what these will give
     * @param float $chance that this is enough
     */
    private function __construct(
        public PieceChoice $choice,
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
        $outcome = CutYield::after($cut);
        $have = array_sum(array_column($cut, 1));
        $left = $need - $have;
        if ($left <= 0.0) {
            return new self(PieceChoice::none(), [], new Spread($have, 0.0), 1.0);
        }
        $metres = array_column(array_map(fn(Candidate $one): array => [$one->key, $one->metres], $candidates), 1, 0);
        $all = PieceChoice::all($candidates);
        if ($all->metres * $outcome->factor < $left - 1e-9) {
            return null;
        }
        $chance = fn(float $sum, float $squares): float => 1 - $outcome->ofAll($sum, $squares)->chanceWithin($left);
        $isSure = fn(float $sum, float $squares): bool => $chance($sum, $squares) >= self::SURE - 1e-12;
        $sureOfAll = $isSure($all->metres, self::squares($all, $metres));
        $choice = null;
        $target = $left / $outcome->factor;
        for ($try = 0; $sureOfAll && $try < self::TRIES && $choice === null; $try++) {
            $found = PieceChoice::of($candidates, $target, $isSure);
            if ($found === null) {
                break;
            }
            $squares = self::squares($found, $metres);
            if ($isSure($found->metres, $squares)) {
                $choice = $found;
            }
            // Aim higher by what it falls short of being sure.
            $short = $left - $outcome->ofAll($found->metres, $squares)->at(1 - self::SURE);
            $target = max($target, $found->metres) + max(0.002 * $left, $short) / $outcome->factor;
        }
        $choice ??= $all;
        $spread = $outcome->ofAll($choice->metres, self::squares($choice, $metres));

        return new self(
            $choice,
            self::order($choice, $metres),
            new Spread($have + $spread->likely, $spread->likely * $spread->relative / ($have + $spread->likely)),
            1 - $spread->chanceWithin($left),
        );
    }

    /** Whether nothing that is there would make it surer. */
    public function isAllOf(int $pieces): bool
    {
        return $this->choice->pieces === $pieces;
    }

    /** @param array<int|string, float> $metres */
    private static function squares(PieceChoice $choice, array $metres): float
    {
        return array_sum(array_map(
            fn(int|string $key, int $count): float => $count * $metres[$key] ** 2,
            array_keys($choice->picked),
            $choice->picked,
        ));
    }

    /**
     * First one of the kind there are most of, since it tells most about the rest; then from the longest down, so that
     * the last, a small one, can be left whole when the others gave more.
     *
     * @param array<int|string, float> $metres
     *
     * @return list<int|string>
     */
    private static function order(PieceChoice $choice, array $metres): array
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
