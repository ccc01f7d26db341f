<?php

declare(strict_types=1);

namespace App\Bags;

/**
 * Two changes of one thing: what either changed is taken, what neither did stays, and where both changed the same field
 * to different values the later one is not taken but told.
 */
final readonly class Merge
{
    /** Parts whose fields are told one by one; all else is one field. */
    private const PARTS = ['size', 'base', 'body', 'build', 'handles', 'edge'];

    /**
     * @param array<string, mixed> $choices
     * @param array<string, array{mixed, mixed}> $met what this change wanted and what stands, by field
     * @param list<string> $elsewhere fields that were changed by others meanwhile, those that met too
     */
    private function __construct(public array $choices, public array $met, public array $elsewhere) {}

    /**
     * @param array<string, mixed> $base what both saw, or one of them
     * @param array<string, mixed> $mine
     * @param array<string, mixed> $theirs what stands
     */
    public static function of(array $base, array $mine, array $theirs): self
    {
        $whole = self::whole($base, $mine, $theirs);
        [$b, $m, $t] = array_map(fn(array $of): array => self::fields($of, $whole), [$base, $mine, $theirs]);
        $taken = $t;
        $met = $elsewhere = [];
        foreach (array_keys($b + $m + $t) as $field) {
            [$was, $wanted, $stands] = [$b[$field] ?? null, $m[$field] ?? null, $t[$field] ?? null];
            if ($stands !== $was) {
                $elsewhere[] = $field;
            }
            if ($wanted === $was || $wanted === $stands) {
                continue;
            }
            if ($stands !== $was) {
                $met[$field] = [$wanted, $stands];
            } elseif ($wanted === null) {
                unset($taken[$field]);
            } else {
                $taken[$field] = $wanted;
            }
        }

        return new self(self::choices($taken), $met, $elsewhere);
    }

    /**
     * Whether they say the same, in whatever order.
     *
     * @param array<string, mixed> $one
     * @param array<string, mixed> $other
     */
    public static function same(array $one, array $other): bool
    {
        return self::ordered($one) === self::ordered($other);
    }

    /**
     * Fields in which they differ; a part that is another way is one.
     *
     * @param array<string, mixed> $one
     * @param array<string, mixed> $other
     *
     * @return list<string>
     */
    public static function differ(array $one, array $other): array
    {
        $whole = self::whole($one, $other);
        [$a, $b] = [self::fields($one, $whole), self::fields($other, $whole)];
        $fields = [];
        foreach (array_keys($a + $b) as $field) {
            if (($a[$field] ?? null) !== ($b[$field] ?? null)) {
                $fields[] = $field;
            }
        }
        sort($fields);

        return $fields;
    }

    /**
     * The same with one field as it is wanted.
     *
     * @param array<string, mixed> $choices
     *
     * @return array<string, mixed>
     */
    public static function with(array $choices, string $field, mixed $value): array
    {
        [$part, $name] = [...explode('/', $field, 2), null];
        if ($name === null) {
            return $value === null ? array_diff_key($choices, [$part => 1]) : [$part => $value] + $choices;
        }
        $of = is_array($choices[$part] ?? null) ? $choices[$part] : [];

        return [$part => $value === null ? array_diff_key($of, [$name => 1]) : [$name => $value] + $of] + $choices;
    }

    /**
     * Parts that are another way in one of them: their fields do not mean the same.
     *
     * @param array<string, mixed> ...$all
     *
     * @return list<string>
     */
    private static function whole(array ...$all): array
    {
        return array_values(array_filter(self::PARTS, function (string $part) use ($all): bool {
            $types = array_map(fn(array $one): mixed => $one[$part]['type'] ?? null, $all);
            $there = array_map(fn(array $one): bool => is_array($one[$part] ?? null), $all);

            return count(array_unique($types, SORT_REGULAR)) > 1 || count(array_unique($there)) > 1;
        }));
    }

    /**
     * @param array<string, mixed> $choices
     * @param list<string> $whole
     *
     * @return array<string, mixed>
     */
    private static function fields(array $choices, array $whole): array
    {
        $fields = [];
        foreach ($choices as $name => $value) {
            if (is_array($value) && in_array($name, self::PARTS, true) && ! in_array($name, $whole, true)) {
                foreach ($value as $one => $of) {
                    $fields["{$name}/{$one}"] = is_array($of) ? self::ordered($of) : $of;
                }
            } else {
                $fields[$name] = is_array($value) ? self::ordered($value) : $value;
            }
        }

        return $fields;
    }

    /**
     * In an order that says nothing: a database gives names back in its own.
     *
     * @param array<mixed> $value
     *
     * @return array<mixed>
     */
    private static function ordered(array $value): array
    {
        if (! array_is_list($value)) {
            ksort($value);
        }

        return array_map(fn(mixed $one): mixed => is_array($one) ? self::ordered($one) : $one, $value);
    }

    /**
     * @param array<string, mixed> $fields
     *
     * @return array<string, mixed>
     */
    private static function choices(array $fields): array
    {
        $choices = [];
        foreach ($fields as $field => $value) {
            $choices = self::with($choices, $field, $value);
        }

        return $choices;
    }
}
