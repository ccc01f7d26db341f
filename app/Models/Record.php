<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** A row of a table of ours. */
abstract class Record extends Model
{
    /**
     * What is kept of one: its row, and what was read with it.
     *
     * @return array{array<string, mixed>, array<string, mixed>}
     */
    public function __serialize(): array
    {
        return [$this->attributes, $this->relations];
    }

    /** @param array{array<string, mixed>, array<string, mixed>} $kept */
    public function __unserialize(array $kept): void
    {
        $this->__construct();
        $this->exists = true;
        $this->setRawAttributes($kept[0], true);
        $this->setRelations($kept[1]);
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
                static::{"boot{$name}"}();
            }
            if (method_exists(static::class, "initialize{$name}")) {
                static::$traitInitializers[static::class][] = "initialize{$name}";
            }
        }
    }
}
