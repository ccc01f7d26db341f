<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Document\Fields;
use Fescue\Core\Instruction\Motif;

/** What most makers have in common: they are their settings, each by its name. */
abstract readonly class ByChoices implements Maker
{
    /** @param array<string, int|string|null> $values by the setting's name; what is left out is as a form begins */
    final public function __construct(private array $values = []) {}

    public static function open(): static
    {
        return new static();
    }

    public static function read(Fields $choices): static
    {
        $values = [];
        foreach ((new static())->settings() as $one) {
            if ($one instanceof Setting) {
                $values[$one->name] = $one->mayBeNull && $choices->isNull($one->name) ? null : $choices->whole(
                    $one->name,
                    $one->least,
                    $one->most,
                    "{$one->named()} are",
                );
            } elseif ($one->asked || $choices->has($one->name)) {
                $values[$one->name] = $choices->word(
                    $one->name,
                    $one->values() === [] ? array_map(strval(...), array_keys(Motif::all())) : $one->values(),
                );
            }
        }
        $choices->close();

        return new static(array_filter($values, fn(int|string|null $value): bool => $value !== null));
    }

    public function with(array $values): static
    {
        return new static(
            array_filter([...$this->values, ...$values], fn(int|string|null $value): bool => $value !== null),
        );
    }

    public function write(): array
    {
        $written = [];
        foreach ($this->settings() as $one) {
            if (
                $one->value !== null
                && ($one instanceof Choice || $one->value !== $one->else || isset($this->values[$one->name]))
            ) {
                $written[$one->name] = $one->value;
            }
        }

        return $written;
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

        return is_string($value) ? $value : $else;
    }

    protected function motif(string $name, string $else = 'sc'): Motif
    {
        return Motif::named($this->choice($name, $else));
    }
}
