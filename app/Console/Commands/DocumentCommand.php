<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Tongue\Tongues;
use Fescue\Core\Document\Json;
use Fescue\Core\Document\Problem;
use Fescue\Core\Document\Refused;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tongue\Tongue;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** Reads a document from a file and prints what it makes, or every problem in it. */
abstract class DocumentCommand extends Command
{
    public function handle(): int
    {
        $json = $this->option('json') === true;
        try {
            $this->getOutput()->writeln(
                $this->plan($this->text($this->given('file')), $json),
                OutputInterface::OUTPUT_RAW,
            );
        } catch (Refused $e) {
            $json
                ? $this->getOutput()->writeln(Json::problems($e), OutputInterface::OUTPUT_RAW)
                : $this->getOutput()->getErrorStyle()->writeln(
                    array_map(
                        fn(Problem $problem): string => trim("{$problem->path} {$this->tongue()->say($problem->said)}"),
                        $e->problems,
                    ),
                    OutputInterface::OUTPUT_RAW,
                );

            return self::FAILURE;
        }

        return self::SUCCESS;
    }

    /** @throws Refused */
    abstract protected function plan(string $json, bool $asJson): string;

    /** What problems are told in. */
    protected function tongue(): Tongue
    {
        return Tongues::of(Terms::US);
    }

    protected function given(string $name): string
    {
        $value = $this->hasArgument($name) ? $this->argument($name) : $this->option($name);

        return is_string($value) ? $value : '';
    }

    /** @throws Refused */
    private function text(string $file): string
    {
        $text = is_dir($file) ? false : @file_get_contents(
            $file === '-' ? 'php://stdin' : $file,
            length: Json::MOST_BYTES + 1,
        );

        return $text === false ? throw Refused::at('', new Saying(
            'The file {file} cannot be read.',
            ['file' => $file],
        )) : $text;
    }
}
