<?php

declare(strict_types=1);

namespace App\Stash;

use App\Files\Csv;
use App\Files\Reading;
use App\Models\Material;
use App\Models\StockEntry;
use App\Models\Transaction;
use App\Models\User;
use Closure;
use Fescue\Core\Material\Kind;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Stock\Move;
use Illuminate\Support\Facades\DB;

/** The stash as CSV with units in its header. */
final class StashFile
{
    /** Rows written together. */
    private const AT_ONCE = 500;

    /** Column by field: its unit is the one a bare number in it means. */
    public const COLUMNS = [
        'kind' => 'kind',
        'name' => 'name',
        'colour' => 'colour',
        'make' => 'make',
        'fibre' => 'fibre',
        'diameter' => 'diameter (mm)',
        'strip_width' => 'strip width (mm)', 'width' => 'width (mm)', 'pull' => 'pull (%)', 'areal' => 'cloth (g/m2)',
        'sample_length' => 'piece (m)',
        'sample_count' => 'tabs weighed',
        'sample_mass' => 'piece (g)',
        'ball_length' => 'ball (m)',
        'ball_mass' => 'ball (g)',
        'pitch' => 'pitch (mm)',
        'cord' => 'strung on',
        'label_hook' => 'label hook (mm)',
        'weight_class' => 'weight class',
        'acquired' => 'source',
        'price' => 'price',
        'price_for' => 'price for (g or tabs)',
        'care' => 'care',
        'on_hand' => 'on hand (g, cm or count)',
    ];

    /** A file may still say what is on hand as it was said when there was only cord. */
    private const ALSO = [
        'on hand (g)' => 'on hand (g, cm or count)',
        'on hand (g or tabs)' => 'on hand (g, cm or count)',
        'on hand' => 'on hand (g, cm or count)',
    ];

    /** @param iterable<Material> $materials with what they are strung on */
    public static function write(iterable $materials): string
    {
        $rows = [];
        foreach ($materials as $material) {
            $rows[] = self::cells($material);
        }

        return self::csv()->write($rows);
    }

    /**
     * @param Closure(string): ?int $cord finds the maker's strand of that name
     *
     * @return Reading<MaterialText>
     */
    public static function read(string $text, Closure $cord): Reading
    {
        $lines = self::csv()->read($text);
        $strands = [];
        foreach ($lines->good as [, $cells]) {
            if (Kind::tryFrom($cells['kind'])?->isStrand() !== false) {
                $strands[$cells['name']] = true;
            }
        }
        $found = fn(string $name): ?int => $cord($name) ?? (isset($strands[$name]) ? MaterialText::SAME_FILE : null);
        $materials = [];
        $problems = $lines->problems;
        foreach ($lines->good as [$number, $cells]) {
            $read = new MaterialText($cells, $found);
            if ($read->wrong === []) {
                $materials[] = $read;
            } else {
                $problems[$number] = array_map(
                    fn(string $field, string $said): string => (self::COLUMNS[$field] ?? $field).": {$said}",
                    array_keys($read->wrong),
                    $read->wrong,
                );
            }
        }
        ksort($problems);

        return new Reading($materials, $problems);
    }

    /** A material as its line of a file says it. */
    public static function text(Material $material): MaterialText
    {
        return new MaterialText(
            array_combine(array_keys(self::COLUMNS), self::cells($material)),
            fn(string $name): ?int => $material->strung_on,
        );
    }

    private static function csv(): Csv
    {
        return new Csv(self::COLUMNS, ['name'], self::ALSO);
    }

    /**
     * Takes in what was read, all of it or nothing: many rows at a time, for a file may hold thousands.
     *
     * @param list<MaterialText> $texts
     */
    public static function take(User $maker, array $texts): void
    {
        Transaction::run(function () use ($maker, $texts): void {
            $finder = Stash::finder($maker);
            $now = now()->toDateTimeString();
            foreach ([true, false] as $strands) {
                // Tabs come last: the cord of the same file that they are strung on is there by then.
                $some = array_values(
                    array_filter($texts, fn(MaterialText $text): bool => $text->kind->isStrand() === $strands),
                );
                foreach (array_chunk($some, self::AT_ONCE) as $chunk) {
                    $first = self::insert($maker, $chunk, $finder, $now);
                    $lines = [];
                    foreach ($chunk as $place => $text) {
                        if ($text->onHand !== null) {
                            $lines[] = [
                                'material_id' => $first + $place,
                                'move' => $text->firstMove()->value,
                                'amount' => round($text->onHand, 3),
                                'says' => $text->firstMove() === Move::Weighed ? round($text->onHand, 3) : null,
                                'note' => MaterialText::FIRST,
                                'created_at' => $now,
                                'updated_at' => $now,
                            ];
                        }
                    }
                    StockEntry::query()->insert($lines);
                }
            }
        });
    }

    /**
     * @param list<MaterialText> $texts
     * @param Closure(string): ?int $finder
     *
     * @return int number of the first: those of one insert follow each other (innodb_autoinc_lock_mode 1)
     */
    private static function insert(User $maker, array $texts, Closure $finder, string $now): int
    {
        $rows = [];
        foreach ($texts as $text) {
            $values = $text->values;
            if (($values['strung_on'] ?? null) === MaterialText::SAME_FILE) {
                $values['strung_on'] = $finder($text->strungOn);
            }
            $rows[] = (new Material($values))->getAttributes();
        }
        $columns = array_fill_keys(array_keys(array_merge(...$rows)), null);
        Material::query()->insert(
            array_map(
                fn(array $row): array => $row + $columns + [
                    'user_id' => $maker->id,
                    'created_at' => $now,
                    'updated_at' => $now,
                ],
                $rows,
            ),
        );
        $first = (int) DB::getPdo()->lastInsertId();
        if (Material::query()->withoutGlobalScopes()->where('user_id', $maker->id)
            ->whereBetween('id', [$first, $first + count($rows) - 1])->count() !== count($rows)) {
            throw new \RuntimeException('The database did not number the rows in order.');
        }

        return $first;
    }

    /** @return list<string> in the order of COLUMNS */
    private static function cells(Material $material): array
    {
        $mm = fn(?Length $length): string => $length === null ? '' : Decimal::exact($length->mm);
        $number = fn(?float $value): string => $value === null ? '' : Decimal::exact($value);
        [$low, $high] = [$mm($material->label_low), $mm($material->label_high)];

        return [
            $material->kind->value,
            $material->name,
            $material->colour,
            $material->make->value ?? '',
            $material->fibre->value ?? '',
            $material->diameter_guessed ? '' : $mm($material->diameter),
            $mm($material->strip_width),
            $mm($material->width),
            $number($material->pull === null ? null : ($material->pull - 1) * 100),
            $number($material->areal),
            $number($material->sample_length?->in(LengthUnit::Metre)),
            (string) $material->sample_count,
            $number($material->sample_mass?->grams),
            $number($material->ball_length?->in(LengthUnit::Metre)),
            $number($material->ball_mass?->grams),
            $mm($material->pitch),
            $material->strungOn->name ?? '',
            $low === $high ? $low : "{$low}–{$high}",
            $material->weight_class->value ?? '',
            $material->acquired->value ?? '',
            (string) $material->price,
            $number($material->price_for === null ? null : (float) $material->price_for),
            (string) $material->care,
            $number($material->balance()),
        ];
    }
}
