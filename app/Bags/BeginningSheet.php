<?php

declare(strict_types=1);

namespace App\Bags;

use App\Drawing\BagOutline;
use App\Drawing\SolidSketch;
use App\Tongue\Tongues;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Measure\Length;

/** What the page of a beginning shows: its kinds of bag, all to one scale, and the answer. */
final readonly class BeginningSheet
{
    public const WIDE = 172;

    public const HIGH = 178;

    /** Pixels a millimetre that nothing is drawn larger than. */
    private const LARGEST = 0.42;

    public function __construct(public Beginning $begun) {}

    /**
     * What a touch changes at once: the answer alone is one plan.
     *
     * @return array<string, string> markup by region
     */
    public function answer(): array
    {
        return [
            'answer' => view('begin.answer', ['sheet' => $this])->render(),
            'strand' => e(Tongues::tell($this->begun->kind->name())),
            'bars' => view('begin.bars', ['begun' => $this->begun])->render(),
            'hook' => e($this->tried()),
        ];
    }

    /**
     * Every kind, all to one scale.
     *
     * @return array<string, string> markup by the way's key
     */
    public function kinds(): array
    {
        $outlines = [];
        $scale = self::LARGEST;
        foreach ($this->begun->ways() as $way) {
            if ($way->plan !== null) {
                $outlines[$way->key] = $one = SolidSketch::of($way->plan, [BagOutline::FABRIC]);
                [$wide, $high] = $one->size();
                $scale = min($scale, (self::WIDE - 20) / $wide, (self::HIGH - 16) / $high);
            }
        }
        $kinds = [];
        foreach ($this->begun->ways() as $way) {
            $drawn = isset($outlines[$way->key])
                ? $outlines[$way->key]->svg($scale, self::WIDE, self::HIGH)
                : '<span class="no-plan" aria-hidden="true"></span>';
            $kinds[$way->key] = $drawn.'<b>'.e($way->name).'</b><span class="said">'
                .e($way->why !== '' ? $way->why : $way->said).'</span>'.$this->enough($way);
        }

        return $kinds;
    }

    /** Whether it can be made of what there is, and how large it could be; '' where nobody said how much that is. */
    private function enough(Way $way): string
    {
        $chance = $way->plan === null ? null : $this->begun->enough($way->plan);
        if ($way->plan === null || $chance === null) {
            return '';
        }

        return '<span class="have '.($chance >= MaterialEstimate::SURE ? 'good' : 'bad').'">'
            .e(Tongues::tell('{n} in 100', ['n' => MaterialEstimate::hundred($chance)])).'</span>'
            .'<span class="said">'.e($this->reaches($way->plan)).'</span>';
    }

    /** "sure up to 34 × 24 cm"; '' where nobody said how much there is. */
    public function reaches(BagPlan $plan): string
    {
        $reaches = $this->begun->reaches($plan);
        if ($reaches === null) {
            return '';
        }
        [$wide, $high] = array_map(
            fn(Length $one): string => Tongues::figure($one->in($this->begun->unit())),
            $reaches,
        );

        return Tongues::tell('sure up to {wide} × {high} {unit}', [
            'wide' => $wide, 'high' => $high, 'unit' => $this->begun->unit()->value,
        ]);
    }

    /** "8 mm tried first" */
    public function tried(): string
    {
        return $this->begun->swatch === null
            ? Tongues::tell('{hook} tried first', ['hook' => $this->begun->tried])
            : Tongues::tell('{hook}, the swatch’s', ['hook' => $this->begun->hook]);
    }

    public function say(Length $length): string
    {
        return Tongues::here()->number($length->print($this->begun->unit()));
    }
}
