<?php

declare(strict_types=1);

namespace App\Bags;

use App\Drawing\BagOutline;
use Fescue\Core\Measure\Length;

/** What the page of a beginning shows: its kinds of bag, all to one scale, and the answer. */
final readonly class BeginningSheet
{
    public const WIDE = 172;

    public const HIGH = 178;

    /** Pixels a millimetre that nothing is drawn larger than. */
    private const LARGEST = 0.42;

    /** @var array<string, BagOutline> by the way's key */
    private array $outlines;

    private float $scale;

    public function __construct(public Beginning $begun)
    {
        $outlines = [];
        foreach ($begun->ways() as $way) {
            if ($way->plan !== null) {
                $outlines[$way->key] = BagOutline::of($way->plan);
            }
        }
        $scale = self::LARGEST;
        foreach ($outlines as $one) {
            $scale = min($scale, (self::WIDE - 20) / $one->width(), (self::HIGH - 16) / $one->height());
        }
        [$this->outlines, $this->scale] = [$outlines, $scale];
    }

    /** @return array<string, string> markup by region */
    public function regions(): array
    {
        $regions = ['answer' => view('begin.answer', ['sheet' => $this])->render(), 'hook' => e($this->tried())];
        foreach ($this->begun->ways() as $way) {
            $regions["way-{$way->key}"] = $this->way($way);
        }

        return $regions;
    }

    /** "8 mm tried first" */
    public function tried(): string
    {
        return $this->begun->swatch === null
            ? "{$this->begun->tried->exact()} tried first"
            : "{$this->begun->hook->exact()}, the swatch’s";
    }

    public function way(Way $way): string
    {
        $drawn = isset($this->outlines[$way->key])
            ? $this->outlines[$way->key]->svg($this->scale, self::WIDE, self::HIGH)
            : '<span class="no-plan" aria-hidden="true"></span>';

        return $drawn.'<b>'.e($way->name).'</b><span class="said">'
            .e($way->why !== '' ? $way->why : $way->said).'</span>';
    }

    public function say(Length $length): string
    {
        return $length->print($this->begun->unit());
    }
}
