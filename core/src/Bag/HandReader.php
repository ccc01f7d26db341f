<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Document\Fields;
use Fescue\Core\Gauge\StitchTake as Lesson;
use Fescue\Core\Gauge\Trial;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Kind;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Saying\Saying;

/** Reads what a hand is learned from: `swatches` and `worked`. */
final class HandReader
{
    private const MOST_SWATCHES = 400;

    /** @return list<Trial> */
    public static function trials(Fields $top): array
    {
        if ($top->has('gauge')) {
            $top->refuse('swatches', new Saying('Give one gauge or several swatches, not both.'));
        }
        $trials = [];
        $given = $top->objects('swatches', self::MOST_SWATCHES);
        if ($given === []) {
            $top->refuse('swatches', new Saying('Give at least one swatch, or a gauge in their place.'));
        }
        foreach ($given as $one) {
            $hook = $one->quantity('hook', fn(string $text): HookSize => HookSize::parse($text));
            $of = $one->object('material');
            $kind = $of->choice('kind', Kind::strands());
            $diameter = MaterialReader::diameter($of);
            $density = $of->has('density') ? $of->quantity(
                'density',
                fn(string $text): LinearDensity => LinearDensity::parse($text),
            ) : null;
            foreach (['make', 'fibre', 'on_hand', 'unit', 'waste', 'joined', 'weight_class'] as $aside) {
                $of->has($aside);
            }
            $of->close();
            $blocked = $one->yes('blocked');
            $swatch = GaugeReader::swatch($one);
            if ($hook !== null && $kind !== null && $diameter !== null && $swatch !== null) {
                $trials[] = new Trial($swatch, $hook, $kind, $diameter, $density, $blocked);
            }
        }

        return $trials;
    }

    /** @return list<Lesson> what bags taught beside the swatches */
    public static function worked(Fields $top): array
    {
        if ($top->has('worked') && ! $top->has('swatches')) {
            $top->refuse('worked', new Saying(
                'What bags took teaches beside swatches; a gauge of its own needs no teaching.',
            ));
        }
        $worked = [];
        foreach ($top->objects('worked', self::MOST_SWATCHES) as $one) {
            $motif = GaugeReader::motif($one);
            $hook = $one->quantity('hook', fn(string $text): HookSize => HookSize::parse($text));
            $of = $one->object('material');
            $kind = $of->choice('kind', Kind::strands());
            $diameter = MaterialReader::diameter($of);
            $of->close();
            $strand = $one->length('strand', Length::mm(1), Length::mm(3000), 'The strand in one stitch');
            $spread = $one->number('spread', 0, 1, 'how far one bag may be off, as a share');
            $one->close();
            if (
                $motif !== null
                && $hook !== null
                && $kind !== null
                && $diameter !== null
                && $strand !== null
                && $spread !== null
            ) {
                $worked[] = new Lesson($motif, $hook, $kind, $diameter, $strand, $spread);
            }
        }

        return $worked;
    }
}
