<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Stitch;

/** The one way through instructions, that every pass goes. */
final class Traverser
{
    /**
     * Every leaf once, with the edge it is worked into and how often it is worked.
     *
     * @param list<Instruction> $instructions
     * @param \Closure(Instruction, int, int): void $visit
     */
    public static function visit(array $instructions, \Closure $visit, int $edge = 0, int $times = 1): void
    {
        foreach ($instructions as $one) {
            if ($one->children() === []) {
                $visit($one, $edge, $times);
            } else {
                self::visit($one->children(), $visit, $one->edge() ?? $edge, $times * $one->times());
            }
        }
    }

    /**
     * The first stitch that is worked, chains apart; null where there is none.
     *
     * @param list<Instruction> $instructions
     */
    public static function first(array $instructions): ?Stitch
    {
        foreach (self::unrolled($instructions) as [$leaf]) {
            foreach ($leaf->works() as $one) {
                if ($one->stitch !== Stitch::Chain) {
                    return $one->stitch;
                }
            }
        }

        return null;
    }

    /**
     * Whether chains lie among what is worked, told without going through all of it.
     *
     * @param list<Instruction> $instructions
     */
    public static function hasChains(array $instructions): bool
    {
        foreach ($instructions as $one) {
            if ($one instanceof Chains || ($one->children() !== [] && self::hasChains($one->children()))) {
                return true;
            }
            // What stands in one place may have chains between.
            if ($one instanceof InOne || $one instanceof Loops) {
                return true;
            }
        }

        return false;
    }

    /**
     * Every leaf in working order, as often as it is worked, by the edge it is worked into.
     *
     * @param list<Instruction> $instructions
     *
     * @return \Generator<int, array{Instruction, int}>
     */
    public static function unrolled(array $instructions, int $edge = 0): \Generator
    {
        foreach ($instructions as $one) {
            if ($one->children() === []) {
                yield [$one, $edge];

                continue;
            }
            for ($time = 0; $time < $one->times(); $time++) {
                foreach (self::unrolled($one->children(), $one->edge() ?? $edge) as $leaf) {
                    yield $leaf;
                }
            }
        }
    }
}
