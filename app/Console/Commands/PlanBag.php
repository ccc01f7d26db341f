<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Tongue\Tongues;
use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Report\Notes;
use Fescue\Core\Report\PlanDocument;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Sheet\SheetMaker;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tongue\Tongue;

/** Plans a bag's file without database or sign-in. */
final class PlanBag extends DocumentCommand
{
    protected $signature = 'bag:plan {file : a fescue-bag/1 document, or - for standard input} {--json : print '
        .'fescue-plan/1 instead of the sheet} {--tongue= : en-US, en-GB or es} {--terms=us : us, uk or es, where no '
        .'tongue is told}';

    protected $description = 'Plan the bag in a file and print its rows, size and material';

    protected function tongue(): Tongue
    {
        return Tongues::of(Tongue::terms($this->given('tongue')) ?? Terms::US);
    }

    /** @throws Refused */
    protected function plan(string $json, bool $asJson): string
    {
        $named = $this->given('tongue');
        $terms = $named === '' ? Terms::tryFrom($this->given('terms')) ?? throw Refused::at(
            '',
            new Saying('The terms are {all}.', ['all' => implode(', ', array_column(Terms::cases(), 'value'))]),
        ) : Tongue::terms($named) ?? throw Refused::at(
            '',
            new Saying('The tongues are {all}.', ['all' => implode(', ', array_keys(Tongue::NAMED))]),
        );
        $plan = Planner::plan(BagDocument::fromJson($json));
        if ($asJson) {
            return PlanDocument::toJson($plan, $terms);
        }
        $tongue = Tongues::of($terms);
        $estimate = MaterialEstimate::of($plan);

        return rtrim(SheetMaker::of(
            $plan,
            $estimate,
            Notes::on($plan, $estimate),
            $tongue,
        )->text());
    }
}
