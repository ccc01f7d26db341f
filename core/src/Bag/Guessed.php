<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\Fabric;
use Fescue\Core\Material\Hand;
use Fescue\Core\Material\HookAdvice;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Kind;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;

/** What is taken for a strand of which kind and thickness alone are known, and for a hand that has shown nothing. */
final class Guessed
{
    /** @return array<string, string> a material as fescue-bag/1 has it */
    public static function material(Kind $kind, Length $thickness): array
    {
        return [
            'kind' => $kind->value,
            'diameter' => $thickness->exact(LengthUnit::Millimetre),
            'density' => $kind->form()->weight($thickness)->exact(),
        ];
    }

    /** The hook to try first, for a firm fabric. */
    public static function hook(Kind $kind, Length $thickness): HookSize
    {
        return HookAdvice::of($thickness, $kind, Hand::Even, Fabric::Firm)->first[0];
    }

    /** @return array<string, string|int|float> a gauge as fescue-bag/1 has it, as unsure as it is */
    public static function gauge(Kind $kind, Length $thickness, HookSize $hook): array
    {
        $hand = LearnedHand::of([])->predict($hook, $thickness, $kind, Motif::single());

        return [
            'stitch' => $hand->motif->key,
            'stitches' => 10,
            'width' => $hand->width()->times(10)->exact(),
            'rows' => 10,
            'height' => $hand->height()->times(10)->exact(),
            'width_spread' => (float) Decimal::exact(round($hand->width->relative, 4)),
            'height_spread' => (float) Decimal::exact(round($hand->height->relative, 4)),
        ];
    }
}
