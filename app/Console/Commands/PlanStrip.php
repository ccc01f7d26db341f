<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Fescue\Core\Document\Refused;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Strip\StripDocument;
use Fescue\Core\Strip\StripPlan;

/** Plans the cuts of a piece without database or sign-in. */
final class PlanStrip extends DocumentCommand
{
    protected $signature = 'strip:plan {file : a fescue-strip/1 document, or - for standard input} {--json : print '
        .'fescue-strip-plan/1 instead of words}';

    protected $description = 'Plan how the piece in a file is cut into strand';

    /** @throws Refused */
    protected function plan(string $json, bool $asJson): string
    {
        $plan = StripPlan::of(StripDocument::fromJson($json));
        if ($asJson) {
            return StripDocument::write($plan);
        }
        $said = "{$plan->strips} strips, "
            .Decimal::print($plan->pulled->mm / 1000, 1)
            .' m of strand, '
            .($plan->joins === 1 ? '1 join' : "{$plan->joins} joins");
        if ($plan->mass !== null) {
            $said .= ', '.$plan->mass->print().($plan->density() === null ? '' : " at {$plan->density()->print()}");
        }
        $lines = ["{$said}."];
        foreach ($plan->cutting->cuts as $place => $cut) {
            $lines[] = sprintf(
                '%d. %s from (%s, %s) to (%s, %s) mm',
                $place + 1,
                $cut->kind->value,
                ...array_map(
                    fn(float $mm): string => Decimal::exact(round($mm, 1)),
                    [$cut->x1, $cut->y1, $cut->x2, $cut->y2],
                ),
            );
        }

        return implode("\n", $lines);
    }
}
