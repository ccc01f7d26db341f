<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Document\Fields;
use Fescue\Core\Saying\Saying;

/** A count that a maker may be given, or settles: all that forms, notes, mends and files know of it. */
final readonly class Setting extends Asked
{
    /**
     * @param ?int $value given or settled; null where it is open
     * @param ?Serves $serves the side of the wish that it serves; null where it serves none
     * @param ?Fewer $fewer how a mend takes it down; null where none does
     */
    public function __construct(
        string $name,
        string $label,
        public Counted $counted,
        public ?int $value,
        public Bounds $bounds,
        public Unsaid $unsaid,
        public ?Serves $serves = null,
        public ?Fewer $fewer = null,
    ) {
        parent::__construct($name, $label);
    }

    /**
     * @param list<Asked> $asked
     *
     * @return list<self> those that serve a side of the wish, or just that one
     */
    public static function serving(array $asked, ?Side $side = null): array
    {
        $serve = [];
        foreach ($asked as $one) {
            if ($one instanceof self && $one->serves !== null && ($side === null || $one->serves->side === $side)) {
                $serve[] = $one;
            }
        }

        return $serve;
    }

    public function told(): ?Saying
    {
        return $this->value === null ? null : $this->counted->told($this->value);
    }

    public function isAsked(): bool
    {
        return $this->unsaid->isRefused;
    }

    public function read(Fields $choices): ?int
    {
        return $this->unsaid->mayBeNull && $choices->isNull($this->name) ? null : $choices->whole(
            $this->name,
            $this->bounds->least,
            $this->bounds->most,
            $this->counted->several(),
            ! $this->unsaid->isRefused,
        );
    }

    public function typed(string $text): int|string|null
    {
        return match (true) {
            $text === '' => null,
            preg_match('/^-?\d{1,9}$/', $text) === 1 => (int) $text,
            default => $text,
        };
    }

    public function written(bool $said): ?int
    {
        return $this->value !== $this->unsaid->else || $said ? $this->value : null;
    }
}
