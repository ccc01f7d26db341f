<?php

declare(strict_types=1);

namespace Fescue\Core\Work;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Chosen;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Side;

/**
 * What the tape says of a bag in work: how high its rows really are, and how many more reach the wished height. What
 * the swatch says and what the tape says are weighed by how sure each is.
 */
final readonly class Tape
{
    /** How far a tape is off on a soft bag, mm. From memory. */
    private const OFF = 4.0;

    /** How far off a swatch's row is in the bag, as a share, where nothing says so. From memory. */
    private const SWATCH = 0.05;

    /**
     * @param float $ratio rows as high as this against the plan's
     * @param float $wide so of how wide its stitches are; 1 where that was not measured
     * @param Length $height that the plan's rows would come to
     * @param ?BagPlan $plan with the gauge of this work, and as many rows as reach the wish; null where it stays
     */
    private function __construct(
        public float $ratio,
        public Length $height,
        public int $was,
        public int $rows,
        public float $wide = 1.0,
        public ?BagPlan $plan = null,
    ) {}

    /**
     * After so many rows.
     *
     * @param int $done rows that are worked, from the first
     * @param ?Length $across how wide its last round lies flat, where that was measured
     *
     * @return ?self null where nothing stands yet, or nothing more follows the height
     */
    public static function of(BagPlan $plan, int $done, Length $measured, ?Length $across = null): ?self
    {
        $planned = $rest = 0.0;
        foreach ($plan->work->rows as $place => $row) {
            if ($row->stands) {
                $high = $plan->gauge->heightOf($row->fabric)->mm;
                [$planned, $rest] = $place < $done ? [$planned + $high, $rest] : [$planned, $rest + $high];
            }
        }
        $wish = $plan->spec->choices->wish->height->mm ?? $plan->comesOut->height->mm;
        if ($planned <= 0.0 || $measured->mm <= 0.0) {
            return null;
        }
        $ratio = self::weighed($measured, $planned, $plan->spec->facts->hands->sizeSpread()[1]);
        $wide = $across === null ? 1.0 : self::wider($plan, $done, $across) ?? 1.0;
        foreach (array_reverse($plan->parts) as $part) {
            $count = null;
            foreach (Setting::serving($part->maker->settings(), Side::Height) as $one) {
                $count = $one->fewer?->rows === true ? $one : $count;
            }
            if ($count?->value === null || $part->to() <= $done || $part->made->rows === []) {
                continue;
            }
            $row = $plan->gauge->heightOf($part->made->rows[0]->fabric)->mm * $ratio;
            // What stands besides its own rows still to be worked.
            $own = min($count->value, $part->to() - max($done, $part->from));
            $others = $rest * $ratio - $own * $row;
            $wanted = max(0, (int) round(($wish - $measured->mm - $others) / $row));
            $rows = max($count->bounds->least, $count->value - $own + $wanted);
            $height = Length::mm($measured->mm + $rest * $ratio);

            return new self(
                $ratio,
                $height,
                $count->value,
                $rows,
                $wide,
                self::planned($plan, $part->path, [$count->name => $rows], $wide, $ratio),
            );
        }

        return new self(
            $ratio,
            Length::mm($measured->mm + $rest * $ratio),
            0,
            0,
            $wide,
            self::planned($plan, '', [], $wide, $ratio),
        );
    }

    /**
     * How wide the bag comes out flat, where it measures so across its last round after so many rows. Its counts stay:
     * what is worked has fixed them.
     *
     * @return ?Length null where no round of the wall is worked yet
     */
    public static function across(BagPlan $plan, int $done, Length $measured): ?Length
    {
        $wider = self::wider($plan, $done, $measured);

        return $wider === null ? null : $plan->comesOut->flatWidth->times($wider);
    }

    private static function wider(BagPlan $plan, int $done, Length $measured): ?float
    {
        for ($place = min($done, count($plan->work->rows)) - 1; $place >= 0 && $measured->mm > 0.0; $place--) {
            $row = $plan->work->rows[$place];
            if ($row->part === Part::Body && $row->kind === RowKind::Round) {
                $planned = $plan->gauge->widthOf($row->fabric)->mm * $row->count->leaves / 2;

                return self::weighed($measured, $planned, $plan->spec->facts->hands->sizeSpread()[0]);
            }
        }

        return null;
    }

    /** What is measured against what is planned, mm, by how sure the tape is and how sure the swatch. */
    private static function weighed(Length $measured, float $planned, float $spread): float
    {
        $spread = $spread > 0.0 ? $spread : self::SWATCH;
        $tape = self::OFF / $measured->mm;

        return 1 + ($measured->mm / $planned - 1) * $spread ** 2 / ($spread ** 2 + $tape ** 2);
    }

    /**
     * Every count as it is settled but for one, in stitches as wide and high as these are.
     *
     * @param array<string, int> $counts of the part at the path
     */
    private static function planned(BagPlan $plan, string $path, array $counts, float $wide, float $high): ?BagPlan
    {
        if ($wide === 1.0 && $high === 1.0) {
            return null;
        }
        $settled = $plan->settled();
        try {
            return Planner::plan($settled->taped($wide, $high)->shaped(array_map(
                fn(Chosen $part): Chosen => $part->path === $path
                    ? new Chosen($path, $part->maker->with($counts))
                    : $part,
                $settled->choices->parts,
            )));
        } catch (Refused) {
            return null;
        }
    }
}
