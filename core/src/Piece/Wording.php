<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Document\Fields;

/** A text of several lines. */
final readonly class Wording extends Asked
{
    /**
     * @param int $longest letters
     * @param string $tongue that it is in, as HTML has it; '' where that is not known
     */
    public function __construct(
        string $name,
        string $label,
        public string $value,
        public int $longest,
        public string $tongue = '',
    ) {
        parent::__construct($name, $label);
    }

    public function isAsked(): bool
    {
        return true;
    }

    public function read(Fields $choices): ?string
    {
        return $choices->lines($this->name, $this->longest);
    }

    public function typed(string $text): ?string
    {
        return $text === '' ? null : str_replace("\r\n", "\n", $text);
    }

    public function written(bool $said): string
    {
        return $this->value;
    }

    public function settled(): string
    {
        return '';
    }
}
