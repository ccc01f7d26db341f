<?php

declare(strict_types=1);

namespace App\Bags;

use App\Bags\Sheets\PlanSheet;
use Fescue\Core\Measure\Spread;

/** What a bag costs: its hours, and in her money its materials at their prices and her work at its wage. */
final readonly class Costs
{
    /**
     * @param ?float $stuff of all its materials that have a price; null where its own has none
     * @param int $unpriced others that have none
     * @param ?float $work null where no wage is said
     * @param ?float $tag on her price tag
     */
    private function __construct(
        public Spread $minutes,
        public ?float $stuff,
        public int $unpriced,
        public ?float $work,
        public ?float $tag,
    ) {}

    public static function of(PlanSheet $sheet, ?string $wage): self
    {
        $estimate = $sheet->estimate;
        $own = $sheet->bag->material?->priceOfOne();
        $stuff = $own === null ? null : $own * $estimate->grams->likely;
        $unpriced = 0;
        $others = $sheet->bag->others();
        foreach ($estimate->others as $place => $takes) {
            $price = ($others[$place] ?? null)?->priceOfOne();
            $unpriced += (int) ($price === null);
            $stuff = $stuff === null ? null : $stuff + ($price ?? 0.0) * $takes->grams->likely;
        }
        $minutes = $sheet->tally()->minutes();
        $tag = $sheet->bag->price_tag;

        return new self(
            $minutes,
            $stuff,
            $unpriced,
            $wage === null ? null : (float) $wage * $minutes->likely / 60,
            is_numeric($tag) ? (float) $tag : null,
        );
    }

    public function both(): ?float
    {
        return $this->stuff === null || $this->work === null ? null : $this->stuff + $this->work;
    }

    /** What the tag leaves for an hour of her work; null where that cannot be told. */
    public function leavesAnHour(): ?float
    {
        return $this->tag === null || $this->stuff === null || $this->minutes->likely <= 0
            ? null
            : ($this->tag - $this->stuff) * 60 / $this->minutes->likely;
    }
}
