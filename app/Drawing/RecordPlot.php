<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Tongue\Tongues;
use Fescue\Core\Estimate\ActualUse;
use Fescue\Core\Estimate\TrackRecord;

/**
 * Her finished bags, the first at the left: what each took against what was likely, its band and where it came; and
 * how long each took her.
 */
final class RecordPlot
{
    private const HIGH = 240.0;

    private const LEFT = 58.0;

    private const TOP = 26.0;

    private const FOOT = 44.0;

    /** Share of the likely that the axis always shows, either side. */
    private const LEAST = 0.15;

    /** Of one bag, pixels: no more, and from where its name has room. */
    private const WIDEST = 120.0;

    private const NAMED = 62.0;

    /** Letters of a name in a pixel. From memory. */
    private const LETTERS = 0.14;

    private const HOURS_HIGH = 130.0;

    private const BAR = 30.0;

    /** @param non-empty-list<string> $names of its bags */
    public static function of(TrackRecord $record, array $names): string
    {
        $bands = array_map(
            fn(ActualUse $one): array => [$one->low / $one->likely, $one->high / $one->likely, $one->ratio()],
            $record->bags,
        );
        $all = array_merge(...$bands);
        $least = min([1 - self::LEAST, ...$all]) - 0.03;
        $most = max([1 + self::LEAST, ...$all]) + 0.03;
        $n = fn(float $value): string => Canvas::number($value, 1);
        $y = fn(float $ratio): float => self::TOP + ($most - $ratio) / ($most - $least) * self::HIGH;
        $step = self::step(count($bands));
        $marks = '';
        $tick = Canvas::roundStep(($most - $least) / 6);
        for ($at = ceil($least / $tick) * $tick; $at <= $most + 1e-9; $at += $tick) {
            $percent = round(100 * ($at - 1), 1);
            $marks .= '<path d="M'.$n(self::LEFT)." {$n($y($at))}H".Canvas::WIDTH.'" stroke="'
                .(abs($percent) < 0.01 ? Ink::INK : Ink::LINE).'"/><text x="'.$n(self::LEFT - 8)
                ."\" y=\"{$n($y($at) + 4)}\" text-anchor=\"end\" fill=\"".Ink::SOFT.'">'
                .(abs($percent) < 0.01 ? Canvas::escape(Tongues::tell('likely'))
                    : ($percent > 0 ? '+' : '−').Tongues::exact(abs($percent)).' %').'</text>';
        }
        foreach ($bands as $nth => [$low, $high, $came]) {
            $x = self::LEFT + ($nth + 0.5) * $step;
            $inside = $came >= $low && $came <= $high;
            $said = Canvas::escape(
                Tongues::tell($inside ? '{bag}: {percent} % off, in the band' : '{bag}: {percent} % off, outside '
                    .'the band', [
                        'bag' => $names[$nth], 'percent' => Tongues::exact(round(100 * ($came - 1), 1)),
                    ]),
            );
            $colour = $inside ? Ink::GRASS : Ink::WARM;
            $r = min(6.0, max(3.0, $step / 5));
            $shape = $inside
                ? "<circle cx=\"{$n($x)}\" cy=\"{$n($y($came))}\" r=\"{$n($r)}\" fill=\"{$colour}\"/>"
                // Told by its shape too.
                : "<path d=\"M{$n($x)} {$n($y($came) - 1.4 * $r)}l{$n(1.4 * $r)} {$n(1.4 * $r)} {$n(-1.4 * $r)} "
                    ."{$n(1.4 * $r)} {$n(-1.4 * $r)} {$n(-1.4 * $r)}z\" fill=\"{$colour}\"/>";
            $marks .= "<g><title>{$said}</title><path d=\"M{$n($x)} {$n($y($low))}V{$n($y($high))}\" "
                ."stroke=\"#8aa588\" stroke-width=\"{$n(min(self::BAR, max(4.0, $step * 0.4)))}\"/>{$shape}</g>";
        }
        $marks .= self::called($names, $step, self::TOP + self::HIGH + 18);
        $drift = $record->drift();
        if ($drift !== null) {
            $many = count($bands);
            [$middle, $mean] = [($many - 1) / 2, $record->mean() ?? 1.0];
            $at = fn(float $nth): string => $n(self::LEFT + ($nth + 0.5) * $step).' '
                .$n($y($mean + $drift * ($nth - $middle)));
            $marks .= "<path d=\"M{$at(0)}L{$at($many - 1)}\" stroke=\"".Ink::WARM
                .'" stroke-width="2" stroke-dasharray="7 5"/>';
        }

        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 '.Canvas::WIDTH.' '
            .$n(self::TOP + self::HIGH + self::FOOT).'" role="img" font-size="14"><title>'
            .Canvas::escape(Tongues::tell('What each bag took against what was likely: {n} of {all} in the band', [
                'n' => $record->inside(), 'all' => count($bands),
            ])).'</title>'
            ."{$marks}</svg>";
    }

