<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Measure\Length;
use Fescue\Core\Saying\Saying;

/** What grows from its second round or row on: by what is told of each, its "growth". */
trait Growing
{
    /**
     * @param string $of what grows: "round"
     * @param int $longest how many may be told
     */
    private function growing(string $of, int $longest, string $example): Series
    {
        return new Series(
            'growth',
            $of === 'round' ? 'Growth of each round after the first' : 'Growth of each row after the first',
            $of === 'round' ? 'increases of a round' : 'increases of a row',
            $this->series('growth'),
            0,
            60,
            $longest,
            $example,
        );
    }

    /**
     * @param int $many rounds or rows that there are, the first among them
     * @param string $more what more may be worked of: "base rounds"
     *
     * @return list<int> what each adds, as far as it is told
     *
     * @throws Unmakeable
     */
    private function told(int $many, string $more): array
    {
        $told = $this->series('growth') ?? [];
        $grow = $many - 1;

        return count($told) <= $grow ? $told : throw new Unmakeable(
            'growth',
            new Saying(
                'Growth is told of {told}, and after the first there are {grow} ({things}). Take some out, or work '
                    .'more.',
                ['told' => count($told), 'grow' => $grow, 'things' => new Saying($more)],
            ),
        );
    }

    /**
     * Where the count of them becomes another, what is told goes with it: cut to what is left of them, and open where
     * they are.
     *
     * @param array<string, int|string|bool|Length|array<int|string, int|string>|null> $values that are to be other
     *
     * @return array<string, int|string|bool|Length|array<int|string, int|string>|null>
     */
    private function following(array $values, string $count): array
    {
        $was = $this->count($count);
        $is = array_key_exists($count, $values) ? $values[$count] : $was;
        $told = $this->series('growth');
        if ($was === null || $is === $was || $told === null || isset($values['growth'])) {
            return $values;
        }
        $left = is_int($is) ? array_slice($told, 0, max(0, $is - 1)) : [];

        return ['growth' => $left === [] ? null : $left] + $values;
    }
}
