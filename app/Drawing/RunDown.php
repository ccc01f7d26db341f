<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Tongue\Tongues;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Estimate\Foretold;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\RowId;

/**
 * A strand running down over the rows: as it was weighed, and from there on as it is foretold, nine of ten bags inside
 * the band; where it ends, and where the work is.
 */
final readonly class RunDown
{
    private const WIDE = 640;

    private const HIGH = 260;

    private const LEFT = 52;

    private const RIGHT = 16;

    private const TOP = 30;

    private const FOOT = 34;

    /** Numbers along an axis at the most. */
    private const NUMBERS = 7;

    /**
     * @param list<array{int, float}> $weighed rows done and grams left then, what there was at first before them
     * @param list<array{int, float, float}> $ahead rows done, grams likely left then, and by how much that may be off
     * @param ?array{int, int} $ends rows in which it ends in nine of ten bags; null where it is likely to reach
     */
    private function __construct(
        private array $weighed,
        private array $ahead,
        private int $rows,
        public ?array $ends,
    ) {}

    /** Null where nobody knows how much there is of it. */
    public static function of(BagPlan $plan, Foretold $foretold): ?self
    {
        $onHand = $plan->spec->facts->strands->of($foretold->which)->onHand;
        if ($onHand === null) {
            return null;
        }
        $weighed = [[0, $onHand->grams]];
        foreach ($foretold->which === 0 ? $plan->spec->facts->weighIns : [] as $one) {
            $weighed[] = [1 + (int) $plan->work->place($one->after), $one->left->grams];
        }
        [$from, $left] = $weighed[count($weighed) - 1];
        $ahead = [];
        for ($done = $from; $done < count($foretold->come); $done++) {
            $ahead[] = [
                $done, $left - ($foretold->come[$from] - $foretold->come[$done]),
                $done === $from ? 0.0 : $foretold->off[$done],
            ];
        }

        $rows = count($foretold->come) - 1;
        $out = $foretold->out;
        $row = fn(?RowId $of): int => $of === null ? $rows : 1 + (int) $plan->work->place($of);

        return new self(
            $weighed,
            $ahead,
            $rows,
            $out === null ? null : [$row($out->earliest), $row($out->latest)],
        );
    }

    /**
     * @param int $done rows that are done
     * @param string $named the strand
     */
    public function svg(int $done, string $named): string
    {
        $most = max([1.0, ...array_column($this->weighed, 1)]);
        $step = Canvas::roundStep($most / self::NUMBERS);
        $top = ceil($most / $step) * $step;
        $x = fn(float $row): float => self::LEFT
            + $row / max(1, $this->rows) * (self::WIDE - self::LEFT - self::RIGHT);
        $y = fn(float $grams): float => self::TOP
            + (1 - max(0.0, min($top, $grams)) / $top) * (self::HIGH - self::TOP - self::FOOT);
        $at = fn(float $row, float $grams): string => Canvas::number($x($row), 1).' '.Canvas::number($y($grams), 1);
        $drawn = '';
        for ($grams = 0.0; $grams <= $top; $grams += $step) {
            $drawn .= '<path d="M'.$at(0, $grams).'L'.$at($this->rows, $grams).'" stroke="'.Ink::LINE.'"/>'
                .$this->text(self::LEFT - 8, $y($grams) + 4, Tongues::figure($grams), 'end');
        }
        $every = (int) max(1, Canvas::roundStep($this->rows / self::NUMBERS));
        for ($row = $every; $row <= $this->rows; $row += $every) {
            $drawn .= $this->text($x($row), self::HIGH - self::FOOT + 18, (string) $row, 'middle');
        }
        $upper = array_map(fn(array $one): string => $at($one[0], $one[1] + $one[2]), $this->ahead);
        $lower = array_map(fn(array $one): string => $at($one[0], $one[1] - $one[2]), array_reverse($this->ahead));
        $drawn .= '<path d="M'.implode('L', [...$upper, ...$lower]).'z" fill="'.Ink::GRASS.'" fill-opacity=".16"/>';
        $drawn .= '<path d="M'.implode('L', array_map(fn(array $one): string => $at(...$one), $this->weighed))
            .'" fill="none" stroke="'.Ink::GRASS.'" stroke-width="2.6"/>';
        // Nothing runs on below nothing.
        $likely = [];
        foreach ($this->ahead as [$row, $grams]) {
            $likely[] = $at($row, $grams);
            if ($grams <= 0.0) {
                break;
            }
        }
        $drawn .= '<path d="M'.implode('L', $likely).'" fill="none" stroke="'.Ink::GRASS
            .'" stroke-width="2.6" stroke-dasharray="7 5"/>';
        if ($this->ends !== null) {
            [$first, $last] = $this->ends;
            $drawn .= '<path d="M'.$at($first, 0).'L'.$at($last, 0).'" stroke="'.Ink::WARM.'" stroke-width="6"/>'
                .$this->text(
                    min($x($first) + 8, self::WIDE - 190.0),
                    self::HIGH - self::FOOT - 30,
                    $first === $last ? Tongues::tell('runs out in row {n}', ['n' => $first])
                        : Tongues::tell('runs out in rows {n} to {m}', ['n' => $first, 'm' => $last]),
                    'start',
                    Ink::WARM,
                    700,
                );
        }
        if ($done > 0) {
            $drawn .= '<path d="M'.$at($done, 0).'V'.(self::TOP - 8).'" stroke="'.Ink::WARM.'" stroke-width="1.6"/>'
                .$this->text($x($done) + 5, self::TOP - 2, Tongues::tell('you are here'), 'start', Ink::WARM);
        }
        foreach ($this->weighed as [$row, $grams]) {
            $drawn .= '<circle cx="'.Canvas::number($x($row), 1).'" cy="'.Canvas::number($y($grams), 1)
                .'" r="5" fill="'.Ink::SHEET.'" stroke="'.Ink::INK.'" stroke-width="2"/>'
                .$this->text(
                    $x($row) + 9,
                    $y($grams) - 7,
                    Tongues::printed(Mass::grams($grams)->print()),
                    'start',
                    Ink::INK,
                    700,
                );
        }
        $said = Canvas::escape(Tongues::tell('{strand}: grams left after each row, weighed, then foretold', [
            'strand' => $named,
        ]));

        return '<svg viewBox="0 0 '.self::WIDE.' '.self::HIGH."\" role=\"img\" font-size=\"13\"><title>{$said}</title>"
            ."{$drawn}</svg>";
    }

    private function text(
        float $x,
        float $y,
        string $text,
        string $anchor,
        string $fill = Ink::SOFT,
        int $weight = 400,
    ): string {
        return '<text x="'.Canvas::number($x, 1).'" y="'.Canvas::number($y, 1)."\" fill=\"{$fill}\" "
            ."text-anchor=\"{$anchor}\" font-weight=\"{$weight}\" stroke=\"".Ink::SHEET
            .'" stroke-width="4" paint-order="stroke">'.Canvas::escape($text).'</text>';
    }
}
