<?php

declare(strict_types=1);

namespace App\Books;

use App\Casts\Cell;
use App\Models\Record;
use Fescue\Core\Instruction\Motif;
use Illuminate\Database\Eloquent\Collection;

/**
 * Values of ours as text that holds nothing but values: JSON, an object by its class and its properties. Reading it
 * makes objects of our own rooms alone and calls nothing of theirs. An array without objects stands as it is.
 */
final class Plain
{
    /** Marks what is no plain array. */
    private const OBJECT = '!';

    private const ROOMS = ['Fescue\\Core\\', 'App\\Bags\\', 'App\\Models\\'];

    /** @var array<class-string, \Closure(object, array<string, mixed>): void> sets properties, by class */
    private static array $set = [];

    public static function write(mixed $value): string
    {
        return json_encode(
            self::plain($value),
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    /** @throws \JsonException|\LogicException where it is none of ours */
    public static function read(string $text): mixed
    {
        return self::value(json_decode($text, true, 512, JSON_THROW_ON_ERROR));
    }

    private static function plain(mixed $value): mixed
    {
        if (is_array($value)) {
            $plain = array_map(self::plain(...), $value);
            if (isset($value[self::OBJECT])) {
                throw new \LogicException('No key is called “'.self::OBJECT.'”.');
            }

            return self::holdsObjects($plain) ? [self::OBJECT => '', 'of' => $plain] : $plain;
        }

        return match (true) {
            ! is_object($value) => $value,
            $value instanceof Motif => [self::OBJECT => Motif::class, 'of' => $value->key],
            $value instanceof Collection => [self::OBJECT => Collection::class, 'of' => array_map(
                self::plain(...),
                $value->all(),
            )],
            $value instanceof Record => [self::OBJECT => $value::class, 'of' => array_map(
                self::plain(...),
                $value->kept(),
            )],
            $value instanceof \BackedEnum => [self::OBJECT => $value::class, 'of' => $value->value],
            default => [self::OBJECT => self::ours($value::class), 'of' => array_map(
                self::plain(...),
                self::properties($value),
            )],
        };
    }

    /**
     * Whatever holds one, however deep, is marked itself.
     *
     * @param array<mixed> $plain
     */
    private static function holdsObjects(array $plain): bool
    {
        foreach ($plain as $one) {
            if (is_array($one) && isset($one[self::OBJECT])) {
                return true;
            }
        }

        return false;
    }

    private static function value(mixed $plain): mixed
    {
        if (! is_array($plain) || ! isset($plain[self::OBJECT])) {
            return $plain;
        }
        [$class, $of] = [$plain[self::OBJECT], $plain['of'] ?? null];
        if (! is_array($of)) {
            return match (true) {
                $class === Motif::class && is_string($of) => Motif::named($of),
                is_string($class) && is_subclass_of($class, \BackedEnum::class) && (is_string($of) || is_int($of))
                    => self::ours($class)::from($of),
                default => throw new \LogicException('This is no value of ours.'),
            };
        }
        $of = array_map(self::value(...), $of);
        if ($class === '') {
            return $of;
        }
        if ($class === Collection::class) {
            /** @var array<int, \Illuminate\Database\Eloquent\Model> $of */
            return new Collection($of);
        }
        if (is_string($class) && is_subclass_of($class, Record::class)) {
            return $class::ofKept(Cell::map($of['row'] ?? []), Cell::map($of['with'] ?? []));
        }
        if (! is_string($class) || ! class_exists($class)) {
            throw new \LogicException('This is no class.');
        }
        $made = (new \ReflectionClass(self::ours($class)))->newInstanceWithoutConstructor();
        self::setter($class)($made, Cell::map($of));

        return $made;
    }

    /** @return array<string, mixed> by name; what was never set is left out */
    private static function properties(object $value): array
    {
        $all = [];
        foreach ((new \ReflectionClass($value))->getProperties() as $property) {
            if (! $property->isStatic() && $property->isInitialized($value)) {
                $all[$property->getName()] = $property->getValue($value);
            }
        }

        return $all;
    }

    /**
     * @param class-string $class
     *
     * @return \Closure(object, array<string, mixed>): void
     */
    private static function setter(string $class): \Closure
    {
        return self::$set[$class] ??= \Closure::bind(static function (object $made, array $of): void {
            foreach ($of as $name => $value) {
                // By its name: a property of the class that the closure is bound to.
                /** @phpstan-ignore property.dynamicName */
                $made->{$name} = $value;
            }
        }, null, $class);
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return class-string<T>
     */
    private static function ours(string $class): string
    {
        foreach (self::ROOMS as $room) {
            if (str_starts_with($class, $room) && get_parent_class($class) === false) {
                return $class;
            }
        }

        throw new \LogicException("{$class} is no value of ours.");
    }
}
