<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Report\PlanDocument;
use Fescue\Core\Stitch\Terms;

/** Plans a bag's file without database or sign-in. */
final class PlanBag extends DocumentCommand
{
    protected $signature = 'bag:plan {file : a fescue-bag/1 document, or - for standard input} {--json : print '
        .'fescue-plan/1 instead of words} {--terms=us : us or uk}';

    protected $description = 'Plan the bag in a file and print its rows, size and material';

    /** @throws Refused */
    protected function plan(string $json, bool $asJson): string
    {
        $terms = Terms::tryFrom($this->given('terms')) ?? throw Refused::at(
            '',
            'The terms are '.implode(', ', array_column(Terms::cases(), 'value')).'.',
        );
        $plan = Planner::plan(BagDocument::fromJson($json));
        if ($asJson) {
            return PlanDocument::toJson($plan, $terms);
        }
        $writer = new Writer($terms);
        $lines = [];
        foreach ($plan->work->pieces as $piece) {
            $called = $piece->name === '' ? '' : "{$writer->called($piece->called, $piece->nth)}: ";
            $lines[] = $piece->start === null ? null : $called.$writer->start($piece->start);
            foreach ($piece->rows as $row) {
                $lines[] = "{$called}{$writer->name($row)}: {$writer->line($row)}";
            }
        }
        $lines = array_filter($lines, fn(?string $line): bool => $line !== null);

        return implode("\n", [...$lines, '', ...self::summary($plan)]);
    }

    /** @return list<string> what comes out and what it takes, in centimetres and grams */
    private static function summary(BagPlan $plan): array
    {
        $estimate = MaterialEstimate::of($plan);
        $out = $plan->comesOut;
        $say = fn(Length $length): string => $length->print(LengthUnit::Centimetre);
        $enough = fn(MaterialEstimate $one): string => $one->enough === null
            ? '.'
            : '; enough in '.MaterialEstimate::hundred($one->enough).' of 100.';
        $grams = fn(Spread $spread): string => Decimal::print($spread->likely)
            .' g ('
            .Decimal::print($spread->low())
            .' to '
            .Decimal::print($spread->high())
            .')';
        $lines = [
            "Comes out {$say($out->flatWidth)} wide lying flat and {$say($out->height)} high, "
                ."on a base of {$say($out->baseLength)} by {$say($out->baseWidth)}.",
            "Takes {$grams($estimate->grams)}, ".Decimal::print($estimate->metres->likely).' m'.($enough($estimate)),
        ];
        foreach ($estimate->others as $other) {
            $lines[] = 'From '
                .implode(', ', $other->from)
                ." another material: {$grams($other->grams)}{$enough($other)}";
        }
        foreach (array_filter(
            [$estimate, ...$estimate->others],
            fn(MaterialEstimate $one): bool => $one->runsOut() !== null,
        ) as $one) {
            $lines[] = ($one->which === 0 ? 'Runs' : 'Another material runs')
                ." out near {$one->runsOut()?->row}, stitch {$one->runsOut()?->stitch}.";
        }

        return $lines;
    }
}
