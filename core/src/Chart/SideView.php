<?php

declare(strict_types=1);

namespace Fescue\Core\Chart;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Instruction\Placed;
use Fescue\Core\Instruction\Placement;
use Fescue\Core\Instruction\Turn;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Shape\Arch;
use Fescue\Core\Shape\Stand;
use Fescue\Core\Stitch\Stitch;

/**
 * The front of the bag lying flat, read off its rows alone: a stitch stands on what it is worked into, a chain that is
 * longer than what it spans is lifted to an arch, and what is worked around it follows. Millimetres from the middle of
 * the foot, x to the right and y down.
 */
final readonly class SideView
{
    /** A chain that much longer than what it spans is lifted. */
    private const LIFTED = 1.15;

    /** How thick a chain lies, against a row of its fabric. From memory. */
    private const CHAIN = 0.6;

    /**
     * @param list<SideRow> $rows from the foot up
     * @param list<Opening> $openings under lifted chains
     * @param list<Hung> $hung fastened to the edge
     */
    private function __construct(
        public array $rows,
        public array $openings,
        public array $hung,
        public float $width,
        public float $height,
    ) {}

    public static function of(BagPlan $plan): self
    {
        $rows = $openings = $placed = [];
        $below = $last = $course = $like = null;
        $foot = $width = $height = 0.0;
        $before = 1.0;
        $steady = false;
        $leans = $plan->spec->school()->lean !== 0.0 || $plan->spec->school()->working === Working::JoinedTurned;
        $keeps = true;
        foreach ($plan->work->rows as $place => $row) {
            if (! $row->stands) {
                continue;
            }
            $stitch = $plan->gauge->widthOf($row->fabric)->mm;
            $high = $plan->gauge->heightOf($row->fabric)->mm;
            // Like rows upon one that left its places as they were stand as it does.
            if (
                $course === null
                || ! $steady
                || $leans
                || $row->instructions[0] instanceof Turn
                || $row->instructions !== $last?->instructions
                || $row->fabric !== $last->fabric
            ) {
                if ($row->instructions !== $like) {
                    $placed = self::placed($row);
                    $like = self::isPickedUp($row) ? null : $row->instructions;
                }
                $below = $below === null ? self::ground(
                    self::isPickedUp($row) ? $plan->work->rows[$place + 1]->into[0] ?? $row->into[0] : $row->into[0],
                    $stitch,
                ) : self::met($row, self::widened($below, $stitch / $before));
                if (($leans || ! $keeps) && $row->into[0]->middles !== [] && ! self::isLifted($below)) {
                    // Its start is not over that of the row below, or fewer stand there: its edge knows the middle.
                    $below = self::ground($row->into[0], $stitch);
                }
                $found = [];
                [$stitches, $tops] = self::stand($placed, $below, $stitch, $high, $found);
                array_push(
                    $openings,
                    ...array_map(
                        fn(Opening $one): Opening => new Opening($one->x, $one->y - $foot, $one->arch),
                        $found,
                    ),
                );
                $steady = $keeps = count($placed) === count($below);
                if ($keeps && $found === [] && ! self::isLifted($below)) {
                    [$stitches, $tops] = self::fold($placed, $below, $high, $stitches, $tops);
                }
                foreach ($tops as $nth => $top) {
                    if ($top === null) {
                        continue;
                    }
                    $steady = $steady && ! $top->lifted;
                    [$width, $height] = [max($width, 2 * abs($top->x) + $stitch), max($height, $foot - $top->y)];
                    // As many as there were: tops stand side by side, though two share a foot and the next has none.
                    $x = $keeps && ! $top->lifted ? $below[$nth]->x ?? $top->x : $top->x;
                    $tops[$nth] = new Stand($x, $top->y + $high, $top->degrees, $top->lifted);
                }
                if (! $keeps) {
                    $tops = self::closedUp($tops, $stitch);
                }
                $stitches = self::slanted($stitches, $tops);
                $course = new SideCourse($stitches);
                $below = $tops;
            }
            $rows[] = new SideRow($row, $place, $foot, $high, $stitch, $course);
            [$last, $before] = [$row, $stitch];
            $foot += $high;
        }

        $hung = self::hung($plan, $foot);
        $reach = array_map(
            fn(Hung $one): float => $one->arch === null ? 0.0 : $foot + $one->arch->height() + $one->broad / 2,
            $hung,
        );

        return new self($rows, $openings, $hung, $width, max([$height, $foot, ...$reach]));
    }

    /** @return list<Hung> at the top of what stands */
    private static function hung(BagPlan $plan, float $top): array
    {
        $hung = [];
        foreach ($plan->parts as $part) {
            foreach ($part->made->attached as $one) {
                $hung[] = new Hung($one->as, $one->middle(), -$top, $one->broad->mm, $one->arch());
            }
        }

        return $hung;
    }

    /**
     * What is picked up along several edges stands side by side, whatever it is worked into.
     *
     * @return list<Placed>
     */
    private static function placed(Row $row): array
    {
        $placed = Placement::of($row->instructions);

        return ! self::isPickedUp($row) ? $placed : array_map(
            fn(Placed $one, int $nth): Placed => new Placed($one->stitch, $one->loop, false, 0, $nth, 1),
            $placed,
            array_keys($placed),
        );
    }

    /** Whether its stitches do not stand each on an anchor below: along several edges, or more or fewer in a hole. */
    private static function isPickedUp(Row $row): bool
    {
        return count($row->into) > 1 || $row->into[0]->kind->isReadyMade();
    }

    /**
     * The edge at the foot: half of it is the front, the middle of its first side in the middle.
     *
     * @return list<?Stand> one an anchor, null at the back
     */
    private static function ground(Edge $edge, float $stitch): array
    {
        [$from, $until] = $edge->front();
        $stands = [];
        for ($anchor = 0; $anchor < $edge->anchors; $anchor++) {
            $along = fmod($anchor + 0.5 - $from + $edge->anchors, $edge->anchors);
            $stands[] = $along < $until - $from ? new Stand((($until - $from) / 2 - $along) * $stitch, 0, 0) : null;
        }

        return $stands;
    }

    /**
     * What is below in the order in which a row meets it: from where it begins, and the other way round where it turns.
     *
     * @param list<?Stand> $below
     *
     * @return list<?Stand>
     */
    private static function met(Row $row, array $below): array
    {
        return Edge::met($below, $row->instructions[0] instanceof Turn, $row->into[0]->moved);
    }

    /**
     * Each row is as wide as its own stitches, in the middle of the bag; what is lifted stays where it is.
     *
     * @param list<?Stand> $stands
     *
     * @return list<?Stand>
     */
    private static function widened(array $stands, float $factor): array
    {
        return abs($factor - 1) < 1e-9 ? $stands : array_map(
            fn(?Stand $one): ?Stand => $one === null || $one->lifted
                ? $one
                : new Stand($one->x * $factor, $one->y, $one->degrees),
            $stands,
        );
    }

    /**
     * @param list<Placed> $placed
     * @param list<?Stand> $below where the anchors are
     * @param list<Opening> $openings found on the way
     *
     * @return array{array<int, SideStitch>, list<?Stand>} stitches of the front by their top, and where every top is
     */
    private static function stand(array $placed, array $below, float $stitch, float $high, array &$openings): array
    {
        $stitches = $tops = [];
        for ($top = 0; $top < count($placed);) {
            $one = $placed[$top];
            if ($one->anchors === 0 && $one->stitch === Stitch::Chain) {
                $run = 1;
                while (self::isFree($placed[$top + $run] ?? null)) {
                    $run++;
                }
                $until = $placed[$top + $run]->first ?? count($below);
                foreach (self::chain(
                    $run,
                    array_slice($below, $one->first, $until - $one->first),
                    $stitch,
                    $high,
                    $openings,
                ) as $link => $foot) {
                    $tops[] = $foot === null ? null : self::above($foot, $foot->lifted ? self::CHAIN * $high : 0.0);
                    if ($foot !== null) {
                        $stitches[$top + $link] = new SideStitch($placed[$top + $link], $foot);
                    }
                }
                $top += $run;

                continue;
            }
            $shared = 1;
            while (self::shares($one, $placed[$top + $shared] ?? null)) {
                $shared++;
            }
            // What takes nothing stands in the gap before the next.
            $under = $one->anchors > 0
                ? array_slice($below, $one->first, $one->anchors)
                : [$below[$one->first - 1] ?? null, $below[$one->first] ?? null];
            for ($nth = 0; $nth < $shared; $nth++, $top++) {
                $foot = self::middle($under);
                $foot = $foot === null ? null : self::aside($foot, $stitch * (($shared - 1) / 2 - $nth) / $shared);
                $tops[] = $foot === null ? null : self::above($foot, $high);
                if ($foot !== null) {
                    $stitches[$top] = new SideStitch($placed[$top], $foot);
                }
            }
        }

        return [$stitches, $tops];
    }

    /**
     * At both edges of the front, what has its foot on one side and its top on the other stands where its top is.
     *
     * @param list<Placed> $placed
     * @param list<?Stand> $below as many
     * @param array<int, SideStitch> $stitches by their top
     * @param list<?Stand> $tops
     *
     * @return array{array<int, SideStitch>, list<?Stand>}
     */
    private static function fold(array $placed, array $below, float $high, array $stitches, array $tops): array
    {
        $folded = [];
        foreach ($below as $nth => $under) {
            $folded[] = $top = $under === null ? null : $tops[$nth] ?? self::above($under, $high);
            if ($top === null) {
                unset($stitches[$nth]);
            } else {
                $stitches[$nth] ??= new SideStitch(
                    $placed[$nth],
                    $placed[$nth]->isLyingChain() ? $top : $under,
                );
            }
        }

        return [$stitches, $folded];
    }

    /**
     * Each reaching over to its top, if not by a hundredth of a millimetre; what is lifted goes its own way.
     *
     * @param array<int, SideStitch> $stitches by their top
     * @param list<?Stand> $tops
     *
     * @return list<SideStitch>
     */
    private static function slanted(array $stitches, array $tops): array
    {
        $slanted = [];
        foreach ($stitches as $nth => $one) {
            $top = $tops[$nth] ?? null;
            $slanted[] = $top === null || $top->lifted || $one->foot->lifted
                ? $one
                : new SideStitch($one->placed, $one->foot, round($top->x - $one->foot->x, 2));
        }

        return $slanted;
    }

    /** @param list<?Stand> $stands */
    private static function isLifted(array $stands): bool
    {
        return array_filter($stands, fn(?Stand $one): bool => $one?->lifted === true) !== [];
    }

    private static function isFree(?Placed $one): bool
    {
        return $one !== null && $one->anchors === 0 && $one->stitch === Stitch::Chain;
    }

    /** Whether the next stands in the same place. */
    private static function shares(Placed $one, ?Placed $next): bool
    {
        return $next !== null && $next->first === $one->first && ($one->anchors > 0
            ? $next->anchors > 0 && $next->increase
            : $next->anchors === 0 && $next->stitch !== Stitch::Chain);
    }

    /**
     * A free chain over some anchors: an arch where it is longer than they are wide, else level with the tops beside
     * it.
     *
     * @param list<?Stand> $over
     * @param list<Opening> $openings
     *
     * @return list<?Stand> of each link
     */
    private static function chain(int $links, array $over, float $stitch, float $high, array &$openings): array
    {
        $seen = array_values(array_filter($over));
        if ($seen === [] || count($seen) < count($over)) {
            return array_fill(0, $links, null);
        }
        [$right, $left] = [$seen[0], $seen[count($seen) - 1]];
        $span = abs($right->x - $left->x) + $stitch;
        [$x, $y] = [($right->x + $left->x) / 2, ($right->y + $left->y) / 2];
        if ($links * $stitch > self::LIFTED * $span) {
            $arch = Arch::of($span, $links * $stitch);
            $openings[] = new Opening($x, $y, $arch);

            return array_map(
                fn(Stand $one): Stand => new Stand($x + $one->x, $y + $one->y, $one->degrees, true),
                array_reverse($arch->along($links)),
            );
        }

        return array_map(
            fn(int $link): Stand => new Stand($x + $span * (($links - 1) / 2 - $link) / $links, $y - $high, 0),
            range(0, $links - 1),
        );
    }

    /** @param list<?Stand> $stands */
    private static function middle(array $stands): ?Stand
    {
        if (count($stands) === 1) {
            return $stands[0];
        }
        $seen = array_values(array_filter($stands));
        if ($seen === []) {
            return null;
        }
        $mean = fn(float ...$of): float => array_sum($of) / count($of);

        return new Stand(
            $mean(...array_column($seen, 'x')),
            $mean(...array_column($seen, 'y')),
            $mean(...array_column($seen, 'degrees')),
            $seen[0]->lifted,
        );
    }

    /**
     * Of a row with more or fewer stitches than it stands on: tops side by side again, the row's middle where it is;
     * around what is lifted all stay where they are.
     *
     * @param list<?Stand> $tops
     *
     * @return list<?Stand>
     */
    private static function closedUp(array $tops, float $stitch): array
    {
        $seen = array_filter($tops);
        if ($seen === [] || self::isLifted($tops)) {
            return $tops;
        }
        $xs = array_map(fn(Stand $one): float => $one->x, $seen);
        arsort($xs);
        $middle = (max($xs) + min($xs)) / 2;
        foreach (array_keys($xs) as $nth => $place) {
            $tops[$place] = new Stand(
                $middle + ((count($xs) - 1) / 2 - $nth) * $stitch,
                $seen[$place]->y,
                $seen[$place]->degrees,
            );
        }

        return array_values($tops);
    }

    private static function above(Stand $foot, float $by): Stand
    {
        $turn = deg2rad($foot->degrees);

        return new Stand($foot->x + $by * sin($turn), $foot->y - $by * cos($turn), $foot->degrees, $foot->lifted);
    }

    private static function aside(Stand $foot, float $by): Stand
    {
        if ($by === 0.0) {
            return $foot;
        }
        $turn = deg2rad($foot->degrees);

        return new Stand($foot->x + $by * cos($turn), $foot->y + $by * sin($turn), $foot->degrees, $foot->lifted);
    }
}
