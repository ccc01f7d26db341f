<?php

declare(strict_types=1);

namespace App\Bags;

use App\Files\Csv;
use App\Files\Reading;
use App\Models\Swatch;
use App\Models\Transaction;
use App\Models\User;
use App\Tongue\Tongues;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\LengthUnit;

/** Swatches as CSV with units in its header. */
final class SwatchFile
{
    /** Column by field: its unit is the one a bare number in it means. */
    public const COLUMNS = [
        'name' => 'name',
        'material_id' => 'material',
        'hook' => 'hook (mm)',
        'stitch' => 'stitch',
        'stitches_counted' => 'stitches',
        'width' => 'width (mm)',
        'rows_counted' => 'rows',
        'height' => 'height (mm)',
        'mass' => 'weight (g)',
        'state' => 'measured',
        'hung_load' => 'hung load (g)',
        'drape' => 'fabric',
        'note' => 'note',
        'chosen' => 'chosen',
        'width_spread' => 'width unsure (%)', 'height_spread' => 'height unsure (%)',
    ];

    /** @param iterable<Swatch> $swatches with their materials */
    public static function write(iterable $swatches): string
    {
        $rows = [];
        foreach ($swatches as $swatch) {
            $rows[] = self::cells($swatch);
        }

        return self::csv()->write($rows);
    }

    /** @return Reading<array<string, mixed>> columns of the swatches */
    public static function read(string $text, User $maker): Reading
    {
        $lines = self::csv()->read($text);
        $materials = $maker->materials()->pluck('id', 'name')->all();
        $good = [];
        $problems = $lines->problems;
        foreach ($lines->good as [$number, $cells]) {
            $named = $cells['material_id'];
            if ($named !== '' && ! isset($materials[$named])) {
                $problems[$number] = [
                    'material: '.Tongues::tell(
                        'No material of yours is named “{name}”; add it to the stash first, or leave the cell empty.',
                        ['name' => $named],
                    ),
                ];

                continue;
            }
            // Known by its name just now: the rule need not ask the database again for every line.
            $swatch = new SwatchText(['material_id' => ''] + $cells, LengthUnit::Millimetre);
            /** @var array<string, list<string>> $wrong */
            $wrong = $swatch->validator($maker)->errors()->toArray();
            if ($wrong === []) {
                $good[] = [
                    'material_id' => $materials[$named] ?? null,
                    'chosen' => preg_match('/^(yes|1|true|x)$/i', $cells['chosen']) === 1,
                ] + $swatch->values();
            } else {
                $problems[$number] = array_map(
                    fn(string $field, array $said): string => (self::COLUMNS[$field] ?? $field)
                        .': '
                        .implode(' ', $said),
                    array_keys($wrong),
                    $wrong,
                );
            }
        }
        ksort($problems);

        return new Reading($good, $problems);
    }

    /**
     * All of them or none.
     *
     * @param list<array<string, mixed>> $swatches
     */
    public static function take(User $maker, array $swatches): void
    {
        Transaction::run(function () use ($maker, $swatches): void {
            foreach ($swatches as $swatch) {
                $maker->swatches()->create($swatch);
            }
        });
    }

    /** A swatch as its line of a file says it. */
    public static function text(Swatch $swatch): SwatchText
    {
        return new SwatchText(
            ['material_id' => ''] + array_combine(array_keys(self::COLUMNS), self::cells($swatch)),
            LengthUnit::Millimetre,
        );
    }

    /** @return list<string> in the order of COLUMNS */
    private static function cells(Swatch $swatch): array
    {
        return [
            $swatch->name, $swatch->material->name
                ?? '',
            Decimal::exact($swatch->hook->mm),
            $swatch->stitch->key,
            Decimal::exact($swatch->stitches_counted),
            Decimal::exact($swatch->width->mm),
            Decimal::exact($swatch->rows_counted), Decimal::exact($swatch->height->mm), $swatch->mass === null
                ? ''
                : Decimal::exact($swatch->mass->grams), $swatch->state->value,
            $swatch->hung_load === null
                ? ''
                : Decimal::exact($swatch->hung_load->grams), $swatch->drape->value
                ?? '', (string) $swatch->note, $swatch->chosen
                ? 'yes'
                : '',
            ...array_map(
                fn(float $spread): string => $spread > 0 ? Decimal::exact(100 * $spread) : '',
                [$swatch->width_spread, $swatch->height_spread],
            ),
        ];
    }

    private static function csv(): Csv
    {
        return new Csv(self::COLUMNS, ['name', 'hook (mm)', 'stitch', 'stitches', 'width (mm)', 'rows', 'height (mm)']);
    }
}
