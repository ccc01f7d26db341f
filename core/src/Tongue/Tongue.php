<?php

declare(strict_types=1);

namespace Fescue\Core\Tongue;

use Fescue\Core\Instruction\FullName;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Phrase;
use Fescue\Core\Instruction\Vocabulary;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\PieceName;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Saying\Figure;
use Fescue\Core\Saying\Listing;
use Fescue\Core\Saying\Printer;
use Fescue\Core\Saying\Sayable;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;

/** Prints sayings as one maker reads them: in her language, her unit and her names of stitches. */
final readonly class Tongue
{
    /** @var array<string, string> tongues that patterns are told in, by what they are asked for by (BCP 47) */
    public const NAMED = self::PAGES + ['pt' => 'pt', 'it' => 'it', 'tr' => 'tr', 'id' => 'id'];

    /** @var array<string, string> those that pages are told in, too */
    public const PAGES = ['en-US' => 'us', 'en-GB' => 'uk', 'es' => 'es'];

    public Writer $writer;

    private Vocabulary $vocabulary;

    private Printer $printer;

    /** @param array<string, string> $messages translations, by the message in English; what lacks is told in English */
    public function __construct(
        public Terms $terms,
        public LengthUnit $unit = LengthUnit::Centimetre,
        private array $messages = [],
    ) {
        $this->writer = new Writer($terms);
        $this->vocabulary = Vocabulary::of($terms);
        $this->printer = new Printer($this->locale());
    }

    /** Null where there is none of that name. */
    public static function terms(string $named): ?Terms
    {
        return Terms::tryFrom(self::NAMED[$named] ?? '');
    }

    /** What the tongue of these names is asked for by. */
    public static function named(Terms $terms): string
    {
        return (string) array_search($terms->value, self::NAMED, true);
    }

    /** As a page says which language it is in. */
    public function locale(): string
    {
        return self::named($this->terms);
    }

    public function say(Saying $saying): string
    {
        return $this->tell($saying->message, $saying->with);
    }

    /** @param array<string, Sayable|int|float|string> $values */
    public function tell(string $message, array $values = []): string
    {
        $message = $this->messages[$message] ?? $message;
        // Most have nothing to fill in, and a page has many.
        if ($values === [] && strpbrk($message, "{'") === false) {
            return $message;
        }
        $with = [];
        foreach ($values as $name => $one) {
            $isLarge = is_int($one) && abs($one) > 999;
            if ($isLarge && str_contains($message, "{{$name}, plural,")) {
                // Set as all figures are.
                $message = str_replace('#', Decimal::print($one), $message);
            }
            $with[$name] = match (true) {
                $isLarge && ! str_contains($message, "{{$name},") => Decimal::print($one),
                is_int($one), is_string($one) => $one,
                default => $this->value($one),
            };
        }

        return $this->printer->print($message, $with);
    }

    private function value(Sayable|float $one): string
    {
        return match (true) {
            $one instanceof Saying => $this->say($one),
            $one instanceof Length => $this->number($one->print($this->unit)),
            $one instanceof Mass => $this->number($one->print()),
            $one instanceof Stitch => $this->vocabulary->abbreviation($one),
            $one instanceof Motif => $one->abbreviation($this->terms),
            $one instanceof FullName => $one->motif->fullName($this->terms),
            $one instanceof Figure => $this->number($one->printed),
            $one instanceof Listing => $this->listing($one),
            $one instanceof HookSize => $this->number($one->print()),
            $one instanceof RowId => $this->row($one),
            $one instanceof PieceName => lcfirst($this->writer->called($one->of, $one->nth)),
            is_float($one) => $this->number(Decimal::print($one, 1)),
            default => throw new \LogicException($one::class.' is not printed.'),
        };
    }

    private function listing(Listing $of): string
    {
        $told = $of->told(fn(Sayable|string $one): string => is_string($one) ? $one : $this->value($one));

        return is_string($told) ? $told : $this->say($told);
    }

    /** "Round 5", "Left gusset: Row 3" */
    public function row(RowId $row): string
    {
        $piece = $this->writer->called($row->piece, $row->nth);

        return ($piece === '' ? '' : "{$piece}: ").$this->vocabulary->say(
            new Phrase($row->kind->value, ['n' => $row->kind->numbered($row->number)]),
        );
    }

    /** Shorter, where it is plain that rounds are told: "5". */
    public function short(RowId $row): string
    {
        return $row->isPlain() ? (string) $row->number : $this->row($row);
    }

    /** What is printed with a point, as her language sets numbers. */
    public function number(string $printed): string
    {
        return in_array($this->terms, [Terms::US, Terms::UK], true)
            ? $printed
            : (string) preg_replace('/(?<=\d)\.(?=\d)/', ',', $printed);
    }
}
