<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

/** The unrolling pass: every top a row leaves, one by one, in working order, over the anchors it stands in. */
final class Placement
{
    /**
     * @param list<Instruction> $instructions
     *
     * @return list<Placed> as many as the row leaves
     */
    public static function of(array $instructions): array
    {
        $placed = [];
        $taken = [];
        foreach (Traverser::unrolled($instructions) as [$leaf, $edge]) {
            $from = $taken[$edge] ?? 0;
            $takes = $leaf->takes();
            $taken[$edge] = $from + $takes;
            $works = $leaf->works();
            $top = $tops = 0;
            foreach ($works as $one) {
                $tops += $one->top ? $one->count : 0;
            }
            foreach ($works as $one) {
                for ($stitch = 0; $one->top && $stitch < $one->count; $stitch++, $top++) {
                    // A leaf's tops share its anchors evenly, in their order.
                    $first = intdiv($top * $takes, $tops);
                    $placed[] = new Placed(
                        $one->stitch,
                        $one->loop,
                        $one->increase,
                        $edge,
                        $from + $first,
                        $takes === 0 ? 0 : max(1, intdiv(($top + 1) * $takes, $tops) - $first),
                        $one->standing,
                        $one->into,
                    );
                }
            }
        }

        return $placed;
    }
}
