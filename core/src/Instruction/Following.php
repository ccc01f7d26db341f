<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

/**
 * The following pass: where places of the edge that a row is worked into come to lie among the tops it leaves. Over a
 * stitch it goes straight from that stitch's foot to its top; what is skipped with chains over it is one with them, and
 * what is skipped with nothing over it closes up; but what skips, and leaves as many as it takes, stands as it is on
 * what it took. Nothing is scaled by counts.
 */
final class Following
{
    private const EXACT = 1e-9;

    /** Anchors and tops that were passed. */
    private int $below = 0;

    private int $above = 0;

    /** @var list<?float> by the place asked for */
    private array $found;

    /** @param list<float> $places */
    private function __construct(private readonly array $places)
    {
        $this->found = array_map(fn(float $one): ?float => null, $places);
    }

    /**
     * @param list<Instruction> $instructions of one edge
     * @param list<float> $places anchors from the edge's beginning
     *
     * @return list<float> tops from the row's beginning
     */
    public static function through(array $instructions, array $places): array
    {
        if ($places === []) {
            return [];
        }
        $following = new self($places);
        $following->pass($instructions);

        return array_map(fn(?float $one): float => $one ?? (float) $following->above, $following->found);
    }

    /** @param list<Instruction> $instructions */
    private function pass(array $instructions): void
    {
        $counts = array_map(self::counts(...), $instructions);
        for ($at = 0; $at < count($instructions);) {
            $many = self::asItIs($instructions, $counts, $at);
            if ($many === 1 && $instructions[$at]->children() !== []) {
                $this->group($instructions[$at], ...$counts[$at]);
            } else {
                $of = array_slice($counts, $at, $many);
                $this->span(array_sum(array_column($of, 0)), array_sum(array_column($of, 1)));
            }
            $at += $many;
        }
    }

    /**
     * How many from there on go as one: those that skip and leave as many as they take, else what is skipped with the
     * chain over it.
     *
     * @param list<Instruction> $instructions
     * @param list<array{int, int}> $counts
     */
    private static function asItIs(array $instructions, array $counts, int $at): int
    {
        [$takes, $leaves] = $counts[$at];
        $skips = $instructions[$at] instanceof Skip;
        for ($next = $at + 1; $takes !== $leaves && $next < count($counts); $next++) {
            $takes += $counts[$next][0];
            $leaves += $counts[$next][1];
            $skips = $skips || $instructions[$next] instanceof Skip;
            if ($takes === $leaves && $skips) {
                return $next - $at + 1;
            }
        }
        $pair = [$instructions[$at], $instructions[$at + 1] ?? null];

        return $pair[0] instanceof Chains && $pair[1] instanceof Skip ? 2 : 1;
    }

    /** A group is gone through only where a place lies in it, and there in that time of it alone. */
    private function group(Instruction $one, int $takes, int $leaves): void
    {
        $times = $one->times();
        [$each, $tops] = [intdiv($takes, max(1, $times)), intdiv($leaves, max(1, $times))];
        [$from, $begun] = [$this->below, $this->above];
        $in = [];
        foreach ($this->places as $nth => $place) {
            if ($this->found[$nth] === null && $place >= $from - self::EXACT && $place < $from + $takes - self::EXACT) {
                $in[(int) floor(($place - $from + self::EXACT) / max(1, $each))] = true;
            }
        }
        foreach (array_keys($in) as $time) {
            [$this->below, $this->above] = [$from + $time * $each, $begun + $time * $tops];
            $this->pass($one->children());
        }
        [$this->below, $this->above] = [$from + $takes, $begun + $leaves];
    }

    private function span(int $takes, int $leaves): void
    {
        if ($takes === 0 && $leaves === 0) {
            return;
        }
        foreach ($this->places as $nth => $place) {
            $in = $place - $this->below;
            if ($this->found[$nth] === null && $in > -self::EXACT && $in < max($takes, 2 * self::EXACT) - self::EXACT) {
                $this->found[$nth] = $this->above + ($takes === 0 ? $leaves / 2 : max(0.0, $in) * $leaves / $takes);
            }
        }
        $this->below += $takes;
        $this->above += $leaves;
    }

    /** @return array{int, int} what one takes and leaves in all; a leaf is asked itself, which is much faster */
    private static function counts(Instruction $one): array
    {
        if ($one->children() !== []) {
            $count = Count::of($one->children());

            return [$one->times() * $count->takes, $one->times() * $count->leaves];
        }
        $leaves = 0;
        foreach ($one->works() as $stitches) {
            $leaves += $stitches->top ? $stitches->count : 0;
        }

        return [$one->takes(), $leaves];
    }
}
