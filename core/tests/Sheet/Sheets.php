<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Sheet;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Report\Notes;
use Fescue\Core\Sheet\Sheet;
use Fescue\Core\Sheet\SheetMaker;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tongue\Tongue;

/** Sheets of plans, in each tongue. */
final class Sheets
{
    public static function tongue(Terms $terms): Tongue
    {
        $path = dirname(__DIR__, 3)."/lang/{$terms->value}.json";

        return new Tongue($terms, LengthUnit::Centimetre, is_file($path)
            ? json_decode((string) file_get_contents($path), true, flags: JSON_THROW_ON_ERROR)
            : []);
    }

    public static function of(BagPlan $plan, Terms $terms = Terms::US): Sheet
    {
        $estimate = MaterialEstimate::of($plan);

        return SheetMaker::of(
            $plan,
            $estimate,
            Notes::on($plan, $estimate),
            self::tongue($terms),
        );
    }
}
