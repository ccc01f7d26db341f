<?php

declare(strict_types=1);

namespace Fescue\Core\Sheet;

use Fescue\Core\Tongue\Tongue;

/** What the parts of a sheet are headed. */
final readonly class Titles
{
    public string $size;

    public string $materials;

    public string $gauge;

    public string $abbreviations;

    public string $specials;

    public string $notes;

    public string $finishing;

    public string $care;

    public function __construct(Tongue $tongue)
    {
        $this->size = $tongue->tell('Finished size');
        $this->materials = $tongue->tell('Materials');
        $this->gauge = $tongue->tell('Gauge');
        $this->abbreviations = $tongue->tell('Abbreviations');
        $this->specials = $tongue->tell('Special stitches');
        $this->notes = $tongue->tell('Notes');
        $this->finishing = $tongue->tell('Finishing');
        $this->care = $tongue->tell('Take care');
    }
}
