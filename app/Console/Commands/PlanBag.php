<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tally\PlanDocument;

/** Plans a bag's file without database or sign-in. */
final class PlanBag extends DocumentCommand
{
    protected $signature = 'bag:plan {file : a fescue-bag/1 document, or - for standard input} {--json : print fescue-plan/1 instead of words} {--terms=us : us or uk}';

    protected $description = 'Plan the bag in a file and print its rows, size and material';

    /** @throws Refused */
    protected function plan(string $json, bool $asJson): string
    {
        $terms = Terms::tryFrom($this->given('terms')) ?? throw Refused::at('', 'The terms are us or uk.');
        $plan = Planner::plan(BagDocument::fromJson($json));
        if ($asJson) {
            return PlanDocument::toJson($plan, $terms);
        }
        $writer = new Writer($terms);
        $lines = [$writer->foundation($plan->pattern)];
        foreach ($plan->pattern->rows as $row) {
            $lines[] = "{$row->name}: {$writer->line($row)}";
        }

        return implode("\n", $lines);
    }
}
