<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Document\Refused;
use Fescue\Core\Measure\Length;
use Fescue\Core\Text\Checked;
use Fescue\Core\Text\Resize;
use Fescue\Core\Written\AsWritten;

/** A bag as it is written made as large as it is wished, in its text's own words. */
final class Refit
{
    /** Rounds of increases that are put in at most. */
    private const MOST_GROWN = 12;

    private string $text;

    private function __construct(private readonly BagSpec $spec, private readonly AsWritten $maker)
    {
        $this->text = $maker->text();
    }

    /**
     * The text that comes nearest to a size.
     *
     * @param ?Length $wide as it lies flat; null: as it is
     * @param ?Length $high so
     *
     * @return ?string null where nothing in it stretches so
     */
    public static function toward(BagPlan $plan, ?Length $wide, ?Length $high): ?string
    {
        $maker = $plan->spec->choices->parts[0]->maker;
        if (! $maker instanceof AsWritten) {
            return null;
        }
        $refit = new self($plan->spec, $maker);
        $isDone = ($wide === null || $refit->widen($wide)) && ($high === null || $refit->heighten($high));

        return $isDone ? $refit->text : null;
    }

    /** What it comes out as with another text; null where that makes none. */
    private function planned(string $text): ?BagPlan
    {
        $parts = $this->spec->choices->parts;
        $parts[0] = new Chosen($parts[0]->path, $this->maker->with(['pattern' => $text]));
        try {
            return Planner::plan($this->spec->shaped($parts));
        } catch (Refused) {
            return null;
        }
    }

    private function widen(Length $wish): bool
    {
        $checked = Checked::of($this->text);
        $step = Resize::step($checked, $this->text);

        return $step === null
            ? $this->grow($checked, $wish)
            : $this->stretch(
                $wish,
                fn(int $times): ?string => Resize::of($checked, $this->text, $times * $step, 0)?->text,
                fn(BagPlan $of): float => $of->comesOut->flatWidth->mm,
            );
    }

    private function grow(Checked $checked, Length $wish): bool
    {
        return $this->stretch(
            $wish,
            fn(int $times): ?string => match (true) {
                $times > self::MOST_GROWN => null,
                $times < 1 => $this->text,
                default => Resize::of($checked, $this->text, 0, 0, $times)?->text,
            },
            fn(BagPlan $of): float => $of->comesOut->flatWidth->mm,
        );
    }

    private function heighten(Length $wish): bool
    {
        $checked = Checked::of($this->text);

        return $this->stretch(
            $wish,
            fn(int $times): ?string => Resize::of($checked, $this->text, 0, $times)?->text,
            fn(BagPlan $of): float => $of->comesOut->height->mm,
        );
    }

    /**
     * So many times as come nearest, by what one time makes of it.
     *
     * @param \Closure(int): ?string $text
     * @param \Closure(BagPlan): float $size mm
     */
    private function stretch(Length $wish, \Closure $text, \Closure $size): bool
    {
        $once = $text(1);
        [$before, $after] = [$this->planned($this->text), $once === null ? null : $this->planned($once)];
        if ($before === null || $after === null || $size($after) <= $size($before)) {
            return false;
        }
        $times = (int) round(($wish->mm - $size($before)) / ($size($after) - $size($before)));
        $made = $times === 0 ? $this->text : $text($times);
        $this->text = $made ?? $this->text;

        return $made !== null;
    }
}
