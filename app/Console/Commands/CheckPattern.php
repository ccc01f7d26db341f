<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Tongue\Tongues;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Text\Checked;
use Fescue\Core\Text\Correction;
use Fescue\Core\Text\Grammar;
use Fescue\Core\Text\ProvenRow;
use Fescue\Core\Text\Speech;
use Fescue\Core\Text\TextProblem;
use Fescue\Core\Text\TextWriter;
use Fescue\Core\Tongue\Tongue;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** Reads a pattern's text and proves its counts, without database or sign-in. */
final class CheckPattern extends Command
{
    private const AUTO = 'auto';

    protected $signature = 'pattern:check {file : a pattern as text, or - for standard input} {--json : print '
        .'fescue-count/1} {--tongue=auto : auto, en-US, en-GB, es, pt, it, tr or id} {--to= : the tongue that '
        .'rows are written in}';

    protected $description = 'Prove the counts of a pattern, row by row, and say where they do not hold';

    public function handle(): int
    {
        $file = $this->argument('file');
        [$tongue, $to] = [$this->given('tongue'), $this->given('to')];
        $tongues = array_keys(Speech::TONGUES);
        foreach (['tongue' => $tongue === self::AUTO ? '' : $tongue, 'to' => $to] as $name => $one) {
            if ($one !== '' && ! in_array($one, $tongues, true)) {
                $this->getOutput()->getErrorStyle()->writeln("--{$name} is one of: ".implode(', ', $tongues).'.');

                return self::INVALID;
            }
        }
        $text = is_dir($file) ? false : @file_get_contents(
            $file === '-' ? 'php://stdin' : $file,
            length: Grammar::LONGEST + 1,
        );
        if ($text === false) {
            $this->getOutput()->getErrorStyle()->writeln("The file {$file} cannot be read.");

            return self::INVALID;
        }
        $checked = Checked::of($text, in_array($tongue, ['', self::AUTO], true) ? null : $tongue);
        $writer = new TextWriter($to === '' ? $checked->tongue : $to);
        $this->getOutput()->writeln($this->option('json')
            ? json_encode(
                $checked->document($writer),
                JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
            )
            : implode("\n", self::told(
                $checked,
                $writer,
                Tongues::of(Tongue::terms($to === '' ? $checked->tongue : $to) ?? Terms::US),
            )), OutputInterface::OUTPUT_RAW);

        return $checked->isRight() ? self::SUCCESS : self::FAILURE;
    }

    /** @return list<string> each row, and what does not come out, told in a tongue */
    private static function told(Checked $checked, TextWriter $writer, Tongue $tongue): array
    {
        return [
            ...array_map(fn(ProvenRow $row): string => ($row->isRight() ? '  ' : '! ').$tongue->tell(
                '{row}: takes {takes} of {there}, leaves {leaves}',
                [
                    'row' => $writer->row($row->line), 'takes' => $row->outcome->takes,
                    'there' => $row->outcome->there, 'leaves' => $row->outcome->leaves,
                ],
            ), $checked->rows),
            ...array_map(fn(TextProblem $one): string => rtrim($tongue->tell(
                $one->row === ''
                    ? 'Line {line}, column {column}: {what} {mends}'
                    : 'Line {line}, column {column}, {row}: {what} {mends}',
                [
                    'line' => $one->line, 'column' => $one->column,
                    'row' => RowId::read($one->row) ?? $one->row,
                    'what' => $one->said,
                    'mends' => implode(
                        ' ',
                        array_map(
                            fn(Correction $mend): string => $tongue->tell('Or: {mend}.', ['mend' => $mend->said]),
                            $one->mends,
                        ),
                    ),
                ],
            )), $checked->problems),
        ];
    }

    private function given(string $name): string
    {
        $value = $this->option($name);

        return is_string($value) ? $value : '';
    }
}
