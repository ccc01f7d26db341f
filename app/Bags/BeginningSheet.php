<?php

declare(strict_types=1);

namespace App\Bags;

use App\Drawing\BagOutline;
use App\Tongue\Tongues;
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
                $outlines[$way->key] = $one = BagOutline::of($way->plan);
                $scale = min($scale, (self::WIDE - 20) / $one->width(), (self::HIGH - 16) / $one->height());
            }
        }
        $kinds = [];
        foreach ($this->begun->ways() as $way) {
            $drawn = isset($outlines[$way->key])
                ? $outlines[$way->key]->svg($scale, self::WIDE, self::HIGH)
                : '<span class="no-plan" aria-hidden="true"></span>';
            $kinds[$way->key] = $drawn.'<b>'.e($way->name).'</b><span class="said">'
                .e($way->why !== '' ? $way->why : $way->said).'</span>';
        }

        return $kinds;
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
