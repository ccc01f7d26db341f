<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Stitch;

/** The motifs that ship. */
final class Catalogue
{
    /** Stitches that make a fabric alone, one in each: its key is the stitch's own. */
    public const PLAIN = [Stitch::Single, Stitch::HalfDouble, Stitch::Double, Stitch::Treble];

    /**
     * The others as pattern text in US terms, by their keys: the rows that repeat, parted by a slash; rows that set it
     * up, once, before them; how many stitches it takes beside its repeats where rounds run on in a spiral; whether it
     * is worked with the same side before one throughout.
     *
     * @var array<string, array{rows: string, setUp?: string, beside?: int, oneSided?: true}>
     */
    public const MOTIFS = [
        'mesh' => ['rows' => 'dc in next st, ch 1, sk next st'],
        'two-in-one' => ['rows' => '(sc, dc) in next st, sk next st'],
        'rib' => ['rows' => 'sc in next st, BLO'],
        'spaced' => ['rows' => 'sc in next st, ch 1, sk next st'],
        'mesh-plain' => ['rows' => 'dc in next st, ch 1, sk next st / sc in next 2 sts'],
        'fans' => [
            'rows' => 'sc in next st, sk next 2 sts, 5 dc in next st, sk next 2 sts / '
                .'5 dc in next st, sk next 2 sts, sc in next st, sk next 2 sts',
        ],
        'posts' => [
            'rows' => 'sk next st, FPdc around next st, 2 dc in sp between, '
                .'FPdc around next st, sk next st',
        ],
        // Over an odd number a spiral goes on as it is. Common practice, no source.
        'linen' => [
            'setUp' => 'sc in next st, ch 1, sk next st',
            'rows' => 'ch 1, sk next st, sc in next sp / sc in next sp, ch 1, sk next st',
            'beside' => 1,
        ],
        // Blocks of three by three. Common practice, no source.
        'basket' => [
            'setUp' => 'dc in next 6 sts',
            'rows' => self::RAISED.' / '.self::RAISED.' / '.self::RAISED.' / '
                .self::SUNK.' / '.self::SUNK.' / '.self::SUNK,
            'oneSided' => true,
        ],
    ];

    private const RAISED = 'FPdc around each of next 3 sts, BPdc around each of next 3 sts';

    private const SUNK = 'BPdc around each of next 3 sts, FPdc around each of next 3 sts';
}
