<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Cell;
use Illuminate\Database\Eloquent\Model;

/**
 * A row of a table of ours.
 *
 * @phpstan-consistent-constructor
 */
abstract class Record extends Model
{
    /** @return array{row: array<string, mixed>, with: array<string, mixed>} its row, and what was read with it */
    public function kept(): array
    {
        return ['row' => $this->attributes, 'with' => Cell::map($this->relations)];
    }

    /**
     * @param array<string, mixed> $row
     * @param array<string, mixed> $with
     */
    public static function ofKept(array $row, array $with): static
    {
        $one = new static();
        $one->exists = true;
        $one->setRawAttributes($row, true);
        $one->setRelations($with);

        return $one;
    }

    /** @var array<class-string, array<string, string>> */
    private static array $castsOf = [];

    /**
     * The same of all rows of a table: asked for at every column that is read.
     *
     * @return array<string, string>
     */
    public function getCasts(): array
    {
        return self::$castsOf[static::class] ??= parent::getCasts();
    }

    /** Nobody observes one. */
    public static function bootHasEvents(): void {}

    /** What a column means is said by casts alone: no method reads or writes one, or is looked for each time. */
    public function hasGetMutator($key): bool
    {
        return false;
    }

    public function hasAttributeGetMutator($key): bool
    {
        return false;
    }

    public function hasAttributeMutator($key): bool
    {
        return false;
    }

    public function hasSetMutator($key): bool
    {
        return false;
    }

    public function hasAttributeSetMutator($key): bool
    {
        return false;
    }

    /**
     * By their names alone, as their traits have them: asking some three hundred methods whether an attribute marks
     * them too takes a good part of what a request takes.
     */
    protected static function bootTraits(): void
    {
        static::$traitInitializers[static::class] = [];
        foreach (class_uses_recursive(static::class) as $trait) {
            $name = class_basename($trait);
            if (method_exists(static::class, "boot{$name}")) {
                // As the framework does; a trait is told by its name.
                /** @phpstan-ignore staticMethod.dynamicName */
                static::{"boot{$name}"}();
            }
            if (method_exists(static::class, "initialize{$name}")) {
                static::$traitInitializers[static::class][] = "initialize{$name}";
            }
        }
    }
}
