<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Reading;
use App\Models\User;
use App\Stash\MaterialText;
use App\Stash\Stash;
use App\Stash\StashFile;

/** @extends CsvController<MaterialText> */
final class StashFileController extends CsvController
{
    public const TAKEN = '{n, plural, one {One material is} other {# materials are}} taken in.';

    protected function station(): string
    {
        return 'stash';
    }

    protected function page(): string
    {
        return 'stash.import';
    }

    protected function taken(): string
    {
        return self::TAKEN;
    }

    protected function write(User $maker): string
    {
        return StashFile::write($maker->materials()->with('strungOn')->get());
    }

    protected function reading(string $text, User $maker): Reading
    {
        return StashFile::read($text, Stash::finder($maker));
    }

    protected function take(User $maker, array $good): void
    {
        StashFile::take($maker, $good);
    }
}
