<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Bag\Problem;
use Fescue\Core\Bag\Refused;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tally\PlanDocument;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** Plans a bag's file without database or sign-in. */
final class PlanBag extends Command
{
    protected $signature = 'bag:plan {file : a fescue-bag/1 document, or - for standard input} {--json : print fescue-plan/1 instead of words} {--terms=us : us or uk}';

    protected $description = 'Plan the bag in a file and print its rows, size and material';

    public function handle(): int
    {
        $json = $this->option('json') === true;
        try {
            $terms = Terms::tryFrom($this->given('terms'))
                ?? throw Refused::at('', 'The terms are us or uk.');
            $plan = Planner::plan(BagDocument::fromJson($this->text($this->given('file'))));
        } catch (Refused $e) {
            $json
                ? $this->getOutput()->writeln(PlanDocument::problems($e), 16)
                : $this->getOutput()->getErrorStyle()->writeln(array_map(fn(Problem $problem): string => trim("{$problem->path} {$problem->message}"), $e->problems), OutputInterface::OUTPUT_RAW);

            return self::FAILURE;
        }
        if ($json) {
            $this->getOutput()->writeln(PlanDocument::toJson($plan, $terms), OutputInterface::OUTPUT_RAW);

            return self::SUCCESS;
        }
        $writer = new Writer($terms);
        $this->getOutput()->writeln($writer->foundation($plan->pattern), OutputInterface::OUTPUT_RAW);
        foreach ($plan->pattern->rows as $row) {
            $this->getOutput()->writeln("{$row->name}: {$writer->line($row)}", OutputInterface::OUTPUT_RAW);
        }

        return self::SUCCESS;
    }

    private function given(string $name): string
    {
        $value = $this->hasArgument($name) ? $this->argument($name) : $this->option($name);

        return is_string($value) ? $value : '';
    }

    /** @throws Refused */
    private function text(string $file): string
    {
        $text = is_dir($file) ? false : @file_get_contents($file === '-' ? 'php://stdin' : $file, length: BagDocument::MOST_BYTES + 1);

        return $text === false ? throw Refused::at('', "The file {$file} cannot be read.") : $text;
    }
}
