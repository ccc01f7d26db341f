<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Document\Fields;

/** Several counts in their order: a round each, or a hole each. */
final readonly class Series extends Asked
{
    /**
     * @param string $unit one of what is counted, for messages: "increases of a round"
     * @param ?list<int> $value null where it is open
     * @param int $longest how many there may be
     */
    public function __construct(
        string $name,
        string $label,
        public string $unit,
        public ?array $value,
        public int $least,
        public int $most,
        public int $longest,
        public string $example = '',
    ) {
        parent::__construct($name, $label);
    }

    public function read(Fields $choices): ?array
    {
        return $choices->wholes($this->name, $this->least, $this->most, $this->longest, $this->unit);
    }

    public function typed(string $text): string|array|null
    {
        preg_match_all('/[^\s,;]+/', $text, $found);
        $read = $found[0];

        return match (true) {
            $read === [] => null,
            array_filter($read, fn(string $one): bool => preg_match('/^\d{1,4}$/', $one) !== 1) !== [] => $text,
            default => array_map(intval(...), $read),
        };
    }

    public function written(bool $said): ?array
    {
        return $this->value;
    }
}
