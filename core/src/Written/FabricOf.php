<?php

declare(strict_types=1);

namespace Fescue\Core\Written;

use Fescue\Core\Instruction\Catalogue;
use Fescue\Core\Instruction\Chains;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Instruction\Skip;
use Fescue\Core\Instruction\StartingChain;
use Fescue\Core\Instruction\StitchCount;
use Fescue\Core\Instruction\Traverser;
use Fescue\Core\Stitch\Stitch;

/** What a row measures as. */
final class FabricOf
{
    /**
     * The fabric of the catalogue that it repeats; else the stitch whose height comes nearest to the average of its
     * own.
     *
     * @param list<Instruction> $does
     */
    public static function row(array $does): Motif
    {
        $row = self::signs($does);
        foreach (Motif::all() as $motif) {
            [$setUp, $rows] = $motif->told();
            foreach ($motif->multiple > 1 ? [...$setUp, ...$rows] : [] as $repeat) {
                $signs = self::signs($repeat);
                // Rows of it that are plain might be of any.
                if (count(array_unique($signs)) > 1 && self::repeats($row, $signs)) {
                    return $motif;
                }
            }
        }

        return self::plain(StitchCount::of($does));
    }

    private static function plain(StitchCount $many): Motif
    {
        $of = array_map($many->many(...), Catalogue::PLAIN);
        $high = array_sum(array_map(
            fn(Stitch $one, int $count): float => $one->relativeHeight() * $count,
            Catalogue::PLAIN,
            $of,
        )) / max(1, array_sum($of));
        $off = fn(Stitch $one): float => abs($one->relativeHeight() - $high);
        $nearest = Catalogue::PLAIN;
        usort($nearest, fn(Stitch $a, Stitch $b): int => $off($a) <=> $off($b));

        return Motif::plain($nearest[0]) ?? Motif::single();
    }

    /**
     * @param list<string> $row
     * @param list<string> $repeat
     */
    private static function repeats(array $row, array $repeat): bool
    {
        if (count($row) < count($repeat)) {
            return false;
        }
        foreach ($row as $nth => $sign) {
            if ($sign !== $repeat[$nth % count($repeat)]) {
                return false;
            }
        }

        return true;
    }

    /**
     * Leaf by leaf what is worked, and what is skipped; not what lifts, turns or closes.
     *
     * @param list<Instruction> $does
     *
     * @return list<string>
     */
    private static function signs(array $does): array
    {
        $signs = [];
        foreach (Traverser::unrolled($does) as [$leaf]) {
            $many = match (true) {
                $leaf instanceof Each, $leaf instanceof Skip, $leaf instanceof Chains => $leaf->count,
                $leaf instanceof Several => $leaf->anchors,
                $leaf instanceof StartingChain => $leaf->as === null ? 0 : 1,
                default => $leaf->takes() > 0 ? 1 : 0,
            };
            $sign = match (true) {
                $leaf instanceof Each => "{$leaf->stitch->value} {$leaf->into->value}",
                $leaf instanceof Skip => 'skip',
                $leaf instanceof Chains => 'chain',
                $leaf instanceof Several => "{$leaf->inOne} {$leaf->stitch->value}",
                $leaf instanceof StartingChain => $leaf->more > 0
                    ? ($leaf->more + 1).' '.($leaf->as->value ?? '')
                    : ($leaf->as->value ?? '').' stitch',
                default => serialize($leaf),
            };
            array_push($signs, ...array_fill(0, $many, $sign));
        }

        return $signs;
    }
}
