<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Document\Fields;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Saying\Saying;

/** A choice between schools. */
final readonly class Choice extends Asked
{
    /**
     * @param string $value of those it may have
     * @param array<array{string, string}> $options name and difference in words, by value: a word, or a number; none
     *         of fabrics where any may be chosen
     * @param string $short in a line of several; '' where it is not told there
     * @param bool $asked whether a document must say it
     * @param bool $motif whether they are fabrics, by their keys
     */
    public function __construct(
        string $name,
        string $label,
        public string $value,
        public array $options = [],
        public string $short = '',
        public bool $asked = false,
        private bool $motif = false,
    ) {
        parent::__construct($name, $label);
    }

    public function told(): ?Saying
    {
        return $this->short === '' ? null : new Saying($this->short, $this->motif
            ? ['motif' => Motif::named($this->value)]
            : ['choice' => new Saying($this->options[$this->value][0] ?? '')]);
    }

    public function settled(): string
    {
        return '';
    }

    /** Between the stitches that strips, bases and straps are plainly worked in. */
    public static function plain(string $name, string $label, string $value, bool $asked = false): self
    {
        $plain = array_fill_keys(['sc', 'hdc', 'dc'], ['', '']);

        return new self($name, $label, $value, $plain, $asked ? '{motif}' : '', $asked, true);
    }

    public function isAsked(): bool
    {
        return $this->asked;
    }

    public function read(Fields $choices): int|string|null
    {
        $all = $this->values() === [] ? Motif::keysWith($choices->raw($this->name)) : $this->values();
        $numbers = array_values(array_filter(array_keys($this->options), is_int(...)));

        return $choices->word($this->name, array_values(array_diff($all, array_map(strval(...), $numbers))), $numbers);
    }

    public function typed(string $text): int|string|null
    {
        return match (true) {
            $text === '' => null,
            ctype_digit($text) && isset($this->options[(int) $text]) => (int) $text,
            default => $text,
        };
    }

    public function written(bool $said): int|string|null
    {
        return $this->typed($this->value);
    }

    /** @return list<string> what it may be; none where any fabric may be chosen */
    public function values(): array
    {
        return array_map(strval(...), array_keys($this->options));
    }

    /** Whether it is a fabric that is chosen. */
    public function isMotif(): bool
    {
        return $this->motif;
    }
}
