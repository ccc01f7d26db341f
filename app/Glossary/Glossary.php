<?php

declare(strict_types=1);

namespace App\Glossary;

use App\Drawing\TermDrawing;
use App\Tongue\Tongues;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Vocabulary;
use Fescue\Core\Stitch\Terms;

/** Words of the trade, and those that are ours; each once, in her tongue. */
final class Glossary
{
    /** By the word that pages ask for it by: its name, and what it means. */
    public const TRADE = [
        'gauge' => [
            'Gauge',
            'How many stitches and rows lie in 10 cm of your fabric, with your hand, hook and strand. All '
                .'counts of a bag come from it.',
        ],
        'chain' => [
            'Chain',
            'Loop drawn through loop. A base begins on it; work it loosely, or the base curls.',
        ],
        'starting chain' => [
            'Starting chain',
            'Chains that lift a row or round to its height: 1 for single crochet, 2, 3 or 4 for taller '
                .'stitches. The pattern says whether they count as a stitch.',
        ],
        'spiral' => [
            'Spiral',
            'Rounds that run on without an end: a marker in the first stitch of each tells where one begins.',
        ],
        'joined rounds' => [
            'Joined rounds',
            'Each round is closed by a slip stitch in its first stitch, and the next is lifted by chains.',
        ],
        'increase' => [
            'Increase',
            'More stitches in one: two in one stitch, or three at a corner. A flat base grows by it.',
        ],
        'decrease' => [
            'Decrease',
            'Two stitches drawn together into one, so that the next row has fewer.',
        ],
        'back loop' => [
            'Back loop',
            'A stitch ends in two loops. Worked in the one behind, the other lies before it as a ridge.',
        ],
        'post stitch' => [
            'Post stitch',
            'Worked around the post of the stitch below, from the front or from behind, not in its top: a '
                .'raised or a sunken rib.',
        ],
        'slip stitch' => [
            'Slip stitch',
            'The hook goes in, and the loop straight through: it joins, and has no height.',
        ],
        'hand hole' => [
            'Hand hole',
            'Stitches skipped and chains put over them: the hand goes through. The next round is worked '
                .'around the chains.',
        ],
        'whip stitch' => [
            'Whip stitch',
            'Two edges sewn, the needle going over both.',
        ],
        'blocking' => [
            'Blocking',
            'Wetting the work, pulling it to size and letting it dry so.',
        ],
        'fasten off' => [
            'Fasten off',
            'The strand is cut and drawn through the last loop; its end is woven in.',
        ],
        'plarn' => [
            'Plarn',
            'Strand cut from plastic bags, as loops joined or in one round and round.',
        ],
        'tex' => [
            'Tex, g/m',
            'What strand weighs for its length: tex is grams a kilometre. Weigh a measured metre, and all '
                .'lengths follow from a scale.',
        ],
    ];

    public const OURS = [
        'firmness' => [
            'Firmness',
            'How thick the strand is against the width of a stitch. A bag wants it firm: about a third. A '
                .'smaller hook makes it firmer.',
        ],
        'lean' => [
            'Lean',
            'Stitches stand a little beside those below, so that a spiral’s rounds wander. Yours is measured,'
                .' and handles are placed for it.',
        ],
        'tops' => [
            'Tops',
            'What a row leaves to be worked into: its stitches, and chains over spaces.',
        ],
        'held together' => [
            'Held together',
            'Two strands or more worked as one: their weights add, and each runs out at its own place.',
        ],
        'spine' => [
            'Spine',
            'A strip of a shirt left uncut when it is slit from the fold: cut aslant, it makes one strand of '
                .'all slits.',
        ],
        'hitch' => [
            'Hitch',
            'One loop drawn through another and itself, as rubber bands are joined.',
        ],
        'to be sure' => [
            'To be sure',
            'What nine bags in ten take at most; likely is what half of them do.',
        ],
        'runs out' => [
            'Runs out',
            'Where what there is comes to its end, with the row it may end in at the earliest.',
        ],
        'weigh-in' => [
            'Weigh-in',
            'What is left, weighed in mid-work: from then on it is known how much your stitches take.',
        ],
        'grain' => [
            'What a tap counts',
            'At Work a tap counts a stitch, a group of the row, or a whole row: as you like it.',
        ],
    ];

    public static function term(string $key): Term
    {
        [$name, $said] = (self::TRADE + self::OURS)[$key]
            ?? throw new \LogicException("{$key} is no word of the glossary.");

        return new Term(
            str_replace(' ', '-', $key),
            Tongues::tell($name),
            Tongues::tell($said),
            TermDrawing::of($key),
        );
    }

    /** @return list<Term> the fabrics of the catalogue, each with its short name, its multiple and its rows */
    public static function fabrics(Terms $terms): array
    {
        $vocabulary = Vocabulary::of($terms);

        return array_values(array_map(function (Motif $motif) use ($terms, $vocabulary): Term {
            [$setUp, $rows] = $motif->told();
            $does = implode('; ', array_unique(array_map($vocabulary->list(...), [...$setUp, ...$rows])));

            return new Term(
                "fabric-{$motif->key}",
                ucfirst($motif->fullName($terms)).' ('.$motif->abbreviation($terms).')',
                $motif->multiple === 1
                    ? Tongues::tell('One in each stitch.')
                    : Tongues::tell('Over a multiple of {n}: {does}.', ['n' => $motif->multiple, 'does' => $does]),
                TermDrawing::fabric($motif),
            );
        }, Motif::all()));
    }
}
