<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Cell;

/**
 * A bag's choices as they are kept: as they were written, with what a file brought along of strand and gauge, and which
 * of her own things are in their place. Forms, undo, pages that meet and What if change these and nothing else; every
 * list of their names stands here.
 */
final readonly class Draft
{
    /** Parts whose fields are told one by one; all else is one field. */
    private const PARTS = ['size', 'base', 'body', 'build', 'handles', 'edge'];

    /** Her own things in the place of a file's, by their numbers. */
    private const LINKS = ['material_id', 'swatch_id'];

    /** What a file brought of other swatches; a maker's own stand in its place. */
    public const TAUGHT = ['swatches', 'worked', 'also', 'proportions'];

    /** The application's own, and no part of a file. */
    private const OWN = ['learned', 'swatch_counts', 'together', ...self::LINKS];

    /** What was measured of the work, or kept with its own strands. */
    private const MEASURED = ['tape', 'swatch_counts'];

    /** What the plan's form does not ask for, and leaves as it is. */
    private const UNASKED = [
        'material', 'gauge', 'hook', 'others', 'changes', 'finish', 'together', ...self::MEASURED, ...self::TAUGHT,
    ];

    /** @param array<string, mixed> $all by name, links too */
    public function __construct(public array $all) {}

    public static function of(Bag|BagRevision $bag): self
    {
        return new self(['material_id' => $bag->material_id, 'swatch_id' => $bag->swatch_id] + $bag->choices);
    }

    /** Puts it on a bag, unsaved. */
    public function putOn(Bag $bag): void
    {
        [$bag->material_id, $bag->swatch_id] = array_map(fn(string $link): ?int => isset($this->all[$link])
            ? Cell::int($this->all[$link])
            : null, self::LINKS);
        $bag->choices = $this->choices();
        $bag->forgetStock();
        $bag->unsetRelation('swatch');
    }

    /** @return array<string, mixed> without the links */
    public function choices(): array
    {
        return $this->without(...self::LINKS)->all;
    }

    /** @return array<string, mixed> what of it a file has */
    public function document(): array
    {
        return $this->without(...self::OWN)->all;
    }

    /** @param array<string, mixed> $choices in the place of those of the same names */
    public function with(array $choices): self
    {
        return new self($choices + $this->all);
    }

    public function without(string ...$names): self
    {
        return new self(array_diff_key($this->all, array_flip($names)));
    }

    /** One field as it is wanted: of a part "base/rounds"; null leaves it open. */
    public function field(string $field, mixed $value): self
    {
        $path = explode('/', $field, 2);
        [$part, $name] = [$path[0], $path[1] ?? null];
        if ($name === null) {
            return $value === null ? $this->without($part) : $this->with([$part => $value]);
        }
        $of = is_array($this->all[$part] ?? null) ? $this->all[$part] : [];

        return $this->with([$part => $value === null ? array_diff_key($of, [$name => 1]) : [$name => $value] + $of]);
    }

    public function unasked(): self
    {
        return new self(array_intersect_key($this->all, array_flip(self::UNASKED)));
    }

    /** Of the gauge that a swatch of hers in its place measures. */
    public function measured(): self
    {
        return $this->without('gauge', 'hook', 'learned', ...self::TAUGHT);
    }

    /** Of the gauge that all her hands have shown come to on a hook. */
    public function learned(string $hook): self
    {
        return $this->measured()->with(['learned' => true, 'hook' => $hook]);
    }

    /** As one that is begun anew: nothing of it was measured yet. */
    public function unmeasured(): self
    {
        return $this->without(...self::MEASURED);
    }

    /** Of its own strand alone. */
    public function inOne(): self
    {
        return $this->without('others', 'changes');
    }

    /** Of another strand, which is no file's and not held together as the one before it. */
    public function inAnother(): self
    {
        return $this->without('material', 'together');
    }

    /** @param list<array<string, mixed>> $finish */
    public function finished(array $finish): self
    {
        $bare = $this->without('finish');

        return $finish === [] ? $bare : $bare->with(['finish' => $finish]);
    }

    /**
     * What either of two changes changed is taken, what neither did stays, and where both changed the same field to
     * different values the later one is not taken but told.
     *
     * @param self $was what both saw, or one of them
     * @param self $stands what the other made of it
     */
    public function merge(self $was, self $stands): Merged
    {
        $whole = self::whole($was->all, $this->all, $stands->all);
        [$b, $m, $t] = array_map(
            fn(self $of): array => self::fields($of->all, $whole),
            [$was, $this, $stands],
        );
        $taken = new self([]);
        $met = $elsewhere = [];
        foreach (array_keys($b + $m + $t) as $field) {
            [$before, $wanted, $there] = [$b[$field] ?? null, $m[$field] ?? null, $t[$field] ?? null];
            if ($there !== $before) {
                $elsewhere[] = $field;
            }
            $isMet = $there !== $before && $wanted !== $before && $wanted !== $there;
            if ($isMet) {
                $met[$field] = [$wanted, $there];
            }
            $taken = $taken->field($field, $isMet || $wanted === $before ? $there : $wanted);
        }

        return new Merged($taken, $met, $elsewhere);
    }

    /** Whether both say the same, in whatever order. */
    public function same(self $other): bool
    {
        return self::ordered($this->all) === self::ordered($other->all);
    }

    /** @return list<string> fields in which they differ; a part that is another way is one */
    public function differs(self $other): array
    {
        $whole = self::whole($this->all, $other->all);
        [$a, $b] = [self::fields($this->all, $whole), self::fields($other->all, $whole)];
        $fields = array_filter(
            array_keys($a + $b),
            fn(string $field): bool => ($a[$field] ?? null) !== ($b[$field] ?? null),
        );
        sort($fields);

        return $fields;
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
            $types = array_map(fn(array $one): mixed => Cell::map($one[$part] ?? null)['type'] ?? null, $all);
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
}
