<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Document\Fields;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;

/** What most ways have in common: they are their settings, each by its name. */
abstract readonly class ByChoices implements Variant
{
    /**
     * @param array<string, int|string|bool|Length|array<int|string, int|string>> $values by the setting's name;
     *         what is left
     *         out is as a form begins
     */
    final public function __construct(private array $values = []) {}

    public static function open(): static
    {
        return new static();
    }

    public static function read(Fields $choices): static
    {
        $values = [];
        foreach ((new static())->settings() as $one) {
            if ($one->isAsked() || $choices->has($one->name)) {
                $values[$one->name] = $one->read($choices);
            }
        }
        $choices->close();

        return new static(self::said($values));
    }

    public function with(array $values): static
    {
        return new static(self::said([...$this->values, ...$values]));
    }

    public function write(): array
    {
        $written = [];
        foreach ($this->settings() as $one) {
            $written[$one->name] = $one->written(isset($this->values[$one->name]));
        }

        return self::said($written);
    }

    /**
     * @template T
     *
     * @param array<string, T|null> $values
     *
     * @return array<string, T>
     */
    private static function said(array $values): array
    {
        return array_filter($values, fn(mixed $value): bool => $value !== null);
    }

    protected function count(string $name): ?int
    {
        $value = $this->values[$name] ?? null;

        return is_int($value) ? $value : null;
    }

    /** One that is given, settled or of itself. */
    protected function given(string $name, int $else = 0): int
    {
        return $this->count($name) ?? $else;
    }

    protected function choice(string $name, string $else): string
    {
        $value = $this->values[$name] ?? $else;

        return is_string($value) || is_int($value) ? (string) $value : $else;
    }

    protected function flag(string $name): bool
    {
        return ($this->values[$name] ?? false) === true;
    }

    protected function pair(string $name): mixed
    {
        return $this->values[$name] ?? null;
    }

    /** @return ?list<int> */
    protected function series(string $name): ?array
    {
        $value = $this->values[$name] ?? null;

        return is_array($value) ? array_values(array_filter($value, is_int(...))) : null;
    }

    protected function length(string $name): ?Length
    {
        $value = $this->values[$name] ?? null;

        return $value instanceof Length ? $value : null;
    }

    protected function motif(string $name, string $else = 'sc'): Motif
    {
        return Motif::named($this->choice($name, $else));
    }
}
