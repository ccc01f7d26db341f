<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Document\Fields;

/** Something that is done or not. */
final readonly class Flag extends Asked
{
    public const YES = 'yes';

    public const NO = 'no';

    /**
     * @param array{string, string} $no name and difference in words of leaving it
     * @param array{string, string} $yes so of doing it
     */
    public function __construct(
        string $name,
        string $label,
        public bool $value,
        public array $no,
        public array $yes,
    ) {
        parent::__construct($name, $label);
    }

    public function settled(): string
    {
        return '';
    }

    public function read(Fields $choices): bool
    {
        return $choices->yes($this->name);
    }

    public function typed(string $text): bool|string|null
    {
        return match ($text) {
            '' => null,
            self::YES => true,
            self::NO => false,
            default => $text,
        };
    }

    public function written(bool $said): ?bool
    {
        return $this->value || $said ? $this->value : null;
    }
}
