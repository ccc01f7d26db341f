<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Document\Fields;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;

/** A length that a maker is told: of a plate, of a hole. */
final readonly class Sized extends Asked
{
    /**
     * @param string $what for messages: "The length of the plate"
     * @param ?Length $value null where it is open
     * @param bool $asked whether a document must say it
     * @param LengthUnit $unit that it is written in
     */
    public function __construct(
        string $name,
        string $label,
        public string $what,
        public ?Length $value,
        public Length $least,
        public Length $most,
        private bool $asked = false,
        public LengthUnit $unit = LengthUnit::Centimetre,
    ) {
        parent::__construct($name, $label);
    }

    public function isAsked(): bool
    {
        return $this->asked;
    }

    public function read(Fields $choices): ?Length
    {
        return $choices->length($this->name, $this->least, $this->most, $this->what);
    }

    public function typed(string $text): ?string
    {
        return $text === '' ? null : $text;
    }

    public function written(bool $said): ?string
    {
        return $this->value?->exact($this->unit);
    }
}
