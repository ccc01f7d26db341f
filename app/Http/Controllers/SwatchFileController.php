<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\SwatchFile;
use App\Files\Reading;
use App\Models\User;

/** @extends CsvController<array<string, mixed>> */
final class SwatchFileController extends CsvController
{
    public const TAKEN = '{n, plural, one {One swatch is} other {# swatches are}} taken in.';

    protected function station(): string
    {
        return 'swatches';
    }

    protected function page(): string
    {
        return 'swatches.import';
    }

    protected function taken(): string
    {
        return self::TAKEN;
    }

    protected function write(User $maker): string
    {
        return SwatchFile::write($maker->swatches()->with('material')->get());
    }

    protected function reading(string $text, User $maker): Reading
    {
        return SwatchFile::read($text, $maker);
    }

    protected function take(User $maker, array $good): void
    {
        SwatchFile::take($maker, $good);
    }
}
