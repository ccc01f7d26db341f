<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

/** The counting pass: what a row takes and leaves. */
final class Counter
{
    /** @throws Miscount where the other side of a foundation is not filled exactly */
    public static function count(Row $row): Count
    {
        return self::sum($row->instructions, $row->name);
    }

    /** @param list<Instruction> $instructions */
    private static function sum(array $instructions, string $row): Count
    {
        $sum = new Count(0, 0);
        foreach ($instructions as $instruction) {
            $sum = $sum->plus(match (true) {
                $instruction instanceof Each => new Count(
                    $instruction->count * $instruction->stitch->takes(),
                    $instruction->count * $instruction->stitch->leaves(),
                ),
                $instruction instanceof Several => new Count($instruction->anchors, $instruction->anchors * $instruction->inOne),
                $instruction instanceof Chains => new Count(0, $instruction->count),
                $instruction instanceof Skip => new Count($instruction->count, 0),
                $instruction instanceof Repeat => self::sum($instruction->instructions, $row)->times($instruction->times),
                $instruction instanceof OtherSide => self::otherSide($instruction, $sum->takes - 1, $row),
                $instruction instanceof StartingChain, $instruction instanceof Join, $instruction instanceof Marker => new Count(0, 0),
                default => throw new \LogicException('No count for '.$instruction::class),
            });
        }

        return $sum;
    }

    private static function otherSide(OtherSide $side, int $offers, string $row): Count
    {
        $count = self::sum($side->instructions, $row);
        if ($count->takes !== $offers) {
            throw new Miscount("{$row} takes {$count->takes} chains on the other side where {$offers} are there.");
        }

        return new Count(0, $count->leaves);
    }
}
