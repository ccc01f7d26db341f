<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** What stands on a row, from its first stitch on: stitches, and spaces of chains between; alike beside alike once. */
final class Tops
{
    /** @param list<array{bool, int, int}> $runs whether it is a space, of how many chains each, how many of them */
    public function __construct(private array $runs = []) {}

    /** @return list<array{bool, int, int}> as it was begun with */
    public function runs(): array
    {
        return $this->runs;
    }

    public static function stitches(int $many): self
    {
        return new self($many > 0 ? [[false, 0, $many]] : []);
    }

    public function add(bool $isSpace, int $chains, int $many): void
    {
        if ($many < 1) {
            return;
        }
        $last = count($this->runs) - 1;
        if ($last >= 0 && $this->runs[$last][0] === $isSpace && ! $isSpace) {
            $this->runs[$last][2] += $many;
        } elseif ($last >= 0 && $isSpace && $this->runs[$last][0]) {
            // Chains beside chains are one space.
            $this->runs[$last] = [true, $this->runs[$last][1] + $chains, 1];
        } else {
            $this->runs[] = [$isSpace, $chains, $many];
        }
    }

    public function hasSpaces(): bool
    {
        return array_filter($this->runs, fn(array $run): bool => $run[0]) !== [];
    }

    /** Whether not all that it has is alike. */
    public function isMixed(): bool
    {
        return count($this->runs) > 1;
    }

    public function count(bool $spaces): int
    {
        return array_sum(array_map(fn(array $run): int => $run[0] === $spaces ? $run[2] : 0, $this->runs));
    }

    public function chains(): int
    {
        return array_sum(array_map(fn(array $run): int => $run[0] ? $run[1] * $run[2] : 0, $this->runs));
    }

    /**
     * What a row has to work into, place by place.
     *
     * @return list<array{bool, int}> whether they are spaces, and how many beside each other
     */
    public function places(PlacesTaken $as): array
    {
        $places = [];
        foreach ($this->runs as [$isSpace, $chains, $many]) {
            $each = match ($as) {
                PlacesTaken::Stitches => $isSpace ? 0 : 1,
                PlacesTaken::Chains => $isSpace ? $chains : 1,
                PlacesTaken::Spaces => 1,
                PlacesTaken::SpacesAlone => $isSpace ? 1 : 0,
            };
            if ($each > 0) {
                $places[] = [$isSpace, $each * $many];
            }
        }

        return $places;
    }

    /**
     * How many chains its spaces have, where not all have as many.
     *
     * @return list<int> the most last
     */
    public function spans(): array
    {
        $spans = array_unique(array_map(
            fn(array $run): int => $run[1],
            array_filter($this->runs, fn(array $run): bool => $run[0]),
        ));
        sort($spans);

        return count($spans) > 1 ? $spans : [];
    }

    /** With spaces of so many chains, and of more, taken chain by chain. */
    public function opened(int $from): self
    {
        $opened = new self();
        foreach ($this->runs as [$isSpace, $chains, $many]) {
            $opens = $isSpace && $chains >= $from;
            $opened->add($isSpace && ! $opens, $opens ? 0 : $chains, $opens ? $chains * $many : $many);
        }

        return $opened;
    }

    /** As rows met from their other end have them. */
    public function reversed(): self
    {
        return new self(array_reverse($this->runs));
    }

    /** As a round has them from its other face: the first is the first either way, and what was last the second. */
    public function turned(): self
    {
        $first = $this->runs[0] ?? null;
        if ($first === null) {
            return $this;
        }
        $rest = array_reverse(array_slice($this->runs, 1));
        $left = $first[2] > 1 ? [[$first[0], $first[1], $first[2] - 1]] : [];

        return new self([[$first[0], $first[1], 1], ...$rest, ...$left]);
    }

    /** Alike of those that are alike. */
    public function key(): string
    {
        return implode(' ', array_map(fn(array $run): string => ($run[0] ? "c{$run[1]}x" : '').$run[2], $this->runs));
    }
}