    /**
     * How long each took her, in hours.
     *
     * @param non-empty-list<string> $names
     * @param non-empty-list<?float> $hours null where they were not kept
     */
    public static function hours(array $names, array $hours): string
    {
        $n = fn(float $value): string => Canvas::number($value, 1);
        $most = max(1.0, ...array_map(fn(?float $one): float => $one ?? 0.0, $hours));
        $step = self::step(count($hours));
        $foot = self::TOP + self::HOURS_HIGH;
        $marks = '';
        foreach ($hours as $nth => $one) {
            if ($one === null) {
                continue;
            }
            $x = self::LEFT + ($nth + 0.5) * $step;
            $high = $one / $most * self::HOURS_HIGH;
            $wide = min(self::BAR, max(3.0, $step * 0.4));
            $marks .= "<rect x=\"{$n($x - $wide / 2)}\" y=\"{$n($foot - $high)}\" width=\"{$n($wide)}\" "
                ."height=\"{$n($high)}\" fill=\"".Ink::GRASS.'"/>'
                .($step < 26 ? '' : "<text x=\"{$n($x)}\" y=\"{$n($foot - $high - 6)}\" text-anchor=\"middle\" fill=\""
                    .Ink::INK.'">'.Tongues::figure($one, 1).'</text>');
        }

        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 '.Canvas::WIDTH.' '.$n($foot + self::FOOT)
            .'" role="img" font-size="14"><title>'.Canvas::escape(Tongues::tell('Hours of each bag')).'</title>'
            ."<path d=\"M{$n(self::LEFT)} {$n($foot)}H".Canvas::WIDTH.'" stroke="'.Ink::INK.'"/>'
            .$marks.self::called($names, $step, $foot + 18).'</svg>';
    }

    private static function step(int $bags): float
    {
        return min(self::WIDEST, (Canvas::WIDTH - self::LEFT - 12) / max(1, $bags));
    }

    /**
     * Under each its name in two lines, where there is room; else a number now and then.
     *
     * @param list<string> $names
     */
    private static function called(array $names, float $step, float $y): string
    {
        $n = fn(float $value): string => Canvas::number($value, 1);
        $said = '';
        foreach ($names as $nth => $name) {
            $room = max(1, (int) ($step * self::LETTERS));
            $lines = $step < self::NAMED ? [] : explode("\n", wordwrap($name, $room, "\n"));
            if ($lines === [] && $step < 22 && $nth % (int) ceil(22 / $step) !== 0) {
                continue;
            }
            foreach (array_slice($lines === [] ? [(string) ($nth + 1)] : $lines, 0, 2) as $line => $words) {
                $words = mb_strlen($words) > $room + 3 ? mb_substr($words, 0, $room).'…' : $words;
                $said .= "<text x=\"{$n(self::LEFT + ($nth + 0.5) * $step)}\" y=\"{$n($y + 16 * $line)}\" "
                    .'text-anchor="middle" font-size="12" fill="'.Ink::SOFT.'">'.Canvas::escape($words).'</text>';
            }
        }

        return $said;
    }
}
