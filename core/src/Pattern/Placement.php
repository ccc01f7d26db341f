<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/** The unrolling pass: every top a row leaves, one by one, in working order. */
final class Placement
{
    /** @return list<Placed> as many as the row leaves */
    public static function of(Row $row): array
    {
        return self::unroll($row->instructions);
    }

    /**
     * @param list<Instruction> $instructions
     *
     * @return list<Placed>
     */
    private static function unroll(array $instructions): array
    {
        $placed = [];
        foreach ($instructions as $instruction) {
            $next = match (true) {
                $instruction instanceof Each => array_fill(0, $instruction->count, new Placed($instruction->stitch, $instruction->loop, false)),
                $instruction instanceof Several => array_fill(0, $instruction->anchors * $instruction->inOne, new Placed($instruction->stitch, $instruction->loop, true)),
                $instruction instanceof Chains => array_fill(0, $instruction->count, new Placed(Stitch::Chain, Loop::Both, false)),
                $instruction instanceof Skip, $instruction instanceof StartingChain, $instruction instanceof Join, $instruction instanceof Marker => [],
                $instruction instanceof OtherSide => self::unroll($instruction->instructions),
                $instruction instanceof Repeat => array_merge(...array_fill(0, $instruction->times, self::unroll($instruction->instructions))),
                default => throw new \LogicException('No place for '.$instruction::class),
            };
            array_push($placed, ...$next);
        }

        return $placed;
    }
}
