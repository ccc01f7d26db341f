<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Stitch;

/** The motifs that ship. */
final class Catalogue
{
    /** Stitches that make a fabric alone, one in each: its key is the stitch's own. */
    public const PLAIN = [Stitch::Single, Stitch::HalfDouble, Stitch::Double, Stitch::Treble];

    /** The others as pattern text in US terms: by its key a motif's rows, parted by a slash. */
    public const MOTIFS = [
        'mesh' => 'dc in next st, ch 1, skip 1',
        'two-in-one' => '(sc, dc) in next st, skip 1',
        'rib' => 'sc in next st, back loop only',
        'spaced' => 'sc in next st, ch 1, skip 1',
        'mesh-plain' => 'dc in next st, ch 1, skip 1 / sc in next 2 sts',
        'fans' => 'sc in next st, skip 2, 5 dc in next st, skip 2 / 5 dc in next st, skip 2, sc in next st, skip 2',
        'posts' => 'skip 1, dc around the front post of next st, 2 dc in the gap, '
            .'dc around the front post of next st, skip 1',
    ];
}
