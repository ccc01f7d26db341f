<?php

declare(strict_types=1);

namespace Fescue\Core\Shape;

/** Places one by one, each for one stitch. */
final readonly class Places implements Path
{
    /** @param non-empty-list<Stand> $stands */
    public function __construct(private array $stands) {}

    /** So many, evenly along a way. */
    public static function along(Path $way, int $many): self
    {
        $stands = [$way->stand(0, $many)];
        for ($place = 1; $place < $many; $place++) {
            $stands[] = $way->stand($place, $many);
        }

        return new self($stands);
    }

    public function and(self $others): self
    {
        return new self([...$this->stands, ...$others->stands]);
    }

    /**
     * A ring of them, begun with another than its first.
     *
     * @param non-empty-list<Stand> $stands
     */
    public static function begun(array $stands, int $first): self
    {
        $ring = [...array_slice($stands, $first), ...array_slice($stands, 0, $first)];

        return new self($ring === [] ? $stands : $ring);
    }

    public function stand(int $place, int $of): Stand
    {
        return $this->stands[$place % count($this->stands)];
    }

    /**
     * Several at each, side by side and so far outward.
     *
     * @param list<int> $each how many at each place
     * @param float $apart mm between the first and the last of one place
     */
    public function several(array $each, float $outward, float $apart): self
    {
        $stands = [];
        foreach ($this->stands as $place => $one) {
            $turn = deg2rad($one->degrees);
            $many = $each[$place] ?? 1;
            for ($nth = 0; $nth < $many; $nth++) {
                // Rounds run to the left as one faces outward.
                $aside = $many < 2 ? 0.0 : $apart * (0.5 - $nth / ($many - 1));
                $stands[] = new Stand(
                    $one->x + $outward * sin($turn) + $aside * cos($turn),
                    $one->y - $outward * cos($turn) + $aside * sin($turn),
                    $one->degrees,
                );
            }
        }

        return new self($stands === [] ? $this->stands : $stands);
    }
}
