<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

/** One thing to do to the ends of a material, with the caution that belongs to it. Handbook 2, 3 and 9. */
final readonly class EndCare
{
    private const CUT = 'Cut away from you.';

    private const FLAME = 'Burns and fumes: window open, water at hand, hair and sleeves back, and never near plarn '
        .'or raffia. Let the bead cool before you touch it.';

    /** @param string $caution '' where nothing can hurt */
    private function __construct(public string $do, public string $why, public string $caution = '') {}

    /** @return non-empty-list<self> in the order they are done */
    public static function of(Kind $kind, ?Make $make = null, ?Fibre $fibre = null): array
    {
        $singes = $fibre?->melts() === true && in_array($kind, [Kind::Cord, Kind::Ribbon], true);
        $singe = new self(
            'Singe',
            'It melts: pass the end by a small flame until it beads.',
            self::FLAME,
        );
        $unsure = $fibre === null || $fibre === Fibre::Mixed;
        $weave = new self('Weave in', 'Under several stitches and back, with a blunt needle.');

        return match ($kind) {
            Kind::TShirt => [
                new self('Cut', 'Square across. Jersey curls and does not fray.', self::CUT),
                new self('Sew', 'Catch the woven-in end with a few stitches of thread: thick ends work loose.'),
                $weave,
            ],
            Kind::Plarn => [
                new self(
                    'Knot',
                    $make === Make::Single
                        ? 'A single strip slips: tie it to a stitch on the wrong side.'
                        : 'Draw the last loop up and knot it; it lies double and slips.',
                ),
                $weave,
                new self(
                    'No flame',
                    'It shrinks to a hard drip at once.',
                    'Keep hot glue and flame away. Plastic bags suffocate: keep scraps from children.',
                ),
            ],
            Kind::Cord => [
                new self(
                    'Tape',
                    $make === Make::Braided
                        ? 'Wrap the braid, and cut through the tape.'
                        : 'Wrap the twist, it opens as soon as it is cut, and cut through the tape.',
                    self::CUT,
                ),
                ...self::sealed(
                    $singes,
                    $unsure,
                    $singe,
                    new self(
                        'Knot or seal',
                        'It does not melt: knot the end, or seal it cold with glue.',
                    ),
                ),
                $weave,
            ],
            Kind::Ribbon => [
                new self('Cut aslant', 'A slanting end frays less than a square one.', self::CUT),
                ...self::sealed(
                    $singes,
                    $unsure,
                    $singe,
                    new self('Seal cold', 'A drop of fabric glue keeps the weave together.'),
                ),
                $weave,
            ],
            Kind::Raffia => [
                new self('Moisten', 'A damp end bends; a dry one splits.'),
                $weave,
                new self('No flame', 'Palm and paper catch fire.', 'Keep hot glue and flame away.'),
            ],
            Kind::Strand => [
                new self(
                    'Thread separately',
                    'Weave each end of strands held together in on its own, in its own direction.',
                ),
            ],
            Kind::Hardware, Kind::Cloth => [new self('Press', 'Press the turned edge before it is sewn.')],
            Kind::Tabs => [
                new self(
                    'Fold the edges',
                    'Bend every sharp edge over with pliers before the cord meets it.',
                    'Sharp: gloves and eye protection; fold edges first. Small parts: keep from children.',
                ),
                new self('Wash', 'Count, sort and wash them before use.'),
                new self('Knot the cord', 'Behind the last tab, and weave the end through three more.'),
            ],
        };
    }

    /** @return list<self> by flame what melts, cold what does not; where that is not known, the way to find out */
    private static function sealed(bool $singes, bool $unsure, self $singe, self $cold): array
    {
        return $unsure
            ? [
                new self(
                    'Knot',
                    'If you do not know what it is of, knot it. Only what melts, as nylon and polyester do, is '
                        .'singed: try a snippet first.',
                    self::FLAME,
                ),
            ]
            : [$singes ? $singe : $cold];
    }

    /** What happens to it at an edge, for a list. */
    public static function frays(Kind $kind, ?Make $make): string
    {
        return match ($kind) {
            Kind::TShirt => 'curls, does not fray',
            Kind::Plarn => 'does not fray, tears where thin',
            Kind::Cord => $make === Make::Braided ? 'frays slowly' : 'frays',
            Kind::Ribbon => 'frays',
            Kind::Raffia => 'splits',
            Kind::Strand => 'frays a little',
            Kind::Tabs => 'sharp edges',
            Kind::Hardware => 'keeps as it is',
            Kind::Cloth => 'frays',
        };
    }
}
