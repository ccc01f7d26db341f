<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Document\Fields;
use Fescue\Core\Gauge\Proportion;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Saying\Saying;

/** Reads what was measured of the hands on this hook: `gauge`, `also` and `proportions`. */
final class GaugeReader
{
    private const MOST_TIMES = 20.0;

    /** Fabrics beside a gauge, makers' own among them. */
    private const MOST_FABRICS = 40;

    /** Of a swatch's measures, as a share: what is less sure measures nothing. */
    public const MOST_SPREAD = 0.5;

    /** @param bool $own whether it is this bag's own, which may have come out of what is on hand */
    public static function swatch(Fields $gauge, bool $own = false): ?Swatch
    {
        $motif = self::motif($gauge);
        $stitches = $gauge->number('stitches', 0, 1000, 'the stitches counted');
        $width = $gauge->length('width', Length::mm(5), Length::mm(3000), 'A swatch’s width');
        $rows = $gauge->number('rows', 0, 1000, 'the rows counted');
        $height = $gauge->length('height', Length::mm(5), Length::mm(3000), 'A swatch’s height');
        $mass = $gauge->has('mass') ? $gauge->quantity('mass', fn(string $text): Mass => Mass::parse($text)) : null;
        if ($mass !== null && $mass->grams <= 0) {
            $gauge->refuse('mass', new Saying(
                'A swatch weighs something; leave the mass out if you have not weighed it.',
            ));
        }
        $fromOnHand = $own && $gauge->yes('from_on_hand');
        [$widthSpread, $heightSpread] = array_map(
            fn(string $side): float => $gauge->has("{$side}_spread") ? $gauge->number(
                "{$side}_spread",
                0,
                self::MOST_SPREAD,
                $side === 'width' ? 'how far the width may be off, as a share' : 'how far the height may be off, as '
                    .'a share',
            ) ?? 0.0 : 0.0,
            ['width', 'height'],
        );
        $gauge->close();
        if ($motif === null || $stitches === null || $width === null || $rows === null || $height === null) {
            return null;
        }
        $swatch = new Swatch(
            $motif,
            $stitches,
            $width,
            $rows,
            $height,
            $mass,
            $fromOnHand,
            $widthSpread,
            $heightSpread,
        );
        $doubt = $swatch->doubt();
        if ($doubt !== null) {
            $gauge->refuse($doubt->field, $doubt->said);
        }

        return $swatch;
    }

    /** @return list<Swatch> of the same hook and material, in other stitches */
    public static function also(Fields $top, ?Swatch $own): array
    {
        if ($top->has('also') && ! $top->has('gauge')) {
            $top->refuse('also', new Saying('Swatches of other stitches stand beside a gauge.'));
        }
        $also = [];
        $taken = $own === null ? [] : [$own->motif->key => true];
        foreach ($top->objects('also', self::MOST_FABRICS) as $one) {
            $swatch = self::swatch($one);
            if ($swatch !== null && isset($taken[$swatch->motif->key])) {
                $one->refuse('stitch', new Saying('One swatch a stitch: this one is measured already.'));
            } elseif ($swatch !== null) {
                $taken[$swatch->motif->key] = true;
                $also[] = $swatch;
            }
        }

        return $also;
    }

    /** @return list<Proportion> what the hand is known to make of other stitches than its gauge is of */
    public static function proportions(Fields $top, ?Swatch $own): array
    {
        if ($top->has('proportions') && ! $top->has('gauge')) {
            $top->refuse(
                'proportions',
                new Saying('Proportions of other stitches stand beside a gauge; swatches bring their own.'),
            );
        }
        $proportions = [];
        $taken = $own === null ? [] : [$own->motif->key => true];
        foreach ($top->objects('proportions', self::MOST_FABRICS) as $one) {
            $of = self::fabric($one);
            $width = self::times($one->object('width'), 'wide');
            $height = self::times($one->object('height'), 'high');
            $strand = self::times($one->object('strand'), 'long');
            $one->close();
            if ($of === null || $width === null || $height === null || $strand === null) {
                continue;
            }
            if (isset($taken[$of])) {
                $one->refuse('stitch', new Saying('One proportion a stitch, and none of the gauge’s own.'));

                continue;
            }
            $taken[$of] = true;
            $proportions[] = new Proportion($of, $width, $height, $strand);
        }

        return $proportions;
    }

    /** A fabric against the gauge's own, by what of it. */
    private const TIMES = [
        'wide' => 'how many times as wide it is', 'high' => 'how many times as high it is',
        'long' => 'how many times as long it is',
    ];

    private static function times(Fields $spread, string $way): ?Spread
    {
        $likely = $spread->number('likely', 0, self::MOST_TIMES, self::TIMES[$way]);
        $relative = $spread->number('spread', 0, 1, 'how far that may be off, as a share');
        $spread->close();

        return $likely === null || $relative === null ? null : new Spread($likely, $relative);
    }

    /** A motif of the catalogue, or of her own. */
    public static function motif(Fields $of): ?Motif
    {
        $key = self::fabric($of);

        return $key === null ? null : Motif::find($key);
    }

    /** Its key alone. */
    private static function fabric(Fields $of): ?string
    {
        return $of->word('stitch', Motif::keysWith($of->raw('stitch')));
    }
}
