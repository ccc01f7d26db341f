<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Stitch;

/** What one anchor of an edge is, so that an instruction takes only what it can. */
enum Anchor: string
{
    case Stitch = 'stitch';
    /** A stitch that lies, with no post to go round. */
    case Slip = 'slip';
    /** A chain that lies: a hook goes into its loops, or under it into the space. */
    case Chain = 'chain';
    /** A loop of chains, hung from the stitch that holds it. */
    case Loop = 'loop';
    case RowEnd = 'row-end';
    case Hole = 'hole';
    case Square = 'square';
    case Tab = 'tab';

    /**
     * What a row leaves, top by top.
     *
     * @param list<Instruction> $made
     *
     * @return list<self>
     */
    public static function of(array $made): array
    {
        $anchors = [];
        foreach (Traverser::unrolled($made) as [$leaf]) {
            foreach ($leaf->works() as $one) {
                $is = match (true) {
                    ! $one->top => null,
                    $leaf instanceof Loops => self::Loop,
                    $one->stitch === Stitch::Chain && $one->standing === 0 => self::Chain,
                    $one->stitch === Stitch::Slip => self::Slip,
                    default => self::Stitch,
                };
                for ($left = $is === null ? 0 : $one->count; $left > 0; $left--) {
                    $anchors[] = $is;
                }
            }
        }

        return array_values(array_filter($anchors));
    }
}
