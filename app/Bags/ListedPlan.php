<?php

declare(strict_types=1);

namespace App\Bags;

use App\Bags\Sheets\PlanSheet;
use App\Drawing\BagOutline;
use App\Tongue\Tongues;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Measure\Decimal;

/** What a list says of a bag that makes a plan. */
final readonly class ListedPlan
{
    /**
     * @param float $broad how wide it is from the front with all that is on it, mm; $tall how high
     */
    private function __construct(
        public string $size,
        public int $rounds,
        public string $grams,
        public string $noun,
        public ?bool $isSure,
        public ?int $inHundred,
        public float $sureGrams,
        public string $next,
        public string $where,
        public string $short,
        public float $broad,
        public float $tall,
    ) {}

    public static function of(PlanSheet $sheet): self
    {
        $out = $sheet->plan->comesOut;
        $estimate = $sheet->estimate;
        [$next, $where] = $sheet->tally()->next();
        $outline = BagOutline::of($sheet->plan);

        return new self(
            "{$sheet->figure($out->flatWidth)} × {$sheet->figure($out->height)}",
            count($sheet->plan->work->rows),
            Decimal::print($estimate->grams->likely),
            $sheet->plan->spec->facts->strands->own->kind->noun(),
            $estimate->isSure(),
            $estimate->inHundred(),
            $estimate->grams->at(MaterialEstimate::SURE),
            $next,
            $where,
            $estimate->isSure() === false ? self::short($sheet) : '',
            $outline->width(),
            $outline->height(),
        );
    }

    /** "Wheat: 310 g on hand, 420 g likely, runs out near Round 9" */
    private static function short(PlanSheet $sheet): string
    {
        $least = $sheet->estimate->scarcest();

        return Tongues::tell(
            $least->runsOut() === null ? '{Material}: {there}, {g} g likely'
                : '{Material}: {there}, {g} g likely, runs out near {row}',
            [
                'material' => $sheet->named($least->which), 'there' => $sheet->needs()->onHand($least->which),
                'g' => Decimal::print($least->grams->likely), 'row' => $least->runsOut()->row ?? '',
            ],
        );
    }
}
