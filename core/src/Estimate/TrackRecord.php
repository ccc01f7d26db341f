<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Statistics\LinearModel;

/** How honest the estimates of her finished bags were, and whether her hand drifts from one to the next. */
final readonly class TrackRecord
{
    /** Bags before a drift is spoken of. */
    private const FEWEST = 5;

    /** Standard errors from which a slope is no chance: about one in twenty. From memory. */
    private const BEYOND = 2.0;

    /** So many bags count as much as common practice. From memory. */
    private const PRIOR = 6.0;

    /** Shares of a whole bag by which its parts and rows are off by themselves, as Factors has them; and the least. */
    public const BESIDES = 0.03;

    private const LEAST = 0.02;

    /** @param list<ActualUse> $bags in the order in which they were finished */
    public function __construct(public array $bags) {}

    /** Of all, those that came within the band. */
    public function inside(): int
    {
        return count(array_filter($this->bags, fn(ActualUse $one): bool => $one->isInside()));
    }

    /** Mean of what came over what was likely; null of none. */
    public function mean(): ?float
    {
        return $this->bags === [] ? null : array_sum($this->ratios()) / count($this->bags);
    }

    /**
     * By how much the ratio moves from one bag to the next, by least squares; null where that may be chance, or the
     * bags are few.
     */
    public function drift(): ?float
    {
        $many = count($this->bags);
        if ($many < self::FEWEST) {
            return null;
        }
        $ratios = $this->ratios();
        $rows = array_map(fn(int $nth): array => [1.0, (float) $nth], array_keys($ratios));
        $line = LinearModel::prior([0.0, 0.0], [INF, INF])->observing($rows, $ratios, array_fill(0, $many, 1.0));
        $slope = $line->mean()[1];
        $rest = array_sum(array_map(
            fn(array $row, float $ratio): float => ($ratio - $line->expected($row)) ** 2,
            $rows,
            $ratios,
        ));
        $error = sqrt($rest / ($many - 2) * $line->variance([0.0, 1.0]));

        return abs($slope) > self::BEYOND * $error && abs($slope) > 1e-9 ? $slope : null;
    }

    /**
     * How far a bag of hers is off what its swatch says, common to all of it, as a share: what common practice has it,
     * for so many bags, and what hers were off (a variance learned from them, scaled inverse χ²); null where there is
     * none.
     */
    public function differs(): ?float
    {
        if ($this->bags === []) {
            return null;
        }
        // What rows and parts are off by themselves is told besides.
        $off = array_map(fn(float $ratio): float => log($ratio) ** 2 - self::BESIDES ** 2, $this->ratios());
        $variance = (self::PRIOR * Factors::SWATCH ** 2 + array_sum($off)) / (self::PRIOR + count($off));

        return round(sqrt(max(self::LEAST ** 2, $variance)), 4);
    }

    /** @return list<float> */
    private function ratios(): array
    {
        return array_map(fn(ActualUse $one): float => $one->ratio(), $this->bags);
    }
}
